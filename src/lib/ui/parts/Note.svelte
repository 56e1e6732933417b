<script lang="ts">
  import Textarea from 'flowbite-svelte/Textarea.svelte';
  import { getErrors } from './errors';

  let { label, name, value = '' }: { label: string; name: string; value?: string } = $props();
  const errorFor = getErrors();
  const error = $derived(errorFor(name));
  const id = $derived(`f-${name}`);
</script>

<div class="note-field">
  <label for={id} class="field-label">{label}</label>
  <Textarea
    {id}
    {name}
    {value}
    rows={2}
    class="field-input"
    aria-invalid={error ? 'true' : undefined}
    aria-describedby={error ? `${id}-e` : undefined}
  />
  {#if error}<p class="field-error" id="{id}-e">{error}</p>{/if}
</div>
