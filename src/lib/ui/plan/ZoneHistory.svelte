<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import { amountOn, putDownOn, type Zone } from '../../core/plan';
  import { valueIn } from '../../core/units';
  import { getShow } from '../parts/show';
  import type { PutDownHere } from './job';

  /** What went down on a zone's ground, wherever its edges ran at the time. */
  let { zone, putDown, today }: { zone: Zone; putDown: readonly PutDownHere[]; today: string } = $props();
  const show = getShow();
  const here = $derived(putDownOn(zone, putDown));
  /** For so many m² rates are told here. */
  const PER_M2 = 100;
  const rate = ({ product, area }: PutDownHere): string => {
    const { value, unit } = amountOn(PER_M2, { amount: product, per: area });
    return show.rateText(value, unit, { value: PER_M2, unit: 'm2' });
  };
</script>

{#if here.length > 0}
  <Fold open says="What went down here: {here.length}">
    <ul class="rule-list small">
      {#each here as { done, share } (done.id)}
        <li>
          <span class="figure">{done.label}</span>, {show.dayText(done.doneOn, today)}
          <span class="soft"
            >{valueIn(done.area, 'm2') > 0 ? rate(done) : ''}{share === null
              ? ', somewhere on the zone: counted on all of it'
              : share < 0.995
                ? `, on ${Math.round(share * 100)} % of it`
                : ''}</span
          >
        </li>
      {/each}
    </ul>
  </Fold>
{/if}
