<script lang="ts">
  import { combinedPlan, type FamilyRow, type Option } from '../../core/choose';
  import { CLASH_WORDS, FAMILY_NAMES, GRADE_WORDS } from '../../words';
  import SideBySide from './SideBySide.svelte';

  /** Several remedies where one is not enough, and one way of working against the other. */
  let { families, options }: { families: readonly FamilyRow[]; options: readonly Option[] } = $props();
  const combined = $derived(combinedPlan(families));
</script>

{#if combined}
  <div class="section-head">
    <h2>Where one is not enough</h2>
    <span class="soft small">in the order of the work</span>
  </div>
  <ol class="plan">
    {#each combined.steps as step (step.family)}
      <li>
        <span class="figure">{FAMILY_NAMES[step.family]}</span>{step.card ? `: ${step.card.name}` : ''}
        <span class="soft small">{GRADE_WORDS[step.grade]}{step.note ? ` · ${step.note}` : ''}</span>
      </li>
    {/each}
  </ol>
  {#each combined.leftOut as out (out.step.family)}
    <p class="small">
      ✕ Not with it: {FAMILY_NAMES[out.step.family].toLowerCase()}{out.step.card
        ? ` (${out.step.card.name})`
        : ''}, beside {FAMILY_NAMES[out.with.family].toLowerCase()}: {CLASH_WORDS[out.because]}.
    </p>
  {/each}
  {#each combined.apart as [a, b] (a.family + b.family)}
    <p class="small">
      ! {a.card?.name} and {b.card?.name}: {CLASH_WORDS['not-in-one-tank']} unless both labels allow it and a jar
      test was done.
    </p>
  {/each}
{/if}
<SideBySide {options} />

<style>
  .plan {
    list-style: decimal;
    margin: 0.2rem 0 0.5rem;
    padding-left: 1.4rem;
  }
  .plan li {
    padding: 0.2rem 0;
  }
</style>
