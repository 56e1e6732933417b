<script lang="ts">
  import { deliveredAt, gateCurve, gateFor, type GatePoint } from '../../core/calibrate';
  import { quantity, type Unit } from '../../core/units';
  import { unitText } from '../../words';
  import { getShow } from '../parts/show';
  import XyChart from './XyChart.svelte';

  /** What the weighed passes of a spreader teach: the setting to try next for a wanted amount. */
  let { points, unit, products }: { points: readonly GatePoint[]; unit: Unit; products: readonly string[] } =
    $props();
  const show = getShow();
  const PER = quantity(100, 'm2');
  let wanted = $state('');
  let halves = $state(true);
  const curve = $derived(gateCurve(points));
  const asked = $derived(Number(wanted.replace(',', '.')) * (halves ? 0.5 : 1));
  const next = $derived(curve && asked > 0 ? gateFor(curve, asked) : null);
  const STEPS = 24;
  const drawn = $derived.by(() => {
    if (!curve) return [];
    const [from, to] = [curve.from * 0.7, curve.to * 1.3];
    return Array.from({ length: STEPS + 1 }, (_, i) => {
      const x = from + ((to - from) * i) / STEPS;
      return { x, y: deliveredAt(curve, x) };
    });
  });
  /** A gate is set to a tenth at best. */
  const gate = (setting: number): string => show.numberText(Math.round(setting * 10) / 10);
</script>

<section aria-label="The gate">
  <h2 class="section-head">Which setting</h2>
  {#if !curve}
    <p class="soft">
      A curve needs weighed passes at two gate settings, the wider one delivering more. Write them into the
      book
      {products.length > 1 ? 'with one product at a time' : ''}, and the setting for a wanted amount stands
      here.
    </p>
  {:else}
    <div class="ask">
      <label
        >Wanted, {unitText(unit)} per {show.perText(PER)}
        <input class="field-input" inputmode="decimal" bind:value={wanted} /></label
      >
      <label class="tick"
        ><input type="checkbox" bind:checked={halves} /> in two crossed passes of half each</label
      >
    </div>
    {#if next}
      <p class="answer" class:beyond={next.beyond} aria-live="polite">
        <span class="figure">Try {gate(next.setting)}.</span>
        By the passes so far it lies between {gate(next.low)} and {gate(next.high)} for {show.numberText(
          asked,
        )}
        {unitText(unit)} per {show.perText(PER)} in a pass.
        {#if next.beyond}! That is beyond the settings that were tried, {gate(curve.from)} to {gate(
            curve.to,
          )}: weigh a pass before it is used.{:else}Weigh one pass, and write it into the book too.{/if}
      </p>
    {/if}
    <XyChart
      lines={[
        {
          name: 'weighed passes',
          points: points.map(({ setting, delivered }) => ({ x: setting, y: delivered })),
          as: 'marks',
        },
        { name: 'curve through them', points: drawn, as: 'line' },
      ]}
      xName="gate setting"
      yName="{unitText(unit)} per {show.perText(PER)}"
      says="What was weighed at each gate setting: {points
        .map((p) => `${gate(p.setting)} gave ${show.numberText(p.delivered)}`)
        .join(', ')}"
    />
  {/if}
</section>

<style>
  .ask {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem 1.2rem;
    align-items: end;
  }
  .ask .field-input {
    width: 9rem;
    display: block;
    text-align: right;
  }
  .tick {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 2.8rem;
  }
  .answer {
    margin: 0.7rem 0;
    border-left: 5px solid var(--moss);
    background: var(--moss-wash);
    padding: 0.6rem 0.8rem;
    max-width: 42rem;
  }
  .beyond {
    border-color: var(--saffron);
    background: var(--saffron-wash);
  }
</style>
