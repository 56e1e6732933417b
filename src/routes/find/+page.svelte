<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const KINDS = { case: 'Cases', property: 'Properties', customer: 'Customers', label: 'Labels' } as const;
  type Found = NonNullable<PageProps['data']['found']>[number];
  const groups = $derived(
    (Object.keys(KINDS) as (keyof typeof KINDS)[])
      .map((kind) => ({ kind, entries: (data.found ?? []).filter((f) => f.kind === kind) }))
      .filter(({ entries }) => entries.length > 0),
  );
  const href = ({ kind, key }: Found): string =>
    kind === 'case'
      ? resolve('/cases/[number]', { number: key })
      : kind === 'property'
        ? resolve('/properties/[id]', { id: key })
        : kind === 'customer'
          ? resolve('/customers/[id]', { id: key })
          : resolve('/shelf/[label]', { label: key });
</script>

<svelte:head><title>Find · Nimsy</title></svelte:head>
<div class="page">
  <h1>Find</h1>
  <form
    method="GET"
    role="search"
    class="ask grid grid-cols-[minmax(10rem,26rem)_auto] gap-y-1 gap-x-3 my-3 mx-0"
  >
    <label class="field-label" for="f-q">Words, or their beginnings</label>
    <!-- svelte-ignore a11y_autofocus -->
    <input id="f-q" class="field-input" name="q" value={data.words} autocomplete="off" autofocus />
    <Button kind="main">Find</Button>
  </form>
  {#if data.found && data.found.length === 0}
    <p>Nothing here holds all of these words. Cases, properties, customers and labels were looked through.</p>
  {/if}
  {#each groups as { kind, entries } (kind)}
    <h2 class="section-head">{KINDS[kind]}</h2>
    <ul class="rule-list">
      {#each entries as entry (entry.key)}
        <li>
          <a class="figure" href={href(entry)}>{entry.title}</a>
          <span class="soft">{entry.detail ?? ''}</span>
        </li>
      {/each}
    </ul>
  {/each}
</div>

<style>
  .ask {
    justify-content: start;
  }
  .ask label {
    grid-column: 1 / 3;
  }
</style>
