<script lang="ts">
  import Table from '$lib/ui/parts/Table.svelte';
  import { resolve } from '$app/paths';
  import { getShow } from '$lib/ui/parts/show';
  import { brokenText, overText } from '$lib/words';
  import type { PageProps } from './$types';
  const show = getShow();
  const { dayText, quantityText } = show;

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Logbook · Nimsy</title></svelte:head>
<div class="page">
  <h1>Logbook</h1>
  <p class="soft">
    What was put down, newest first. Entries are never changed; a corrected one stays readable and no longer
    counts.
  </p>
  {#each data.broken as one, i (i)}<p class="field-error" role="alert">! {brokenText(one, show)}</p>{/each}
  <div class="overflow-x-auto">
    <Table>
      <thead
        ><tr
          ><th>Date</th><th>Property</th><th>Product</th><th class="number">Amount</th><th class="number"
            >Area</th
          ><th>Lot</th><th>Weather</th><th>Who</th><th>Case</th></tr
        ></thead
      >
      <tbody>
        {#each data.records as { record, property, corrected } (record.id)}
          <tr class:old={corrected}>
            <td
              >{dayText(record.doneOn, data.today)}<br /><span class="soft small"
                >{record.startedAt}–{record.endedAt}</span
              ></td
            >
            <td>{property}</td>
            <td
              >{record.label.name}<br /><span class="soft small"
                >version {record.label.version}{corrected ? ' · corrected later' : ''}{record.corrects
                  ? ' · a correction'
                  : ''}</span
              ></td
            >
            <td class="number">{quantityText(record.product)}</td>
            <td class="number"
              >{record.area.unit === 'count' ? overText(record.area, show) : quantityText(record.area)}</td
            >
            <td>{record.lot ?? ''}</td>
            <td class="small"
              >{[
                record.windKmh !== null ? `wind ${show.windText(record.windKmh)}` : '',
                record.tempC !== null ? `${show.degreesText(record.tempC)}` : '',
              ]
                .filter(Boolean)
                .join(', ')}</td
            >
            <td>{record.person}</td>
            <td><a href={resolve(`/cases/${record.caseNumber}/log`)}>{record.caseNumber}</a></td>
          </tr>
        {:else}<tr><td colspan="9" class="soft">Nothing was put down yet.</td></tr>{/each}
      </tbody>
    </Table>
  </div>
  <p class="flex gap-6">
    {#if !data.first}<a href={resolve('/logbook')}>The newest</a>{/if}
    {#if data.next}<a href="{resolve('/logbook')}?after={data.next}">Older entries</a>{/if}
  </p>
</div>

<style>
  .old td {
    color: var(--soft);
    text-decoration: line-through;
  }
</style>
