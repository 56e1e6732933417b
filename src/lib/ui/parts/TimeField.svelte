<script lang="ts">
  import Input from 'flowbite-svelte/Input.svelte';
  import { untrack } from 'svelte';
  import { CLOCK, readClock } from '../../core/units';
  import { getErrors } from './errors';

  /** A time of day, 24 hours: "6:30", "0630" and "6.30 pm" are read. */
  interface Props {
    label: string;
    name?: string;
    value?: string | null;
    hint?: string;
    width?: string;
    ontime?: (time: string | null) => void;
  }
  let { label, name, value = '', hint, width = '7rem', ontime }: Props = $props();
  const errorFor = getErrors();
  const own = $props.id();
  const error = $derived(name === undefined ? undefined : errorFor(name));
  const id = $derived(name === undefined ? own : `f-${name.replaceAll('.', '-')}`);
  let field = $state<HTMLInputElement>();
  let text = $state(untrack(() => value ?? ''));
</script>

<div style:width style:max-width="100%">
  <label for={id} class="field-label">{label}</label>
  <Input
    {id}
    {name}
    type="text"
    autocomplete="off"
    bind:value={text}
    bind:elementRef={field}
    oninput={() => ontime?.(readClock(field?.value ?? ''))}
    onchange={() => (text = readClock(text) ?? text)}
    class="field-input"
    aria-invalid={error ? 'true' : undefined}
    aria-describedby={error ? `${id}-e` : hint ? `${id}-h` : undefined}
  />
  {#if name}<input type="hidden" name="{name}{CLOCK}" value="24" />{/if}
  {#if error}<p class="field-error" id="{id}-e">{error}</p>
  {:else if hint}<p class="field-hint" id="{id}-h">{hint}</p>{/if}
</div>
