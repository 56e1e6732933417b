<script lang="ts">
  import Button from '../parts/Button.svelte';
  import { onMount } from 'svelte';
  import { generalNumber } from '../../words/emergency';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';

  /** What a new workspace is asked for: its name, what it is, and whom one calls there. */
  let { was }: { was: (name: string) => string } = $props();
  /** Of the clock in hand; none before the scripts came. */
  let zone = $state('');
  let taken = $state<string | null>(null);
  const proposed = $derived(zone === '' ? null : generalNumber(zone));
  onMount(() => {
    zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  });
</script>

<input type="hidden" name="timeZone" value={zone || was('timeZone')} />
<div class="fields my-3 mx-0 items-start">
  <Field label="Name of the household or firm" name="workspace" value={was('workspace')} width="20rem" />
  <Choice
    label="This is"
    name="kind"
    value={was('kind') || 'household'}
    width="12rem"
    items={[
      { value: 'household', name: 'a household' },
      { value: 'firm', name: 'a firm or club' },
    ]}
    hint="in a household nobody counts as licensed"
  />
</div>
<p class="mt-1 mb-0 mx-0">
  Whom do you call when somebody is poisoned or stung? The numbers stand on the emergency card of every
  screen; what is blank is asked again.
</p>
<div class="fields my-3 mx-0 items-start">
  <Field label="Poison advice" name="emergency.poison" value={was('emergency.poison')} width="13rem" />
  <Field
    label="Emergency services"
    name="emergency.police"
    value={taken ?? was('emergency.police')}
    width="13rem"
  />
  {#if proposed && taken === null}
    <Button type="button" kind="plain" onclick={() => (taken = proposed)}
      >{proposed}, by this clock: put it in, then check it</Button
    >
  {/if}
</div>
