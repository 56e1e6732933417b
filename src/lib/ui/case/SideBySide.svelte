<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import Table from '../parts/Table.svelte';
  import { comparisons, type Option } from '../../core/choose';
  import { SIDE_WORDS } from '../../words';
  import NumberField from '../parts/NumberField.svelte';
  import { getShow } from '../parts/show';

  /** What people disagree about, in numbers for this lawn. */
  let { options }: { options: readonly Option[] } = $props();
  const { priceText, quantityText } = getShow();
  const CONSEQUENCES = {
    granule: 'no water to carry; two crossed passes at half the rate; watering in decides',
    liquid: 'even at once; wind and a calibrated sprayer decide',
    blanket: 'everything that lives there meets it',
    spot: 'needs the edges of the damage marked; the rest stays as it is',
    prevent: 'only with history or flight seen; nothing tells whether it was needed',
    cure: 'only what was counted is treated; large larvae are harder to kill',
  };
  let share = $state<number | null>(25);
  const found = $derived(comparisons(options, (share ?? 0) / 100));
</script>

{#if found.length > 0}
  <Fold
    class="ruled"
    says="One way or the other, here: {found
      .map(({ sides }) => sides.map(({ as }) => SIDE_WORDS[as].toLowerCase()).join(' or '))
      .join(', ')}"
  >
    <NumberField label="Affected share" after="%" most={100} value={share} onnumber={(n) => (share = n)} />
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div class="overflow-x-auto" role="region" aria-label="One way or the other" tabindex="0">
      <Table>
        <thead
          ><tr
            ><th>Way</th><th>With</th><th class="number">Product</th><th class="number">Mix</th><th
              class="number">Once</th
            ><th class="number">Season</th></tr
          ></thead
        >
        {#each found as { question, sides } (question)}
          <tbody>
            {#each sides as side (side.as)}
              <tr>
                <td
                  ><span class="figure">{SIDE_WORDS[side.as]}</span><span class="soft small block"
                    >{CONSEQUENCES[side.as]}</span
                  ></td
                >
                <td>{side.option.label.name}</td>
                <td class="number">{quantityText(side.product)}</td>
                <td class="number">{side.mix ? quantityText(side.mix) : 'dry'}</td>
                <td class="number">{side.costOnce === null ? '' : priceText(side.costOnce)}</td>
                <td class="number">{side.costSeason === null ? '' : priceText(side.costSeason)}</td>
              </tr>
            {/each}
          </tbody>
        {/each}
      </Table>
    </div>
  </Fold>
{/if}

<style>
  tbody {
    border-bottom: 2px solid var(--ink);
  }
  td {
    vertical-align: top;
  }
</style>
