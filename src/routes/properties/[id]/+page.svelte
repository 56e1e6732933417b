<script lang="ts">
  import { resolve } from '$app/paths';
  import RecordTable from '$lib/ui/case/RecordTable.svelte';
  import { dayText } from '$lib/words';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const p = $derived(data.property);
</script>

<svelte:head><title>{p.name} · Nimsy</title></svelte:head>
<div class="page">
  <div class="top">
    <h1>{p.name}</h1>
    <a class="button button-main" href="{resolve('/cases/new')}?property={p.id}">What did you see?</a>
  </div>
  <p class="soft">
    {p.address}{p.address ? ' · ' : ''}{p.latitude < 0 ? 'southern' : 'northern'} hemisphere, latitude {p.latitude}°{p.byWater
      ? ' · beside open water'
      : ''}
  </p>
  {#if p.note}<p>{p.note}</p>{/if}
  <h2 class="section-head">Cases</h2>
  <ul class="rule-list">
    {#each data.cases as c (c.number)}
      <li>
        <a class="figure" href={resolve('/cases/[number]', { number: String(c.number) })}>{c.title}</a>
        <span class="soft"
          >opened {dayText(c.openedOn, data.today)}{c.closedOn
            ? `, closed ${dayText(c.closedOn, data.today)}`
            : ''}</span
        >
      </li>
    {:else}<li class="soft">none yet</li>{/each}
  </ul>
  <h2 class="section-head">What was put down here</h2>
  {#if data.records.length > 0}<RecordTable records={data.records} today={data.today} />{:else}<p
      class="soft"
    >
      nothing yet
    </p>{/if}
</div>

<style>
  .top {
    display: flex;
    justify-content: space-between;
    gap: 1rem;
    align-items: center;
    flex-wrap: wrap;
  }
</style>
