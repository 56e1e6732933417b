<script lang="ts">
  import Input from 'flowbite-svelte/Input.svelte';
  import Label from 'flowbite-svelte/Label.svelte';
  import { getErrors } from './errors';

  interface Props {
    label: string;
    name: string;
    value?: string | number | null;
    type?: 'text' | 'date' | 'time';
    /** A number is typed: a numeric keyboard, but text, so that what was typed is never lost. */
    numeric?: boolean;
    after?: string;
    hint?: string;
    width?: string;
    required?: boolean;
  }
  let {
    label,
    name,
    value = '',
    type = 'text',
    numeric = false,
    after,
    hint,
    width = '9rem',
    required = false,
  }: Props = $props();
  const errorFor = getErrors();
  const error = $derived(errorFor(name));
  const id = $derived(`f-${name.replaceAll('.', '-')}`);
</script>

<div style:width style:max-width="100%">
  <Label for={id} class="field-label">{after ? `${label}, ${after}` : label}</Label>
  <Input
    {id}
    {name}
    {type}
    value={value === null ? '' : String(value)}
    inputmode={numeric ? 'decimal' : undefined}
    autocomplete="off"
    {required}
    class="field-input {numeric ? 'text-right' : ''}"
    aria-invalid={error ? 'true' : undefined}
    aria-describedby={error ? `${id}-e` : hint ? `${id}-h` : undefined}
  />
  {#if error}<p class="field-error" id="{id}-e">{error}</p>
  {:else if hint}<p class="field-hint" id="{id}-h">{hint}</p>{/if}
</div>
