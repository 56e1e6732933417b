<script lang="ts">
  import { resolve } from '$app/paths';
  import { untrack } from 'svelte';
  import { MOST_TRIED, openTrials, type Tried } from '../../core/case';
  import { addDays } from '../../core/units';
  import Button from '../parts/Button.svelte';
  import DateField from '../parts/DateField.svelte';
  import Field from '../parts/Field.svelte';
  import Fold from '../parts/Fold.svelte';
  import { Rows } from '../parts/rows.svelte';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';

  /** What was tried without a product, since when, the day on which it is stopped and judged, and what came of it. */
  const show = getShow();
  const sheet = getSheet();
  const TRIAL_DAYS = 7;
  const today = untrack(() => sheet.facts.today);
  const blank: Tried = { what: '', from: today, until: addDays(today, TRIAL_DAYS), outcome: '' };
  const rows = new Rows<Tried>(untrack(() => sheet.facts.stops.look?.tried ?? []));
  const open = $derived(openTrials(sheet.facts.stops.look)[0] ?? null);
  const says = $derived(
    open === null
      ? `Tried at home: ${rows.all.length === 0 ? 'nothing yet' : rows.all.length}`
      : open.until > sheet.facts.today
        ? `Being tried: ${open.what.toLowerCase()}, until ${show.dayText(open.until, sheet.facts.today)}`
        : `To be judged: ${open.what.toLowerCase()}, stopped on ${show.dayText(open.until, sheet.facts.today)}`,
  );
  /** What is to be judged stands open; what is being typed never folds itself away. */
  const judged = untrack(() => open !== null && open.until <= today);
</script>

<div bind:this={rows.box} {@attach rows.heedDraft('tried', blank)}>
  <Fold class="ruled" open={judged} {says}>
    <p class="soft small">
      One thing at a time, with a day to stop: else nobody knows what helped.
      <a href="{resolve('/guide/kitchen')}?case={sheet.facts.number}">Kitchen remedies, with what they harm</a
      >
    </p>
    {#each rows.all as row, i (row.id)}
      <div class="fields">
        <Field label="What is tried" name="tried.{i}.what" value={row.what} width="17rem" />
        <DateField label="Since" name="tried.{i}.from" value={row.from} />
        <DateField label="Day to stop" name="tried.{i}.until" value={row.until} />
        <Field
          label="What came of it"
          name="tried.{i}.outcome"
          value={row.outcome}
          width="17rem"
          hint="counted as before it began; blank until then"
        />
        <Button type="button" kind="plain" class="self-end" onclick={() => rows.drop(row.id)}
          >Take it out</Button
        >
      </div>
    {/each}
    {#if rows.all.length < MOST_TRIED}
      <Button type="button" kind="plain" onclick={() => rows.add(blank, (i) => `tried.${i}.what`)}
        >Write down what is tried</Button
      >
    {/if}
  </Fold>
</div>
