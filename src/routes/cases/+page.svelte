<script lang="ts">
  import Table from '$lib/ui/parts/Table.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { getShow } from '$lib/ui/parts/show';
  import { getMayChange } from '$lib/ui/parts/may';
  import type { PageProps } from './$types';
  const { dayText, numberText } = getShow();

  let { data }: PageProps = $props();
  const may = getMayChange();
  const groups = $derived(
    (['open', 'closed'] as const).map((key) => ({
      key,
      name: key === 'open' ? 'Open' : 'Closed',
      count: data.counts[key],
      first: data.first[key],
      ...data[key],
    })),
  );
</script>

<svelte:head><title>Cases · Nimsy</title></svelte:head>
<div class="page">
  <div class="flex justify-between gap-4 items-center flex-wrap">
    <h1>Cases</h1>
    {#if may()}<Button kind="main" href={resolve('/cases/new')}>What did you see?</Button>{/if}
  </div>
  {#each groups as group (group.name)}
    <h2 class="section-head">{group.name} <span class="soft small">{numberText(group.count)}</span></h2>
    {#if group.rows.length === 0}<p class="soft">none</p>{:else}
      <Table>
        <thead
          ><tr
            ><th>Number</th><th>What is wrong</th><th>Property</th><th
              >{group.name === 'Open' ? 'Opened' : 'Closed'}</th
            ></tr
          ></thead
        >
        <tbody>
          {#each group.rows as c (c.number)}
            <tr>
              <td>{c.number}</td>
              <td><a href={resolve(`/cases/${c.number}`)}>{c.title}</a></td>
              <td>{c.property}</td>
              <td>{dayText(c.closedOn ?? c.openedOn, data.today)}</td>
            </tr>
          {/each}
        </tbody>
      </Table>
      <p class="flex gap-6 my-1.5 mx-0">
        {#if !group.first}<a href={resolve('/cases')}>The newest</a>{/if}
        {#if group.next !== null}<a href="{resolve('/cases')}?{group.key}={group.next}">Older ones</a>{/if}
      </p>
    {/if}
  {/each}
</div>
