<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { getShow } from '$lib/ui/parts/show';
  import { resolve } from '$app/paths';
  import { untrack } from 'svelte';
  import Drawing from '$lib/ui/guide/Drawing.svelte';
  import { GROUP_WORDS, STATUS_WORDS } from '$lib/words';
  import type { PageProps } from './$types';

  const show = getShow();
  let { data }: PageProps = $props();
  let typed = $state(untrack(() => data.typed));
  let found = $state.raw<readonly string[] | null>(untrack(() => data.found));

  async function search(): Promise<void> {
    const wanted = typed.trim();
    if (wanted === '') {
      found = null;
      return;
    }
    const { searchGuide } = await import('$lib/ui/guide/search');
    if (wanted === typed.trim()) found = searchGuide(data.findable, wanted);
  }
  const lists = $derived.by(() => {
    const ids = found;
    if (ids === null)
      return data.groups.map((group) => ({
        title: GROUP_WORDS[group],
        entries: data.entries.filter((e) => e.group === group),
      }));
    return [{ title: 'Found', entries: ids.flatMap((id) => data.entries.filter((e) => e.id === id)) }];
  });
</script>

<svelte:head><title>Field guide · Nimsy</title></svelte:head>
<div class="page">
  <div class="flex flex-wrap gap-y-3 gap-x-6 items-center justify-between">
    <h1>Field guide</h1>
    <Button kind="main" href={resolve('/cases/new')}>What is this? Start a sighting</Button>
  </div>
  <form method="GET" role="search">
    <label for="q" class="field-label">Name, scientific name, or what you see</label>
    <input
      id="q"
      name="q"
      type="text"
      class="field-input"
      autocomplete="off"
      bind:value={typed}
      oninput={search}
    />
  </form>
  <p class="soft small">
    {data.entries.length} entries. <a href={resolve('/guide/glossary')}>Words explained</a> ·
    <a href={resolve('/guide/kitchen')}>Kitchen remedies</a>
  </p>
  {#each lists as list (list.title)}
    <h2 class="section-head">{list.title} <span class="soft small">{list.entries.length}</span></h2>
    {#if list.entries.length === 0}
      <p>Nothing fits. Try fewer words, or <a href={resolve('/cases/new')}>start from what you see</a>.</p>
    {/if}
    <ul
      class="entries list-none m-0 p-0 grid grid-cols-[repeat(auto-fill,minmax(min(24rem,100%),1fr))] gap-y-0 gap-x-7"
    >
      {#each list.entries as entry (entry.id)}
        <li>
          <a class="plain-link" href={resolve('/guide/[id]', { id: entry.id })}>
            {#if entry.drawn}<Drawing id={entry.id} name={entry.name} width={108} close />{:else}<span
                class="block h-[40px]"
                aria-hidden="true"
              ></span>{/if}
            <span
              ><span class="figure">{entry.name}</span>
              {#if entry.scientific}<i class="soft small">{entry.scientific}</i>{/if}
              {#if entry.status !== 'pest'}<span class="text-brick-ink font-bold small"
                  >{STATUS_WORDS[entry.status]}</span
                >{/if}
              <span class="small block">{show.prose(entry.telling)}</span></span
            >
          </a>
        </li>
      {/each}
    </ul>
  {/each}
</div>

<style>
  form {
    max-width: 30rem;
    margin-top: 0.8rem;
  }
  .entries li {
    border-bottom: 1px solid var(--rule);
    padding: 0.5rem 0;
  }
  .entries a {
    display: grid;
    grid-template-columns: 108px 1fr;
    gap: 0.9rem;
    align-items: center;
  }
</style>
