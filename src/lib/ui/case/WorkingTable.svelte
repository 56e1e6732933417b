<script lang="ts">
  import Table from '../parts/Table.svelte';
  import { workingsOf, type WorkingName } from '../../core/case';
  import { valueIn } from '../../core/units';
  import { formulaWords, inputName, SOURCE_WORDS, unitText } from '../../words';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';

  /** The sum behind a figure: its formula, every input with where it came from, and the result. */
  let { name }: { name: WorkingName } = $props();
  const sheet = getSheet();
  const show = getShow();
  /** Exact figures, in the units of the workspace where Nimsy measured them. */
  function shownIn(value: number, unit: string): string | null {
    if (unit === 'm')
      return `${show.exactText(round(valueIn({ value, unit }, show.lengthUnit)))} ${show.lengthUnit}`;
    if (unit === 'm2' && show.manner.units === 'us')
      return `${show.exactText(round(valueIn({ value, unit }, 'ft2')))} ft²`;
    if (unit === 'per m2') return show.densityText(value, 'm2');
    return null;
  }
  const round = (value: number): number => Number(value.toPrecision(7));
  const working = $derived(workingsOf(sheet.facts, sheet.view)[name]);
  const shown = (value: number | string, unit: string | null): string =>
    (typeof value === 'number' && unit ? shownIn(value, unit) : null) ??
    `${typeof value === 'number' ? show.exactText(round(value)) : value}${unit ? ` ${unit === '%' ? '%' : unit.split(' ').map(unitText).join(' ')}` : ''}`;
</script>

{#if working}
  <p>{formulaWords(working.formula)}</p>
  <Table small>
    <tbody>
      {#each working.inputs as input, i (i)}
        <tr>
          <th scope="row">{inputName(input.name)}</th>
          <td class="number">{shown(input.value, input.unit)}</td>
          <td class="soft"
            >{SOURCE_WORDS[input.source]}{input.clause
              ? `, ${input.source === 'label' || input.name === 'rate' ? 'clause ' : ''}${input.clause}`
              : ''}</td
          >
        </tr>
      {/each}
      <tr>
        <th scope="row">Result</th>
        <td class="number figure">{shown(working.result.value, working.result.unit)}</td>
        <td></td>
      </tr>
    </tbody>
  </Table>
{:else}<p class="soft">There is no working of it yet.</p>
{/if}

<style>
  p {
    margin: 0.3rem 0 0.5rem;
  }
  th[scope='row'] {
    border-bottom: 1px solid var(--rule);
    color: var(--ink);
  }
</style>
