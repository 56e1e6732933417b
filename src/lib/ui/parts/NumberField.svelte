<script lang="ts">
  import type { ComponentProps } from 'svelte';
  import { unitText } from '../../words';
  import { getErrors } from './errors';
  import NumberInput from './NumberInput.svelte';

  /** A number with its name above it and what is wrong with it below. */
  interface Props extends Pick<
    ComponentProps<typeof NumberInput>,
    'unit' | 'keptIn' | 'most' | 'whole' | 'signed' | 'placeholder' | 'onnumber' | 'onsettled'
  > {
    label: string;
    value?: number | string | null | undefined;
    /** Sent by this name; without one it is only told. */
    name?: string;
    /** What it is in, where it is no unit: "%". */
    after?: string | undefined;
    hint?: string | undefined;
    width?: string | undefined;
  }
  let { label, name, value, unit, after, hint, width = '9rem', ...rest }: Props = $props();
  const errorFor = getErrors();
  const own = $props.id();
  const error = $derived(name === undefined ? undefined : errorFor(name));
  const id = $derived(name === undefined ? own : `f-${name.replaceAll('.', '-')}`);
  const behind = $derived(after ?? (unit === undefined ? '' : unitText(unit)));
</script>

<div style:width style:max-width="100%">
  <label for={id} class="field-label">{behind ? `${label}, ${behind}` : label}</label>
  <NumberInput
    {id}
    {...name === undefined ? {} : { name }}
    {value}
    {...unit === undefined ? {} : { unit }}
    invalid={error !== undefined}
    describedby={error ? `${id}-e` : hint ? `${id}-h` : undefined}
    {...rest}
  />
  {#if error}<p class="field-error" id="{id}-e">{error}</p>
  {:else if hint}<p class="field-hint" id="{id}-h">{hint}</p>{/if}
</div>
