<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { getMayChange } from '$lib/ui/parts/may';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const may = getMayChange();
</script>

<svelte:head><title>Properties · Nimsy</title></svelte:head>
<div class="page">
  <div class="flex justify-between gap-4 items-center flex-wrap mb-3">
    <h1>Properties</h1>
    {#if may()}<Button kind="main" href={resolve('/properties/new')}>Add a property</Button>{/if}
  </div>
  <ul class="rule-list list">
    {#each data.properties as p (p.id)}
      <li>
        <a class="figure" href={resolve('/properties/[id]', { id: p.id })}>{p.name}</a>
        <span class="soft">{p.address}</span>
        <span>{p.open} open, {p.closed} closed</span>
        <span class="soft small note">{p.note}</span>
      </li>
    {:else}<li class="soft">No property yet.</li>{/each}
  </ul>
  <p class="flex gap-6">
    {#if !data.first}<a href={resolve('/properties')}>From the beginning</a>{/if}
    {#if data.next}<a href="{resolve('/properties')}?after={encodeURIComponent(data.next)}">More</a>{/if}
  </p>
</div>

<style>
  .list > li {
    display: grid;
    grid-template-columns: 1.2fr 1.2fr 0.8fr 1.6fr;
    gap: 0.2rem 1rem;
    align-items: baseline;
  }
  @media (max-width: 700px) {
    .list > li {
      grid-template-columns: 1fr;
    }
  }
</style>
