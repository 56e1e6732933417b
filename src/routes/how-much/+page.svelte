<script lang="ts">
  import { dose } from '$lib/core/dose';
  import Vessel from '$lib/ui/drawings/Vessel.svelte';
  import Amount from '$lib/ui/parts/Amount.svelte';
  import Choice from '$lib/ui/parts/Choice.svelte';
  import Field from '$lib/ui/parts/Field.svelte';
  import { setErrors } from '$lib/ui/parts/errors';
  import { refusalSentence, unitText } from '$lib/words';
  import { getShow } from '$lib/ui/parts/show';
  import type { DoseAnswer, DoseInput } from '$lib/core/dose';
  import type { Refusal } from '$lib/core/result';
  const { besideText, numberText, quantityText, rateText } = getShow();

  const UNITS = ['ml', 'floz', 'tsp', 'tbsp', 'l', 'g', 'oz', 'kg', 'lb', 'count', 'million'] as const;
  const PROBLEMS: Record<string, string> = {
    'above-label-rate': 'Halt: the chosen rate passes the label’s most.',
    'below-label-rate': 'Care: the chosen rate lies under the label’s least.',
    'measure-too-coarse': 'Care: no mark of this tool meets the label; the exact amount is shown.',
    'product-exceeds-mix': 'Halt: more product than mix. Check the figures of the label.',
  };
  let form: HTMLFormElement;
  let asked = $state.raw<DoseInput | null>(null);
  let refused = $state.raw<readonly Refusal[]>([]);
  let touched = $state(false);
  setErrors((path) =>
    touched
      ? refused.map((r) => ({ path: r.path, message: refusalSentence(r) })).find((r) => r.path === path)
          ?.message
      : undefined,
  );
  const BENCH_TARGETS = ['m2', 'ft2', 'yd2', 'acre', 'ha', 'm', 'ft', 'l', 'm3', 'ft3', 'count'];
  const typed = async (): Promise<void> => {
    const { fieldsOf, parseBench } = await import('$lib/forms');
    const parsed = parseBench(fieldsOf(new FormData(form)));
    asked = 'ok' in parsed ? parsed.ok : null;
    refused = 'ok' in parsed ? [] : parsed.refused.filter((r) => r.facts.expected !== 'needed');
    touched = true;
  };
  const result = $derived(asked ? dose(asked) : null);
  const answer = $derived<DoseAnswer | null>(result && 'ok' in result ? result.ok : null);
  const wrong = $derived(result && 'refused' in result ? result.refused : []);
  const halted = $derived(
    answer?.problems.some((p) => p === 'above-label-rate' || p === 'product-exceeds-mix') ?? false,
  );
</script>

<svelte:head><title>How much · Nimsy</title></svelte:head>
<div class="page">
  <h1>Just tell me how much</h1>
  <p class="soft">
    Copy the figures from the label on your own container. Nothing here is saved, and no label clause is
    checked: the label and local law come first.
  </p>
  <div class="bench">
    <form
      bind:this={form}
      oninput={typed}
      onchange={typed}
      onsubmit={(event) => event.preventDefault()}
      novalidate
    >
      <h2 class="section-head">The label says</h2>
      <div class="fields">
        <Field label="At least" name="least" numeric width="6.5rem" />
        <Field label="At most" name="most" numeric width="6.5rem" hint="same if blank" />
        <Choice
          label="Unit"
          name="rateUnit"
          value="ml"
          items={UNITS.map((u) => ({ value: u, name: unitText(u) || 'pieces' }))}
          width="6.5rem"
        />
        <Amount label="Per" name="per" value={100} unit="m2" units={[...BENCH_TARGETS, 'gal', 'gal_uk']} />
      </div>
      <div class="fields">
        <Amount
          label="Finished mix, if it is mixed"
          name="mix"
          value=""
          unit="l"
          units={['l', 'ml', 'gal', 'quart', 'gal_uk']}
        />
        <Amount label="for" name="mixPer" value={100} unit="m2" units={BENCH_TARGETS} />
      </div>
      <h2 class="section-head">Here</h2>
      <div class="fields">
        <Amount
          label="Area, length, volume or spots"
          name="target"
          value=""
          unit="m2"
          units={BENCH_TARGETS}
        />
        <Field label="Rate chosen" name="chosen" numeric width="7rem" hint="the least if blank" />
      </div>
      <div class="fields">
        <Amount
          label="The tank holds"
          name="tank"
          value=""
          unit="l"
          units={['l', 'ml', 'gal', 'quart', 'gal_uk']}
        />
        <Amount label="Smallest mark of the measure" name="step" value="" unit="ml" units={UNITS} />
      </div>
    </form>
    <section class="answer" aria-live="polite">
      {#if wrong.length > 0}
        {#each wrong as r (r.code)}<p class="field-error">{refusalSentence(r)}</p>{/each}
      {:else if answer && asked}
        {#each answer.problems as problem (problem)}<p class="problem" class:halt={halted}>
            {PROBLEMS[problem] ?? problem}
          </p>{/each}
        {#if !halted}
          <p class="big figure">{quantityText(answer.product)}</p>
          <p class="soft">
            {besideText(answer.product) ?? ''}{answer.finished
              ? ` in ${quantityText(answer.finished)} of finished mix`
              : ''}, at {rateText(answer.actualRate, asked.rate.unit, asked.rate.per)}
          </p>
          {#if answer.loads.length > 0}
            <div class="loads">
              {#each answer.loads.slice(0, 3) as load, i (i)}
                <div>
                  <h2>Load {i + 1}</h2>
                  <Vessel {load} capacity={asked.tank?.capacity ?? load.finished} name="Load {i + 1}" />
                  <p class="small">
                    Add <b>{quantityText(load.product)}</b>, top up to {quantityText(load.finished)}. Covers {quantityText(
                      load.covers,
                    )}.
                  </p>
                </div>
              {/each}
            </div>
            {#if answer.loads.length > 3}<p class="small">
                {numberText(answer.loads.length)} loads in all; the last takes {quantityText(
                  answer.loads[answer.loads.length - 1]!.product,
                )}.
              </p>{/if}
          {/if}
        {/if}
      {:else}
        <p class="soft">The amount appears here as the figures are typed.</p>
      {/if}
    </section>
  </div>
</div>

<style>
  .bench {
    display: grid;
    grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
    gap: 2rem;
  }
  .fields {
    margin-bottom: 1rem;
  }
  .answer {
    border-left: 1px solid var(--rule);
    padding-left: 1.6rem;
    padding-top: 1.4rem;
  }
  .big {
    font-size: 2.6rem;
    margin: 0;
    line-height: 1.1;
  }
  .problem {
    border-left: 5px solid var(--saffron);
    background: var(--saffron-wash);
    padding: 0.6rem 0.8rem;
  }
  .problem.halt {
    border-color: var(--brick);
    background: var(--brick-wash);
  }
  .loads {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(10rem, 1fr));
    gap: 1rem;
  }
  @media (max-width: 800px) {
    .bench {
      grid-template-columns: 1fr;
      gap: 0.5rem;
    }
    .answer {
      border-left: 0;
      border-top: 1px solid var(--ink);
      padding-left: 0;
    }
  }
</style>
