<script lang="ts">
  import type { FullAutoFill as AutoFill } from 'svelte/elements';
  import { getErrors } from './errors';

  interface Props {
    label: string;
    name: string;
    value?: string | number | null;
    type?: 'text' | 'date' | 'time' | 'email' | 'password';
    /** A number is typed: a numeric keyboard, but text, so that what was typed is never lost. */
    numeric?: boolean;
    after?: string;
    hint?: string;
    width?: string;
    required?: boolean;
    autocomplete?: AutoFill;
    /** The id of a list of words that are offered while somebody types. */
    list?: string | undefined;
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
    autocomplete = 'off',
    list,
  }: Props = $props();
  const errorFor = getErrors();
  const error = $derived(errorFor(name));
  const id = $derived(`f-${name.replaceAll('.', '-')}`);
</script>

<div style:width style:max-width="100%">
  <label for={id} class="field-label">{after ? `${label}, ${after}` : label}</label>
  <input
    {id}
    {name}
    {type}
    value={value === null ? '' : String(value)}
    inputmode={numeric ? 'decimal' : undefined}
    {autocomplete}
    {required}
    {list}
    class="field-input {numeric ? 'text-right' : ''}"
    aria-invalid={error ? 'true' : undefined}
    aria-describedby={error ? `${id}-e` : hint ? `${id}-h` : undefined}
  />
  {#if error}<p class="field-error" id="{id}-e">{error}</p>
  {:else if hint}<p class="field-hint" id="{id}-h">{hint}</p>{/if}
</div>
