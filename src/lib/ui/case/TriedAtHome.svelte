<script lang="ts">
  import { resolve } from '$app/paths';
  import { tick, untrack } from 'svelte';
  import { MOST_TRIED, type Tried } from '../../core/case';
  import { addDays } from '../../core/units';
  import Button from '../parts/Button.svelte';
  import DateField from '../parts/DateField.svelte';
  import Field from '../parts/Field.svelte';
  import Fold from '../parts/Fold.svelte';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';

  /** What was tried without a product, since when, and the day on which it is stopped and judged. */
  const show = getShow();
  const sheet = getSheet();
  const TRIAL_DAYS = 7;
  let rows = $state.raw<readonly Tried[]>(untrack(() => sheet.facts.stops.look?.tried ?? []));
  const now = $derived(sheet.facts.stops.look?.tried ?? rows);
  const on = $derived(now.filter(({ until }) => until >= sheet.facts.today));
  const says = $derived(
    now.length === 0
      ? 'Tried at home: nothing yet'
      : on[0]
        ? `Being tried: ${on[0].what.toLowerCase()}, until ${show.dayText(on[0].until, sheet.facts.today)}`
        : `Tried at home: ${now.length}`,
  );
  let block = $state<HTMLElement>();
  async function followed(): Promise<void> {
    await tick();
    block?.dispatchEvent(new Event('change', { bubbles: true }));
  }
  function add(): void {
    const { today } = sheet.facts;
    rows = [...now, { what: '', from: today, until: addDays(today, TRIAL_DAYS) }];
  }
  function takeOut(at: number): void {
    rows = now.filter((_, i) => i !== at);
    void followed();
  }
</script>

<div bind:this={block}>
  <Fold class="ruled" {says}>
    <p class="soft small">
      One thing at a time, with a day to stop: else nobody knows what helped.
      <a href={resolve('/guide/kitchen')}>Kitchen remedies, with what they harm</a>
    </p>
    {#each rows as row, i (row)}
      <div class="fields">
        <Field label="What is tried" name="tried.{i}.what" value={row.what} width="17rem" />
        <DateField label="Since" name="tried.{i}.from" value={row.from} />
        <DateField label="Day to stop" name="tried.{i}.until" value={row.until} />
        <Button type="button" kind="plain" class="self-end" onclick={() => takeOut(i)}>Take it out</Button>
      </div>
    {/each}
    {#if rows.length < MOST_TRIED}
      <Button type="button" kind="plain" onclick={add}>Write down what is tried</Button>
    {/if}
  </Fold>
</div>
