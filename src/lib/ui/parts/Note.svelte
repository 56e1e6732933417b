<script lang="ts">
  import Textarea from 'flowbite-svelte/Textarea.svelte';
  import { getErrors } from './errors';

  let { label, name, value = '' }: { label: string; name: string; value?: string } = $props();
  const errorFor = getErrors();
  const error = $derived(errorFor(name));
  const id = $derived(`f-${name}`);
</script>

<div class="wide">
  <label for={id} class="field-label">{label}</label>
  <Textarea
    {id}
    {name}
    {value}
    rows={2}
    class="field-input w-full"
    aria-invalid={error ? 'true' : undefined}
  />
  {#if error}<p class="field-error">{error}</p>{/if}
</div>

<style>
  .wide {
    width: 100%;
    max-width: 40rem;
  }
</style>
