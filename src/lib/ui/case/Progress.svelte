<script lang="ts">
  import { progress } from '../../core/dose';
  import type { Quantity } from '../../core/units';
  import { refusalSentence, unitText } from '../../words';
  import { getShow } from '../parts/show';
  const { numberText, quantityText } = getShow();

  let { area, started }: { area: Quantity; started: Quantity } = $props();
  let covered = $state('');
  let left = $state('');
  const asked = $derived(covered.trim() !== '' && left.trim() !== '');
  const result = $derived(
    progress({
      covered: { value: Number(covered), unit: area.unit },
      target: area,
      left: { value: Number(left), unit: started.unit },
      started,
    }),
  );
  const ADVICE = {
    keep: 'Keep on like this',
    faster: 'Too much is going down: walk faster',
    slower: 'Too little is going down: walk slower',
  } as const;
</script>

<div class="check">
  <h2>Check what is left now</h2>
  <div class="pair">
    <label
      ><span>Area done, {unitText(area.unit)}</span><input
        class="field-input"
        inputmode="decimal"
        bind:value={covered}
      /></label
    >
    <label
      ><span>Left of {quantityText(started)}, {unitText(started.unit)}</span><input
        class="field-input"
        inputmode="decimal"
        bind:value={left}
      /></label
    >
  </div>
  {#if asked}
    {#if !Number.isFinite(Number(covered)) || !Number.isFinite(Number(left))}
      <p class="field-error">Both must be numbers, such as 120 and 9.5.</p>
    {:else if 'ok' in result}
      {@const { advice, coveredPct, usedPct, expectedLeft, willCover } = result.ok}
      <p class="advice {advice}" aria-live="polite">
        <span class="figure">{ADVICE[advice]}.</span>
        {numberText(coveredPct)} % of the lawn with {numberText(usedPct)} % of the mix; {quantityText(
          expectedLeft,
        )} should be left.
        {#if willCover}At this pace it lasts for {quantityText(willCover)}.{/if}
      </p>
    {:else}<p class="field-error">{refusalSentence(result.refused[0]!)}</p>{/if}
  {/if}
</div>

<style>
  .check {
    border-top: 1px solid var(--rule);
    margin-top: 1.2rem;
    padding-top: 0.9rem;
  }
  .pair {
    display: flex;
    flex-wrap: wrap;
    gap: 1rem;
    margin-top: 0.5rem;
  }
  label span {
    display: block;
    font-weight: 600;
    font-size: 0.95rem;
    margin-bottom: 0.25rem;
  }
  input {
    width: 10rem;
    text-align: right;
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
