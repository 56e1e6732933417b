<script lang="ts">
  import Tick from '../parts/Tick.svelte';
  import Button from '../parts/Button.svelte';
  import { untrack } from 'svelte';
  import type { PartMeasured } from '../../core/case';
  import Choice from '../parts/Choice.svelte';
  import { Rows } from '../parts/rows.svelte';
  import NumberField from '../parts/NumberField.svelte';

  /** What is added to a taped rectangle, or taken off it. */
  let { start, unit }: { start: readonly PartMeasured[]; unit: string } = $props();
  const MOST = 20;
  const rows = new Rows<PartMeasured>(untrack(() => start));
  const NAMES = {
    rectangle: ['Length', 'Width'],
    circle: ['Radius', ''],
    triangle: ['Base', 'Height'],
  } as const;
  const add = (kind: PartMeasured['kind'], off = false): void =>
    rows.add({ kind, a: 0, b: 0, off }, (i) => `parts.${i}.a`);
</script>

<div bind:this={rows.box} {@attach rows.heedDraft('parts', { kind: 'rectangle', a: 0, b: 0, off: false })}>
  {#each rows.all as row, i (row.id)}
    <div class="fields items-start">
      <Choice
        label="Part {i + 2}"
        name="parts.{i}.kind"
        value={row.kind}
        items={[
          { value: 'rectangle', name: 'rectangle' },
          { value: 'circle', name: 'circle' },
          { value: 'triangle', name: 'triangle' },
        ]}
        width="8.5rem"
        onchange={(kind) => rows.change(row.id, { kind: kind as PartMeasured['kind'] })}
      />
      <NumberField label={NAMES[row.kind][0]} name="parts.{i}.a" value={row.a || ''} {unit} width="7rem" />
      {#if row.kind !== 'circle'}
        <NumberField label={NAMES[row.kind][1]} name="parts.{i}.b" value={row.b || ''} {unit} width="7rem" />
      {/if}
      <Tick class="mt-7" label="taken off" name="parts.{i}.off" checked={row.off} />
      <Button type="button" class="mt-6" onclick={() => rows.drop(row.id)}>Take out</Button>
    </div>
  {/each}
  <p class="flex flex-wrap gap-2 my-3 mx-0">
    <Button type="button" disabled={rows.all.length >= MOST} onclick={() => add('rectangle')}
      >Add a part</Button
    >
    <Button type="button" disabled={rows.all.length >= MOST} onclick={() => add('rectangle', true)}
      >Take something off</Button
    >
  </p>
</div>
