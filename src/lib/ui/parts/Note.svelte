<script lang="ts">
  import { getErrors } from './errors';

  let { label, name, value = '' }: { label: string; name: string; value?: string } = $props();
  const errorFor = getErrors();
  const error = $derived(errorFor(name));
  const id = $derived(`f-${name}`);
</script>

<div class="wide">
  <label for={id} class="field-label">{label}</label>
  <textarea
    {id}
    {name}
    {value}
    rows="2"
    class="field-input"
    aria-invalid={error ? 'true' : undefined}
    aria-describedby={error ? `${id}-e` : undefined}></textarea>
  {#if error}<p class="field-error" id="{id}-e">{error}</p>{/if}
</div>

<style>
  .wide {
    width: 100%;
    max-width: 40rem;
  }
</style>
