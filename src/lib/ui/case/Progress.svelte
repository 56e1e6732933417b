<script lang="ts">
  import Table from '../parts/Table.svelte';
  import { progress, quartersOf } from '../../core/dose';
  import { quantity, type Quantity } from '../../core/units';
  import { refusalSentence, unitText } from '../../words';
  import NumberField from '../parts/NumberField.svelte';
  import { getShow } from '../parts/show';
  const show = getShow();
  const { numberText, quantityText } = show;

  /** What is left in the tank or hopper against the ground that is done. */
  let { area, started }: { area: Quantity; started: Quantity } = $props();
  let covered = $state<number | null>(null);
  let left = $state<number | null>(null);
  const result = $derived(
    progress({
      covered: { value: covered ?? 0, unit: area.unit },
      target: area,
      left: { value: left ?? 0, unit: started.unit },
      started,
    }),
  );
  const quarters = $derived(quartersOf(area, started));
  const ADVICE = {
    keep: 'Keep on like this',
    faster: 'Too much is going down: walk faster',
    slower: 'Too little is going down: walk slower',
  } as const;
  const drawn = $derived(left === null ? 1 : Math.min(1, Math.max(0, left / started.value)));
  const TOP = 12;
  const HEIGHT = 148;
  const y = (share: number): number => TOP + (1 - share) * HEIGHT;
  /** Told to the slider's own step, so that a hand moves what the field shows. */
  const tidy = (value: number): number => Number(value.toFixed(2));
</script>

<section class="check mt-5" aria-label="Live check">
  <h2>Check what is left now</h2>
  <div class="grid grid-cols-[11rem_minmax(0,1fr)] gap-y-2 gap-x-6 max-[560px]:grid-cols-1">
    <div class="max-[560px]:max-w-[14rem]">
      <svg
        viewBox="0 0 170 172"
        role="img"
        aria-label="{quantityText(quantity(drawn * started.value, started.unit))} left"
      >
        <rect x="20" y={y(drawn)} width="72" height={drawn * HEIGHT} class="mix" />
        <rect x="20" y={TOP} width="72" height={HEIGHT} class="wall" />
        {#each quarters as { left: mark }, i (i)}
          {@const at = y(mark.value / started.value)}
          {#if i < 3}
            <line x1="92" x2="100" y1={at} y2={at} />
            <text x="104" y={at + 4}>{i + 1}⁄4: {numberText(mark.value)}</text>
          {/if}
        {/each}
      </svg>
      <input
        type="range"
        class="slide w-full h-[2.5rem]"
        min="0"
        max={started.value}
        step="any"
        value={left ?? started.value}
        oninput={(event) => (left = tidy(event.currentTarget.valueAsNumber))}
        aria-label="Left in the tank, {unitText(started.unit)}"
      />
    </div>
    <div>
      <div class="flex flex-wrap gap-4 mb-2.5">
        <NumberField
          label="Area done"
          unit={area.unit}
          value={covered}
          width="10rem"
          onnumber={(n) => (covered = n)}
        />
        <NumberField
          label="Left of {quantityText(started)}"
          unit={started.unit}
          value={left}
          width="12rem"
          onnumber={(n) => (left = n)}
        />
      </div>
      {#if covered !== null && left !== null}
        {#if 'ok' in result}
          {@const { advice, coveredPct, usedPct, expectedLeft, willCover } = result.ok}
          <p class="advice {advice}" aria-live="polite">
            <span class="figure">{ADVICE[advice]}.</span>
            {numberText(coveredPct)} % of the ground with {numberText(usedPct)} % of what you started with; {quantityText(
              expectedLeft,
            )} should be left.
            {#if willCover}
              {@const short = area.value - willCover.value}
              {#if short > area.value * 0.005}
                At this pace it ends at {quantityText(willCover)}: stop there, {quantityText(
                  quantity(short, area.unit),
                )} would be left without. Do not thin what is left.
              {:else}It lasts to the end at this pace, with {quantityText(
                  quantity(Math.max(0, started.value * (1 - area.value / willCover.value)), started.unit),
                )} over.{/if}
            {/if}
          </p>
        {:else}<p class="field-error">{refusalSentence(result.refused[0]!, show)}</p>{/if}
      {/if}
      <Table small class="max-w-104">
        <thead><tr><th>Done</th><th class="number">Area</th><th class="number">Should be left</th></tr></thead
        >
        <tbody>
          {#each quarters as { covered: done, left: mark }, i (i)}
            <tr
              ><td>{i === 3 ? 'all' : `${i + 1} of 4 quarters`}</td><td class="number"
                >{quantityText(done)}</td
              ><td class="number">{quantityText(mark)}</td></tr
            >
          {/each}
        </tbody>
      </Table>
    </div>
  </div>
</section>

<style>
  .check {
    border-top: 1px solid var(--rule);
    padding-top: 0.9rem;
  }
  .mix {
    fill: var(--water);
  }
  .wall {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.6;
  }
  line {
    stroke: var(--ink);
  }
  text {
    font-size: 12px;
    fill: var(--ink);
  }
  .slide {
    accent-color: var(--petrol);
  }
  .advice {
    border-left: 5px solid var(--moss);
    background: var(--moss-wash);
    padding: 0.6rem 0.8rem;
  }
  .faster,
  .slower {
    border-color: var(--saffron);
    background: var(--saffron-wash);
  }
</style>
