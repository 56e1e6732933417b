<script lang="ts">
  import OneOf from '../parts/OneOf.svelte';
  import Fold from '../parts/Fold.svelte';
  import Button from '../parts/Button.svelte';
  import {
    isDue,
    PREMISES_FACTS,
    PREMISES_KEYS,
    type Premises,
    type PremisesFact,
  } from '../../core/premises';
  import type { CalendarDay } from '../../core/units';
  import { PREMISES_WORDS } from '../../words';
  import KeptForm from '../parts/KeptForm.svelte';
  import { getMayChange } from '../parts/may';
  import { getShow } from '../parts/show';

  /** What was asked of the place and its people, and the form that asks it again. */
  interface Props {
    answers: Premises['answers'];
    askedOn: string | null;
    today: string;
    revision: number;
    open?: boolean;
  }
  let { answers, askedOn, today, revision, open = false }: Props = $props();
  const show = getShow();
  const may = getMayChange();
  const due = $derived(isDue({ answers, askedOn: askedOn as CalendarDay | null }, today as CalendarDay));
  const here = $derived(PREMISES_KEYS.filter((key) => answers[key] === 'yes'));
  const PARTS = [
    { kind: 'people', name: 'People' },
    { kind: 'animals', name: 'Animals' },
    { kind: 'place', name: 'Ground and rooms' },
  ] as const;
  const of = (kind: (typeof PARTS)[number]['kind']): readonly PremisesFact[] =>
    PREMISES_KEYS.filter((key) => PREMISES_FACTS[key] === kind);
  const CHOICES = [
    { value: 'yes', name: 'Yes' },
    { value: 'no', name: 'No' },
    { value: '', name: 'Not asked' },
  ];
</script>

<section id="people" aria-label="People and place">
  <h2 class="section-head">People and place</h2>
  <p>
    {#if askedOn === null}<b>Nobody was asked yet.</b> A product is judged by it: cats, a fish tank, a gas flame,
      somebody allergic to stings.
    {:else}{here.length === 0
        ? 'Nothing of it was so'
        : here.map((key) => PREMISES_WORDS[key].ask).join(' · ')}
      <span class="soft">asked {show.dayText(askedOn as CalendarDay, today)}</span>{#if due}
        <b class="text-brick-ink ml-2.5">! more than half a year ago: ask again</b>{/if}{/if}
  </p>
  {#if may()}
    <Fold {open} says={askedOn === null ? 'Ask now' : 'Ask again'}>
      <KeptForm action="?/asked" label="People and place">
        {#snippet children(sending)}
          <input type="hidden" name="revision" value={revision} />
          <div class="grid grid-cols-[repeat(auto-fit,minmax(16rem,1fr))] gap-y-1.5 gap-x-8">
            {#each PARTS as { kind, name } (kind)}
              <div>
                <h3 class="field-label">{name}</h3>
                {#each of(kind) as key (key)}
                  <fieldset>
                    <legend>{PREMISES_WORDS[key].ask}</legend>
                    <span class="choices inline-flex">
                      {#each CHOICES as choice (choice.value)}
                        <OneOf name={key} value={choice.value} chosen={answers[key] ?? ''}
                          >{choice.name}</OneOf
                        >
                      {/each}
                    </span>
                  </fieldset>
                {/each}
              </div>
            {/each}
          </div>
          <div class="actions">
            <Button kind="main" disabled={sending}>Keep what was said today</Button>
          </div>
        {/snippet}
      </KeptForm>
    </Fold>
  {/if}
</section>

<style>
  p {
    margin: 0.3rem 0;
  }
  fieldset {
    border: 0;
    border-bottom: 1px solid var(--rule);
    padding: 0.35rem 0 0;
    margin: 0;
    min-width: 0;
  }
  legend {
    float: left;
    width: 100%;
    padding: 0;
  }
  .choices input {
    width: 1.15rem;
    height: 1.15rem;
    accent-color: var(--petrol);
  }
</style>
