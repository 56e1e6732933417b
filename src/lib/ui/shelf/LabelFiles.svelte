<script lang="ts">
  import Button from '../parts/Button.svelte';
  import { resolve } from '$app/paths';

  /** The real label and the safety sheet, to be read beside the card. */
  interface Props {
    label: string;
    files: readonly { id: string; kind: string; type: string; name: string }[];
  }
  let { label, files }: Props = $props();
  let chosen = $state(0);
  const file = $derived(files[Math.min(chosen, files.length - 1)]);
  const addressOf = (id: string): string => resolve('/shelf/[label]/files/[id]', { label, id });
</script>

{#if file}
  <h2 class="section-head">The real one</h2>
  {#if files.length > 1}
    <p class="small">
      {#each files as f, i (f.id)}
        <Button type="button" kind="plain" aria-pressed={i === chosen} onclick={() => (chosen = i)}
          >{f.kind === 'label' ? 'Label' : 'Safety sheet'} {i + 1}</Button
        >
      {/each}
    </p>
  {/if}
  {#if file.type === 'image/jpeg'}
    <a href={addressOf(file.id)} target="_blank" rel="noopener"
      ><img
        src={addressOf(file.id)}
        alt="{file.kind === 'label' ? 'The label' : 'The safety sheet'}: {file.name}"
      /></a
    >
  {:else}
    <iframe src={addressOf(file.id)} title={file.name}></iframe>
    <p class="small">
      <a href={addressOf(file.id)} target="_blank" rel="noopener">Open {file.name} alone</a>
    </p>
  {/if}
{/if}

<style>
  img {
    max-width: 100%;
    border: 1px solid var(--rule);
  }
  iframe {
    width: 100%;
    height: 22rem;
    border: 1px solid var(--rule);
  }
</style>
