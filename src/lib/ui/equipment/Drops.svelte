<script lang="ts">
  import { calibrated, type Calibration } from '../../core/equipment';
  import { unitText } from '../../words';
  import CardScale from '../parts/CardScale.svelte';
  import { getShow } from '../parts/show';

  /** The drops that were weighed, each size with its weight, in true size to lay a finger or a bead beside. */
  let { entries }: { entries: readonly Calibration[] } = $props();
  const show = getShow();
  /** The latest of each size, the smallest first. */
  const sizes = $derived(
    [...new Map([...entries].reverse().map((entry) => [entry.setup ?? 0, entry])).values()]
      .flatMap((entry) => {
        const result = calibrated(entry);
        return 'ok' in result && entry.setup ? [{ mm: entry.setup, found: result.ok }] : [];
      })
      .sort((a, b) => a.mm - b.mm),
  );
</script>

{#if sizes.length > 0}
  <section aria-label="Drops in true size">
    <h2 class="section-head">Drops in true size</h2>
    <CardScale>
      {#snippet children(perMm)}
        <ul class="drops list-none p-0 flex flex-wrap gap-y-2.5 gap-x-8 items-center">
          {#each sizes as { mm, found } (mm)}
            <li>
              <svg width={mm * perMm + 4} height={mm * perMm + 4} aria-hidden="true">
                <circle cx={(mm * perMm) / 2 + 2} cy={(mm * perMm) / 2 + 2} r={(mm * perMm) / 2} />
              </svg>
              <span
                ><b>{show.numberText(mm)} mm</b> across: {show.numberText(found.repeats.mean)}
                {unitText(found.unit)}</span
              >
            </li>
          {/each}
        </ul>
      {/snippet}
    </CardScale>
  </section>
{/if}

<style>
  .drops li {
    display: flex;
    align-items: center;
    gap: 0.6rem;
  }
  circle {
    fill: var(--saffron);
    fill-opacity: 0.5;
    stroke: var(--ink);
  }
</style>
