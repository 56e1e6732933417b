<script lang="ts">
  import { outlineOf, sharedM2, type Zone } from '../../core/plan';
  import { valueIn } from '../../core/units';
  import { getShow } from '../parts/show';
  import type { PutDownHere } from './job';

  /** What went down on a zone's ground, wherever its edges ran at the time. */
  let { zone, putDown, today }: { zone: Zone; putDown: readonly PutDownHere[]; today: string } = $props();
  const show = getShow();
  const here = $derived.by(() => {
    const { rings } = outlineOf(zone.shape);
    const whole = sharedM2(rings, rings);
    const lineage = [zone.id, ...zone.from];
    return putDown.flatMap((done): (PutDownHere & { share: number | null })[] => {
      if (done.footprint === null)
        return done.zones.some((id) => lineage.includes(id)) ? [{ ...done, share: null }] : [];
      const shared = sharedM2(rings, done.footprint);
      return shared > 0.01 && whole > 0 ? [{ ...done, share: Math.min(1, shared / whole) }] : [];
    });
  });
  const rate = ({ product, area }: PutDownHere): string =>
    show.rateText((product.value * 100) / valueIn(area, 'm2'), product.unit, { value: 100, unit: 'm2' });
</script>

{#if here.length > 0}
  <details open>
    <summary>What went down here: {here.length}</summary>
    <ul class="rule-list small">
      {#each here as done (done.id)}
        <li>
          <span class="figure">{done.label}</span>, {show.dayText(done.doneOn, today)}
          <span class="soft"
            >{valueIn(done.area, 'm2') > 0 ? rate(done) : ''}{done.share === null
              ? ', somewhere on the zone: counted on all of it'
              : done.share < 0.995
                ? `, on ${Math.round(done.share * 100)} % of it`
                : ''}</span
          >
        </li>
      {/each}
    </ul>
  </details>
{/if}

<style>
  summary {
    cursor: pointer;
    color: var(--petrol);
    padding: 0.35rem 0;
  }
</style>
