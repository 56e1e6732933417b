<script lang="ts">
  import { untrack } from 'svelte';
  import { assess, factsFor, letterOf, numberOf, standingCourse } from '../../core/case';
  import { treatmentName } from '../../words';
  import Choice from '../parts/Choice.svelte';
  import DateField from '../parts/DateField.svelte';
  import Field from '../parts/Field.svelte';
  import { getSheet } from './sheet.svelte';

  /** Whose tank the product goes into, and the jar in which both were tried. */
  let { person, onchange }: { person: string; onchange: (shares: boolean) => void } = $props();
  const sheet = getSheet();
  const start = untrack(() => sheet.facts.stops.mix?.shared ?? null);
  let mate = $state(untrack(() => String(start?.with ?? '')));
  const own = $derived(numberOf(sheet.facts));
  /** Treatments of the course that have a tank of their own. */
  const tanks = $derived(
    standingCourse(sheet.facts)
      .filter(({ number, stops }) => number !== own && !stops.mix?.shared)
      .flatMap(({ number }) => {
        const facts = factsFor(sheet.facts, number);
        const view = facts && assess(facts);
        return facts && view?.label?.use.carrier
          ? [
              {
                value: String(number),
                name: `that of ${letterOf(sheet.facts, number)} ${treatmentName(facts, view)}`,
              },
            ]
          : [];
      }),
  );
  /** Whoever goes into this tank already; then it stays a tank of its own. */
  const guests = $derived(
    standingCourse(sheet.facts).filter(
      ({ number, stops }) => number !== own && stops.mix?.shared?.with === own,
    ),
  );
</script>

{#if guests.length > 0}
  <p class="soft">
    {guests.map(({ number }) => letterOf(sheet.facts, number)).join(', ')} of this course goes into this tank as
    well.
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
    <h3>The jar</h3>
    <ol class="small">
      <li>A clear jar, water first, then both products in the order and strength of the tank.</li>
      <li>Shake, let it stand for half an hour, shake again.</li>
      <li>Flakes, jelly, layers that come back, or heat: it separates, and nothing is mixed.</li>
    </ol>
    <div class="fields">
      <DateField label="Shaken on" name="shared.jarOn" value={start?.jarOn ?? sheet.facts.today} />
      <Field label="By" name="shared.jarBy" value={start?.jarBy || person} width="12rem" />
      <Choice
        label="What came of it"
        name="shared.jarResult"
        value={start?.jarResult ?? ''}
        items={[
          { value: '', name: 'not tried yet' },
          { value: 'mixes', name: 'it stayed mixed' },
          { value: 'separates', name: 'it separated' },
        ]}
        width="12rem"
        onchange={() => onchange(true)}
      />
    </div>
  {/if}
{/if}

<style>
  h3 {
    font-size: 1rem;
    margin: 0.8rem 0 0.2rem;
  }
  ol {
    list-style: decimal;
    padding-left: 1.2rem;
    margin: 0 0 0.6rem;
  }
</style>
