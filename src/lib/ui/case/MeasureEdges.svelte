<script lang="ts">
  import Button from '../parts/Button.svelte';
  import { untrack } from 'svelte';
  import type { EdgeStretch } from '../../core/case';
  import Field from '../parts/Field.svelte';
  import { Rows } from '../parts/rows.svelte';
  import NumberField from '../parts/NumberField.svelte';

  /** What is treated besides the walls: along eaves, windows, doors, each with the width of its band. */
  let { start, unit }: { start: readonly EdgeStretch[]; unit: string } = $props();
  const MOST = 20;
  const KINDS = ['eaves', 'windows', 'doors', 'garage door', 'where pipes go in', 'under steps'];
  const rows = new Rows<EdgeStretch>(untrack(() => start));
  const add = (kind: string): void => rows.add({ kind, run: 0, wide: 0 }, (i) => `edge.more.${i}.run`);
</script>

<div bind:this={rows.box} {@attach rows.heedDraft('edge.more', { kind: '', run: 0, wide: 0 })}>
  {#each rows.all as row, i (row.id)}
    <div class="fields items-start">
      <Field label="Besides" name="edge.more.{i}.kind" value={row.kind} width="11rem" />
      <NumberField
        label="Running length"
        name="edge.more.{i}.run"
        value={row.run || ''}
        {unit}
        width="9rem"
      />
      <NumberField
        label="Band of it, wide"
        name="edge.more.{i}.wide"
        value={row.wide || ''}
        {unit}
        width="9rem"
        hint={i === 0 ? 'empty for a crack' : ''}
      />
      <Button type="button" class="mt-6" onclick={() => rows.drop(row.id)}>Take out</Button>
    </div>
  {/each}
  <p class="flex flex-wrap gap-2 my-3 mx-0">
    {#each KINDS.filter((kind) => !rows.all.some((row) => row.kind === kind)) as kind (kind)}
      <Button type="button" disabled={rows.all.length >= MOST} onclick={() => add(kind)}>+ {kind}</Button>
    {/each}
  </p>
</div>
