<script lang="ts">
  import { untrack } from 'svelte';
  import { assess, guestsOf, letterOf, numberOf, tanksOf } from '../../core/case';
  import { treatmentName } from '../../words';
  import Choice from '../parts/Choice.svelte';
  import Jar from './Jar.svelte';
  import { getSheet } from './sheet.svelte';

  /** Whose tank the product goes into, and the jar in which both were tried. */
  let { person, onchange }: { person: string; onchange: (shares: boolean) => void } = $props();
  const sheet = getSheet();
  const start = untrack(() => sheet.facts.stops.mix?.shared ?? null);
  let mate = $state(untrack(() => String(start?.with ?? '')));
  const tanks = $derived(
    tanksOf(sheet.facts).map((facts) => ({
      value: String(numberOf(facts)),
      name: `that of ${letterOf(sheet.facts, numberOf(facts))} ${treatmentName(facts, assess(facts))}`,
    })),
  );
  const guests = $derived(guestsOf(sheet.facts));
</script>

{#if guests.length > 0}
  <p class="soft">
    {guests.map((number) => letterOf(sheet.facts, number)).join(', ')} of this course goes into this tank as well.
  </p>
{:else if tanks.length > 0}
  <Choice
    label="Its tank"
    name="shared.with"
    value={mate}
    items={[{ value: '', name: 'its own' }, ...tanks]}
    width="20rem"
    hint="only where both labels allow it, and after a jar"
    onchange={(value) => {
      mate = value;
      onchange(value !== '');
    }}
  />
  {#if mate !== ''}
    <p class="soft">
      It has the ground, the hours, the tank and the lanes of that one; rate, lot and entry stay its own.
    </p>
    <Jar name="shared" {start} {person} onchange={() => onchange(true)} />
  {/if}
{/if}
