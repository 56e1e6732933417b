<script lang="ts">
  import Select from 'flowbite-svelte/Select.svelte';
  import { getErrors } from './errors';

  interface Props {
    label: string;
    name: string;
    items: { value: string; name: string }[];
    value: string;
    hint?: string;
    width?: string;
    onchange?: (value: string) => void;
  }
  let { label, name, items, value, hint, width = '11rem', onchange }: Props = $props();
  const errorFor = getErrors();
  const error = $derived(errorFor(name));
  const id = $derived(`f-${name.replaceAll('.', '-')}`);
</script>

<div style:width style:max-width="100%">
  <label for={id} class="field-label">{label}</label>
  <Select
    {id}
    {name}
    {items}
    {value}
    placeholder=""
    classes={{ select: 'field-input' }}
    aria-invalid={error ? 'true' : undefined}
    aria-describedby={error ? `${id}-e` : undefined}
    onchange={(event: Event) => onchange?.((event.currentTarget as HTMLSelectElement).value)}
  />
  {#if error}<p class="field-error" id="{id}-e">{error}</p>
  {:else if hint}<p class="field-hint">{hint}</p>{/if}
</div>
