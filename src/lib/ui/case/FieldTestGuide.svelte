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
  <p class="recipe">
    <span class="soft">For this frame:</span>
    {#each recipe as part, i (part.what)}{i > 0 ? ' in ' : ''}<span class="figure"
        >{text(part.amount)} {part.what}</span
      >{/each}
  </p>
{/if}
<ol class="steps">
  {#each test.steps as step (step.text)}
    <li>
      <span>{prose(step.text)}</span>
      {#if step.seconds !== null}<Timer seconds={step.seconds} what={prose(step.text)} />{/if}
    </li>
  {/each}
</ol>
<p class="soft small">{prose(test.not)}.</p>

<style>
  .recipe {
    margin: 0.8rem 0 0;
  }
  .steps {
    list-style: decimal;
    margin: 0.7rem 0 0.4rem;
    padding-left: 1.5rem;
    max-width: 46rem;
  }
  .steps li {
    padding: 0.25rem 0;
  }
  .steps li > span {
    margin-right: 0.8rem;
  }
</style>
