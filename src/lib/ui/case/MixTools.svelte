<script lang="ts">
  import Table from '../parts/Table.svelte';
  import {
    cleaningOf,
    inTool,
    markThatServes,
    portionOf,
    toolsFor,
    type DoseAnswer,
    type MeasureTool,
  } from '../../core/dose';
  import type { CardInUse } from '../../core/labels';
  import { dimensionOf, quantity, type Quantity, type Unit } from '../../core/units';
  import { unitText } from '../../words';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';
  import type { Tool } from './stop-props';

  /** Which tool measures it best, what the tank is marked with, and how it is cleaned at the end. */
  interface Props {
    equipment: readonly Tool[];
    label: CardInUse;
    dose: DoseAnswer;
    person: string;
    time: string;
  }
  let { equipment, label, dose, person, time }: Props = $props();
  const show = getShow();
  const sheet = getSheet();
  const mix = $derived(sheet.facts.stops.mix);
  const { unit } = $derived(dose.exactProduct);
  /** Those that are in hand, and another one that was typed. */
  const measures = $derived(
    equipment
      .filter(({ kind }) => kind === 'measure')
      .map((tool) => ({
        name: tool.name,
        step: quantity(tool.size, tool.unit as Unit),
        holds: tool.holds === null ? null : quantity(tool.holds, tool.unit as Unit),
      })),
  );
  const rate = $derived({ ...label.use.rate, chosen: mix?.rate ?? label.use.rate.min });
  const first = $derived(dose.loads[0] ?? null);
  const portion = $derived(portionOf(dose, first, rate, mix?.carryOver ?? null));
  const fits = $derived(dimensionOf(unit) === 'things' ? [] : toolsFor(portion, unit, measures));
  const coarse = $derived(dose.problems.includes('measure-too-coarse'));
  function told(amount: Quantity, tool: MeasureTool): string {
    const found = inTool(amount, tool);
    if (!found) return '';
    const last = found.last.value > 0 ? show.quantityText(found.last) : '';
    if (!found.holds || found.full === 0) return `to the ${last || show.quantityText(amount)} mark`;
    return `${found.full} × full${last ? `, then ${last}` : ''}`;
  }
  const tank = $derived(equipment.find(({ name }) => name === mix?.tankName && name !== ''));
  const capacity = $derived(mix?.tank ?? null);
  const cleaning = $derived(
    capacity && cleaningOf(dose, capacity, tank?.undrawn ? quantity(tank.undrawn, tank.unit as Unit) : null),
  );
  const strength = $derived(
    dose.finished ? quantity(dose.exactProduct.value / dose.finished.value, unit) : null,
  );
</script>

{#if fits.length > 0 && (fits.length > 1 || coarse)}
  <section class="mt-4 max-w-[44rem]" aria-label="Measuring tools">
    <h2 class="section-head">
      {first ? 'Load 1' : 'It'} with each tool
      <span class="soft small"
        >exactly {show.quantityText(quantity(portion.exact - portion.carried, unit))}</span
      >
    </h2>
    <Table small>
      <tbody>
        {#each fits as { tool, amount, errorPct, coarse: no } (tool.name)}
          <tr class:used={tool.name === mix?.measureName}>
            <th scope="row">{tool.name}</th>
            <td>{no ? 'no mark of it keeps to the label' : told(amount, tool)}</td>
            <td class="number"
              >{no
                ? ''
                : Math.abs(errorPct) < 0.05
                  ? 'exact'
                  : `${show.numberText(Math.abs(Number(errorPct.toFixed(1))))} % ${errorPct > 0 ? 'over' : 'under'}`}</td
            >
          </tr>
        {/each}
      </tbody>
    </Table>
    {#if fits.every((fit) => fit.coarse) && markThatServes(portion) > 0}
      <p class="small">
        ! None serves. A tool with marks of {show.numberText(markThatServes(portion))}
        {unitText(unit)} or finer would, or larger loads.
      </p>
    {/if}
  </section>
{/if}
{#if strength && dose.finished && dose.loads.length > 0}
  <section class="mt-4 max-w-[44rem]" aria-label="Mark the tank, and clean it">
    <h2 class="section-head">Mark the tank, and clean it</h2>
    <p>
      On the tank while anything is in it: <b class="inline-block border-2 border-ink py-0.5 px-2"
        >{label.name}, {show.quantityText(strength)} in {show.quantityText(quantity(1, dose.finished.unit))}, {show.dayText(
          sheet.facts.today,
        )}
        {time}, {person}</b
      >
    </p>
    {#if cleaning}
      <p>
        {show.quantityText(cleaning.stays)} cannot be drawn{cleaning.measured
          ? ''
          : ' (a hundredth of the tank, as nobody measured it)'}: {show.quantityText(cleaning.product)} of product
        stays in it. Pressure off, then {cleaning.rinses} rinses of {show.quantityText(cleaning.water)} through
        hose and nozzle, over the ground that was treated: {show.numberText(
          Number(cleaning.leftPct.toPrecision(2)),
        )} % of that is left then. Never into a drain or onto hard ground.
      </p>
    {/if}
  </section>
{/if}

<style>
  .used {
    font-weight: 650;
  }
  p {
    margin: 0.4rem 0;
  }
</style>
