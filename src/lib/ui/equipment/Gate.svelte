<script lang="ts">
  import Tick from '../parts/Tick.svelte';
  import { deliveredAt, gateCurve, gateFor, type GatePoint } from '../../core/equipment';
  import { quantity, type Unit } from '../../core/units';
  import { unitText } from '../../words';
  import NumberField from '../parts/NumberField.svelte';
  import { getShow } from '../parts/show';
  import XyChart from './XyChart.svelte';

  interface Props {
    points: readonly GatePoint[];
    unit: Unit;
    products: readonly string[];
    /** The dial of a hose-end device instead of the gate of a spreader. */
    dial?: boolean;
  }
  /** What the readings at several settings teach: the setting to try next for a wanted amount. */
  let { points, unit, products, dial = false }: Props = $props();
  const show = getShow();
  /** Points are kept for 100 m², and told for the ground of a rate here. */
  const PER = $derived(dial ? quantity(1, 'l') : show.ground);
  const told = $derived(dial ? points : points.map((p) => ({ ...p, delivered: show.onGround(p.delivered) })));
  const WORDS = $derived(
    dial
      ? { settings: 'dial settings', read: 'readings', one: 'a reading', name: 'dial setting' }
      : { settings: 'gate settings', read: 'weighed passes', one: 'a pass', name: 'gate setting' },
  );
  let wanted = $state<number | null>(null);
  let halves = $state(true);
  const curve = $derived(gateCurve(told));
  const asked = $derived((wanted ?? 0) * (halves && !dial ? 0.5 : 1));
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

<section aria-label={dial ? 'The dial' : 'The gate'}>
  <h2 class="section-head">Which setting</h2>
  {#if !curve}
    <p class="soft">
      A curve needs {WORDS.read} at two {WORDS.settings}, the wider one delivering more. Write them into the
      book
      {products.length > 1 ? 'with one product at a time' : ''}, and the setting for a wanted amount stands
      here.
    </p>
  {:else}
    <div class="flex flex-wrap gap-y-2.5 gap-x-5 items-end">
      <NumberField
        label="Wanted"
        {unit}
        after="{unitText(unit)} per {show.perText(PER)}"
        value={wanted}
        width="13rem"
        onnumber={(n) => (wanted = n)}
      />
      {#if !dial}<Tick class="mt-6" label="in two crossed passes of half each" bind:checked={halves} />{/if}
    </div>
    {#if next}
      <p class="answer my-3 mx-0 py-2.5 px-3 max-w-[42rem]" class:beyond={next.beyond} aria-live="polite">
        <span class="figure">Try {gate(next.setting)}.</span>
        By the {WORDS.read} so far it lies between {gate(next.low)} and {gate(next.high)} for {show.numberText(
          asked,
        )}
        {unitText(unit)} per {show.perText(PER)}{dial ? '' : ' in a pass'}.
        {#if next.beyond}! That is beyond the settings that were tried, {gate(curve.from)} to {gate(
            curve.to,
          )}: take {WORDS.one} there before it is used.{:else}Take {WORDS.one} there, and write it into the book
          too.{/if}
      </p>
    {/if}
    <XyChart
      lines={[
        {
          name: WORDS.read,
          points: told.map(({ setting, delivered }) => ({ x: setting, y: delivered })),
          as: 'marks',
        },
        { name: 'curve through them', points: drawn, as: 'line' },
      ]}
      xName={WORDS.name}
      yName="{unitText(unit)} per {show.perText(PER)}"
      says="What came at each {WORDS.name}: {told
        .map((p) => `${gate(p.setting)} gave ${show.numberText(p.delivered)}`)
        .join(', ')}"
    />
  {/if}
</section>

<style>
  .answer {
    border-left: 5px solid var(--moss);
    background: var(--moss-wash);
  }
  .beyond {
    border-color: var(--saffron);
    background: var(--saffron-wash);
  }
</style>
