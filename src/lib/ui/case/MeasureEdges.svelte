<script lang="ts">
  import { untrack } from 'svelte';
  import type { EdgeStretch } from '../../core/case';
  import Field from '../parts/Field.svelte';
  import NumberField from '../parts/NumberField.svelte';

  /** What is treated besides the walls: along eaves, windows, doors, each with the width of its band. */
  let { start, unit }: { start: readonly EdgeStretch[]; unit: string } = $props();
  const MOST = 20;
  const KINDS = ['eaves', 'windows', 'doors', 'garage door', 'where pipes go in', 'under steps'];
  let rows = $state(untrack(() => start.map((row, i) => ({ ...row, id: i }))));
  let next = untrack(() => rows.length);
  let box: HTMLElement;
  function add(kind: string): void {
    rows = [...rows, { kind, run: 0, wide: 0, id: next++ }];
    requestAnimationFrame(() =>
      box.querySelector<HTMLInputElement>(`[name="edge.more.${rows.length - 1}.run"]`)?.focus(),
    );
  }
  function drop(id: number): void {
    rows = rows.filter((row) => row.id !== id);
    requestAnimationFrame(() => box.dispatchEvent(new Event('input', { bubbles: true })));
  }
</script>

<div bind:this={box}>
  {#each rows as row, i (row.id)}
    <div class="fields row">
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
      <button type="button" class="button out" onclick={() => drop(row.id)}>Take out</button>
    </div>
  {/each}
  <p class="adds">
    {#each KINDS.filter((kind) => !rows.some((row) => row.kind === kind)) as kind (kind)}
      <button type="button" class="button" disabled={rows.length >= MOST} onclick={() => add(kind)}
        >+ {kind}</button
      >
    {/each}
  </p>
</div>

<style>
  .adds {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin: 0.8rem 0;
  }
  .row {
    align-items: flex-start;
  }
  .out {
    margin-top: 1.6rem;
  }
</style>
