<script lang="ts">
  import { untrack } from 'svelte';
  import Choice from '../parts/Choice.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import type { PestName } from './pest-name';

  /** A rate of the label for one severity, pest or life stage. */
  interface Props {
    name: string;
    number: number;
    was: (key: string, other?: string) => string;
    pests: readonly PestName[];
  }
  let { name, number, was, pests }: Props = $props();
  let by = $state(untrack(() => was('by', 'severity')));
  const SEVERITIES = ['light', 'moderate', 'heavy'].map((id) => ({ value: id, name: id }));
  const items = $derived.by(() => {
    const known =
      by === 'severity'
        ? SEVERITIES
        : by === 'pest'
          ? pests.map((p) => ({ value: p.id, name: p.name }))
          : [...new Map(pests.flatMap((p) => p.stages).map((s) => [s.id, s.name]))].map(([value, of]) => ({
              value,
              name: of,
            }));
    const own = was('by', 'severity') === by ? was('of') : '';
    const more = own !== '' && !known.some((item) => item.value === own) ? [{ value: own, name: own }] : [];
    return [{ value: '', name: 'choose' }, ...known, ...more];
  });
</script>

<div class="fields">
  <Choice
    label="Step {number}, by"
    name="{name}.by"
    value={by}
    items={[
      { value: 'severity', name: 'severity' },
      { value: 'pest', name: 'pest' },
      { value: 'stage', name: 'life stage' },
    ]}
    width="8rem"
    onchange={(value) => (by = value)}
  />
  {#key by}
    <Choice
      label="of"
      name="{name}.of"
      value={was('by', 'severity') === by ? was('of') : ''}
      {items}
      width="14rem"
    />
  {/key}
  <NumberField label="from" name="{name}.min" value={was('min')} width="6.5rem" />
  <NumberField label="to" name="{name}.max" value={was('max')} width="6.5rem" />
</div>
