<script lang="ts">
  import { recipeFor, type FieldTest } from '../../core/identify';
  import type { Quantity } from '../../core/units';
  import Timer from '../parts/Timer.svelte';
  import { getShow } from '../parts/show';

  /** A field test as a procedure: what is mixed for the frame at hand, what is done in order, and the waiting time. */
  let { test, frame }: { test: FieldTest; frame: Quantity } = $props();
  const { besideText, ownAmount, prose, quantityText } = getShow();
  const recipe = $derived(recipeFor(test, frame));
  const text = (measured: Quantity): string => {
    const amount = ownAmount(measured);
    const beside = besideText(amount);
    return beside ? `${quantityText(amount)} (${beside})` : quantityText(amount);
  };
</script>

{#if recipe.length > 0}
  <p class="mt-3 mb-0 mx-0">
    <span class="soft">For this frame:</span>
    {#each recipe as part, i (part.what)}{i > 0 ? ' in ' : ''}<span class="figure"
        >{text(part.amount)} {part.what}</span
      >{/each}
  </p>
{/if}
<ol class="steps list-decimal mt-3 mb-1.5 mx-0 pl-6 max-w-[46rem]">
  {#each test.steps as step (step.text)}
    <li>
      <span>{prose(step.text)}</span>
      {#if step.seconds !== null}<Timer seconds={step.seconds} what={prose(step.text)} />{/if}
    </li>
  {/each}
</ol>
<p class="soft small">{prose(test.not)}.</p>

<style>
  .steps li {
    padding: 0.25rem 0;
  }
  .steps li > span {
    margin-right: 0.8rem;
  }
</style>
