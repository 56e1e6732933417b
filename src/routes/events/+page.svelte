<script lang="ts">
  import { resolve } from '$app/paths';
  import OfficeNav from '$lib/ui/frame/OfficeNav.svelte';
  import { getShow } from '$lib/ui/parts/show';
  import { getZone } from '$lib/ui/parts/today';
  import { eventText } from '$lib/words';
  import type { PageProps } from './$types';
  const show = getShow();
  const { instantText } = show;
  const zone = getZone();

  let { data }: PageProps = $props();
</script>

<svelte:head><title>What happened · Nimsy</title></svelte:head>
<div class="page">
  <OfficeNav role={data.role} alone={data.alone} />
  <h1>What happened in {data.workspace}</h1>
  <p class="soft">
    Sign-ins and failures of its people, roles, links, exports and deletions. Nobody can change or remove a
    line; only owners read them.
  </p>
  {#if data.events.length === 0}<p>Nothing yet.</p>{/if}
  <ul class="rule-list my-4 mx-0">
    {#each data.events as { id, at, kind, person, facts, from } (id)}
      <li>
        <span>{eventText(kind, facts, show)}</span>
        <span class="soft small"
          >{person ? `${person} · ` : ''}{instantText(at, zone())}{from ? ` · from ${from}` : ''}</span
        >
      </li>
    {/each}
  </ul>
  <p class="flex gap-6">
    {#if !data.newest}<a href={resolve('/events')}>The newest</a>{/if}
    {#if data.older !== null}<a href="{resolve('/events')}?before={data.older}">Older ones</a>{/if}
  </p>
</div>

<style>
  li {
    display: grid;
    grid-template-columns: minmax(16rem, 1fr) minmax(14rem, 1fr);
    gap: 0.1rem 1.4rem;
    padding: 0.45rem 0;
  }
  @media (max-width: 800px) {
    li {
      grid-template-columns: 1fr;
    }
  }
</style>
