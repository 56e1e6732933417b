<script lang="ts">
  import type { DoseAnswer } from '../../core/dose';
  import { getShow } from '../parts/show';
  import Table from '../parts/Table.svelte';
  import { getSheet } from './sheet.svelte';

  /** The loads after those that are drawn, as rows. It comes when there are so many. */
  let { dose, from }: { dose: DoseAnswer; from: number } = $props();
  const MOST = 60;
  const { numberText, quantityText } = getShow();
  const sheet = getSheet();
  const view = $derived(sheet.view);
</script>

<Table small>
  <thead>
    <tr>
      <th>Load</th>
      {#if view.stock}<th class="number">Stock</th>{/if}
      <th class="number">Product</th>
      <th class="number">Mix</th>
      <th class="number">Covers</th>
    </tr>
  </thead>
  <tbody>
    {#each dose.loads.slice(from, MOST) as load, i (i)}
      <tr>
        <td>{i + from + 1}</td>
        {#if view.stock}<td class="number"
            >{quantityText({ value: view.stock.fills[i + from] ?? 0, unit: 'l' })}</td
          >{/if}
        <td class="number">{quantityText(load.product)}</td>
        <td class="number">{quantityText(load.finished)}</td>
        <td class="number">{quantityText(load.covers)}</td>
      </tr>
    {/each}
  </tbody>
</Table>
{#if dose.loads.length > MOST}<p class="small">
    {numberText(dose.loads.length)} loads in all: a larger tank would do.
  </p>{/if}
