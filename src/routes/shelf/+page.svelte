<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { FAMILIES } from '$lib/core/labels';
  import { FAMILY_WORDS, FORM_WORDS, SITE_WORDS, useRateText } from '$lib/words';
  import { getShow } from '$lib/ui/parts/show';
  import { getMayChange } from '$lib/ui/parts/may';
  import Containers from '$lib/ui/shelf/Containers.svelte';
  import type { PageProps } from './$types';
  const show = getShow();

  let { data }: PageProps = $props();
  const may = getMayChange();
  const owned = $derived(data.shelf.filter((entry) => entry.held > 0));
  const cards = $derived(data.shelf.filter((entry) => entry.held === 0));
  const families = $derived(
    FAMILIES.map((family) => ({ family, cards: cards.filter((c) => c.label.family === family) })).filter(
      (group) => group.cards.length > 0,
    ),
  );
  const about = ({ label }: (typeof data.shelf)[number]): string =>
    `${FORM_WORDS[label.form]} · ${FAMILY_WORDS[label.family]}${label.demonstration ? ' · demonstration label' : ''}`;
</script>

<svelte:head><title>Shelf · Nimsy</title></svelte:head>
<div class="page">
  <div class="flex gap-y-2 gap-x-4 items-center flex-wrap justify-between">
    <h1>Shelf</h1>
    <div class="flex gap-y-2 gap-x-4 items-center flex-wrap justify-between">
      {#if may()}
        <Button kind="main" href={resolve('/shelf/new')}>Copy a label</Button>
        <Button href={resolve('/shelf/import')}>Read in</Button>
      {/if}
      <a class="button" href={resolve('/shelf/export')} download>Cards as JSON</a>
      <a class="button" href={resolve('/shelf/stock')} download>Stock as CSV</a>
    </div>
  </div>
  {#each owned as entry (entry.label.id)}
    <section>
      <h2 class="section-head">
        <a class="plain-link" href={resolve('/shelf/[label]', { label: entry.label.id })}
          >{entry.label.name}</a
        >
        <span class="soft small">{about(entry)}</span>
      </h2>
      <p class="soft small">
        {entry.label.uses.map((use) => useRateText(use, show)).join(' · ')}
      </p>
      <Containers containers={entry.containers} today={data.today} living={entry.label.family === 'living'} />
      {#if entry.held > entry.containers.length}
        <p class="small">
          <a href={resolve('/shelf/[label]', { label: entry.label.id })}
            >All {entry.held} containers, empty ones too</a
          >
        </p>
      {/if}
    </section>
  {:else}<p class="soft">No container yet.</p>{/each}

  <h2 class="section-head">Cards without a container <span class="soft small">{cards.length}</span></h2>
  {#each families as { family, cards: list } (family)}
    <h3>{FAMILY_WORDS[family]}</h3>
    <ul class="rule-list">
      {#each list as { label } (label.id)}
        <li>
          <a class="plain-link figure" href={resolve('/shelf/[label]', { label: label.id })}>{label.name}</a>
          <span class="soft small"
            >{FORM_WORDS[label.form]} · {[...new Set(label.uses.flatMap((use) => use.sites))]
              .map((s) => SITE_WORDS[s])
              .join('; ')}{label.demonstration ? ' · demonstration label' : ''}</span
          >
        </li>
      {/each}
    </ul>
  {/each}
</div>

<style>
  h3 {
    margin: 0.9rem 0 0.1rem;
    font-size: 1rem;
  }
</style>
