<script lang="ts">
  import type { Working } from '../../core/case';
  import { formulaWords, inputName, SOURCE_WORDS, unitText } from '../../words';
  import { getShow } from './show';
  const { numberText } = getShow();

  let { working, label = 'Show the working' }: { working: Working | undefined; label?: string } = $props();
  const shown = (value: number | string, unit: string | null): string =>
    `${typeof value === 'number' ? numberText(value) : value}${unit ? ` ${unit === '%' ? '%' : unit.split(' ').map(unitText).join(' ')}` : ''}`;
</script>

{#if working}
  <details class="working">
    <summary>{label}</summary>
    <p>{formulaWords(working.formula)}</p>
    <table class="table small">
      <tbody>
        {#each working.inputs as input (input.name)}
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
    </table>
  </details>
{/if}

<style>
  .working {
    margin: 0.2rem 0;
  }
  summary {
    display: inline-block;
    cursor: pointer;
    color: var(--petrol);
    text-decoration: underline;
    text-underline-offset: 3px;
    padding: 0.3rem 0;
  }
  .working[open] {
    border-left: 3px solid var(--petrol);
    padding-left: 0.9rem;
    max-width: 40rem;
  }
  p {
    margin: 0.3rem 0 0.5rem;
  }
  th[scope='row'] {
    border-bottom: 1px solid var(--rule);
    color: var(--ink);
  }
</style>
