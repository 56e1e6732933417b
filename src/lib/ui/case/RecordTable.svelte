<script lang="ts">
  import Button from '../parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { outsideText, overText, tickText } from '../../words';
  import type { ApplicationRecord } from '../../core/record';
  import { getZone } from '../parts/today';
  import { getShow } from '../parts/show';
  const show = getShow();
  const zone = getZone();
  const { dayText, quantityText } = show;

  interface Props {
    records: readonly ApplicationRecord[];
    today: string;
    correct?: ((record: ApplicationRecord) => void) | null;
  }
  let { records, today, correct = null }: Props = $props();
  const corrected = $derived(new Set(records.map((r) => r.corrects).filter((id) => id !== null)));
</script>

<ul class="rule-list">
  {#each records as record (record.id)}
    {@const old = corrected.has(record.id)}
    <li class:old>
      <p class="head flex flex-wrap gap-y-1 gap-x-3">
        <span class="figure"
          >{dayText(record.doneOn, today)}, {record.startedAt}–{record.endedAt}{record.endedAt <
          record.startedAt
            ? ' next day'
            : ''}</span
        >
        <span>{quantityText(record.product)} of {record.label.name} {overText(record.area, show)}</span>
        {#if old}<span class="text-[0.85rem] border border-edge rounded-sm py-0 px-1.5 no-underline"
            >corrected later</span
          >{/if}
        {#if record.corrects}<span
            class="text-[0.85rem] border border-edge rounded-sm py-0 px-1.5 no-underline"
            >corrects an earlier entry</span
          >{/if}
      </p>
      <p class="soft small">
        {record.person}{record.licence ? `, licence ${record.licence}` : ''} ·
        <a href="{resolve('/shelf/[label]', { label: record.label.id })}?version={record.label.version}"
          >label version {record.label.version}</a
        >{record.lot ? ` · lot ${record.lot}` : ''}{record.finished
          ? ` · ${quantityText(record.finished)} of mix`
          : ''}{record.windKmh !== null ? ` · wind ${show.windText(record.windKmh)}` : ''}{record.tempC !==
        null
          ? ` · ${show.degreesText(record.tempC)}`
          : ''}{record.planned ? ` · planned ${quantityText(record.planned.product)}` : ''}
        · logged {show.instantText(record.loggedAt, zone(), today)}{record.account &&
        record.account !== record.person
          ? ` by the account of ${record.account}`
          : ''}{record.importedAt ? ' · read in from a file' : ''}
      </p>
      {#if record.chosenBecause}<p class="small">Chosen because: {record.chosenBecause}</p>{/if}
      {#if record.outside?.length}
        <ul
          class="list-none p-0 my-0.5 mx-0 text-brick-ink text-[0.95rem]"
          aria-label="Outside the label or the plan"
        >
          {#each record.outside as one, i (i)}<li>! {outsideText(one, show)}</li>{/each}
        </ul>
      {/if}
      {#if record.note}<p class="small">{record.note}</p>{/if}
      {#if record.ticked.length > 0}<p class="soft small">
          Ticked: {record.ticked.map((t) => tickText(t.code) + (t.said ? ` (“${t.said}”)` : '')).join(', ')}
        </p>{/if}
      {#if correct && !old}<Button type="button" kind="plain" onclick={() => correct(record)}
          >Correct this entry</Button
        >{/if}
    </li>
  {/each}
</ul>

<style>
  p {
    margin: 0 0 0.15rem;
  }
  .old .head {
    text-decoration: line-through;
    color: var(--soft);
  }
</style>
