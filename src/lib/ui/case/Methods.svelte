<script lang="ts">
  import Button from '../parts/Button.svelte';
  import Fold from '../parts/Fold.svelte';
  import { combinedPlan, type FamilyRow, type Option } from '../../core/choose';
  import { CLASH_WORDS, FAMILY_NAMES, GRADE_WORDS } from '../../words';
  import type { CalendarDay } from '../../core/units';
  import { standingCourse } from '../../core/case';
  import { getMayChange } from '../parts/may';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';
  import SideBySide from './SideBySide.svelte';

  /** Several remedies where one is not enough, and one way of working against the other. */
  let { families, options }: { families: readonly FamilyRow[]; options: readonly Option[] } = $props();
  const combined = $derived(combinedPlan(families));
  const sheet = getSheet();
  const { dayText } = getShow();
  const inHand = $derived(sheet.facts.stops.choose?.label);
  /** When a card of the plan was last put down in this case. */
  const doneOn = (id: string): CalendarDay | null =>
    sheet.view.records
      .filter((record) => record.label.id === id)
      .map((record) => record.doneOn)
      .sort()
      .at(-1) ?? null;
  const may = getMayChange();
  /** What other treatments of the course put down. */
  const inCourse = $derived(
    new Set(standingCourse(sheet.facts).map(({ stops }) => stops.choose?.label ?? '')),
  );
</script>

{#if combined}
  <Fold
    class="ruled"
    says="Where one is not enough: {combined.steps
      .map(({ family }) => FAMILY_NAMES[family].toLowerCase())
      .join(', then ')}"
  >
    <ol class="plan list-decimal mt-1 mb-2 mx-0 pl-6">
      {#each combined.steps as step (step.family)}
        <li>
          <span class="figure">{FAMILY_NAMES[step.family]}</span>{step.card ? `: ${step.card.name}` : ''}
          <span class="soft small">{GRADE_WORDS[step.grade]}{step.note ? ` · ${step.note}` : ''}</span>
          {#if step.card}
            {@const done = doneOn(step.card.id)}
            {#if done}<span class="small">✓ put down on {dayText(done)}</span>
            {:else if step.card.id === inHand}<span class="small">in hand now</span>
            {:else if inCourse.has(step.card.id)}<span class="small">in the course</span>
            {:else if may()}
              <Button kind="plain" formaction="?/course" name="takes" value={step.card.id}
                >Add it as a treatment</Button
              >
            {/if}
          {/if}
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
    {#each combined.apart as { a, b, because } (a.family + b.family)}
      <p class="small">! {a.card?.name} and {b.card?.name}: {CLASH_WORDS[because]}.</p>
    {/each}
    <p class="soft small">Each is a treatment of its own, with its own ground, hours, mix and entries.</p>
  </Fold>
{/if}
<SideBySide {options} />

<style>
  .plan li {
    padding: 0.2rem 0;
  }
</style>
