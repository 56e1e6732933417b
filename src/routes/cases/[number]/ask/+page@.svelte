<script lang="ts">
  import Notice from '$lib/ui/parts/Notice.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const sheets = $derived(data.report ? [data.report, data.expert] : [data.expert]);
  const number = $derived(String(data.number));
</script>

<svelte:head><title>Ask and tell · case {data.number} · Nimsy</title></svelte:head>
<div class="page">
  <p class="small bar gap-5 items-center">
    <a href={resolve('/cases/[number]', { number })}>Back to the case</a>
    <Button type="button" onclick={() => print()}>Print</Button>
  </p>
  {#each sheets as sheet (sheet.kind)}
    <section>
      <h1>{sheet.title}</h1>
      {#if sheet.kind === 'report'}
        <Notice>
          <span class="figure">Nobody has sent this.</span>
          {data.call}. Local rules say who is to be told, and how soon.
        </Notice>
      {/if}
      {#each sheet.sections as part (part.title)}
        <h2 class="section-head">{part.title}</h2>
        <ul>
          {#each part.lines as line (line)}<li>{line}</li>{/each}
        </ul>
      {/each}
      {#if data.photos.length > 0}
        <h2 class="section-head">Photographs</h2>
        <ul class="photos list-none grid grid-cols-[repeat(auto-fill,minmax(12rem,1fr))] gap-4">
          {#each data.photos as photo (photo.id)}
            <li>
              <img
                src={resolve('/cases/[number]/photos/[id]', { number, id: photo.id })}
                alt={photo.note || 'Photograph'}
              />
              {photo.note}
            </li>
          {/each}
        </ul>
      {/if}
      <p class="small bar gap-5 items-center">
        <a href="{resolve('/cases/[number]/ask/text', { number })}?sheet={sheet.kind}" data-sveltekit-reload
          >The same as text, for a message</a
        >
      </p>
    </section>
  {/each}
</div>

<style>
  .bar {
    display: flex;
  }
  section {
    max-width: 46rem;
    margin-bottom: 2.5rem;
  }
  ul {
    margin: 0.3rem 0 0;
    padding-left: 1.2rem;
  }
  li {
    overflow-wrap: anywhere;
  }
  .photos {
    padding: 0;
  }
  .photos img {
    width: 100%;
    display: block;
  }
  @media print {
    .bar {
      display: none;
    }
    section {
      break-after: page;
    }
  }
</style>
