<script lang="ts">
  import Table from '../parts/Table.svelte';
  import { spreadPattern, TRAVELS, type Calibration, type Travel } from '../../core/equipment';
  import { TRAVEL_WORDS, unitText } from '../../words';
  import NumberField from '../parts/NumberField.svelte';
  import { getShow } from '../parts/show';
  import XyChart from './XyChart.svelte';

  /** A pan test: what fell where, and how even the ground becomes with passes so far apart. */
  let { test }: { test: Calibration } = $props();
  const show = getShow();
  const USUAL_PCT = 20;
  const CHART_PCT = 100;
  let wanted = $state<number | null>(USUAL_PCT);
  const limit = $derived(wanted ?? 0);
  const trays = $derived(test.readings.map(({ amount = 0 }) => amount));
  const spacing = $derived(test.setup ?? 0);
  const found = $derived(spreadPattern(trays, spacing, limit > 0 ? limit : USUAL_PCT));
  const middle = $derived((trays.length - 1) / 2);
  const width = (travel: Travel): string => {
    const m = found?.effectiveM[travel] ?? null;
    return m === null ? 'no swath is that even' : show.lengthText(m);
  };
  /** A shift under this share of a tray's distance is weighing. */
  const SHIFT_SHARE = 0.25;
</script>

{#if found}
  <section aria-label="The pattern">
    <h2 class="section-head">How far apart the passes are walked</h2>
    <NumberField
      label="As even as, % (coefficient of variation)"
      value={wanted}
      width="18rem"
      onnumber={(n) => (wanted = n)}
    />
    <Table class="max-w-136">
      <tbody>
        {#each TRAVELS as travel (travel)}
          <tr>
            <th scope="row">Walked {TRAVEL_WORDS[travel]}</th>
            <td class="figure">{width(travel)}</td>
          </tr>
        {/each}
      </tbody>
    </Table>
    {#if Math.abs(found.shiftM) > spacing * SHIFT_SHARE}
      <p>
        ! It throws to the {found.shiftM > 0 ? 'right' : 'left'}: the middle of what fell lies {show.lengthText(
          Math.abs(found.shiftM),
        )} beside the walk. Look at the plate and the wind, and test again.
      </p>
    {/if}
    <div class="grid grid-cols-[repeat(auto-fit,minmax(20rem,1fr))] gap-5 mt-2.5">
      <XyChart
        lines={[
          {
            name: 'what fell',
            points: trays.map((y, i) => ({ x: (i - middle) * spacing, y })),
            as: 'line',
          },
        ]}
        xName="metres to the right of the walk"
        yName={unitText(test.unit || 'g')}
        says="Collected from left to right: {trays.map((tray) => show.numberText(tray)).join(', ')}"
      />
      <XyChart
        lines={TRAVELS.map((travel, i) => ({
          name: TRAVEL_WORDS[travel],
          points: found.evenness.map(({ swathM, cvPct }) => ({ x: swathM, y: cvPct[travel] })),
          as: i === 0 ? ('line' as const) : ('broken' as const),
        }))}
        xName="metres from pass to pass"
        yName="unevenness, %"
        yMost={CHART_PCT}
        says="Unevenness by the distance of passes: {found.evenness
          .filter((_, i) => i % 2 === 1)
          .map((e) => `${show.lengthText(e.swathM)} ${show.numberText(e.cvPct['back-and-forth'])} %`)
          .join(', ')}"
      />
    </div>
  </section>
{/if}
