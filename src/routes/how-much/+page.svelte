<script lang="ts">
  import OneOf from '$lib/ui/parts/OneOf.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import { enhance } from '$app/forms';
  import { untrack } from 'svelte';
  import { FAMILIES_BY, METHODS, type Job, type Method } from '$lib/core/job';
  import type { Refusal } from '$lib/core/result';
  import { JOB_FIELDS, carriedOver, fieldsOf, opensIn, parseJob } from '$lib/forms';
  import type { Unit } from '$lib/core/units';
  import { lastUnit } from '$lib/ui/parts/last-units';
  import { getShow } from '$lib/ui/parts/show';
  import JobAnswer from '$lib/ui/job/JobAnswer.svelte';
  import Broken from '$lib/ui/parts/Broken.svelte';
  import Amount from '$lib/ui/parts/Amount.svelte';
  import Choice from '$lib/ui/parts/Choice.svelte';
  import Field from '$lib/ui/parts/Field.svelte';
  import NumberField from '$lib/ui/parts/NumberField.svelte';
  import SharedUnit from '$lib/ui/parts/SharedUnit.svelte';
  import { setErrors } from '$lib/ui/parts/errors';
  import { getMayChange } from '$lib/ui/parts/may';
  import { FAMILY_SAID, jobFieldText, JOB_METHODS, refusalSentence } from '$lib/words';
  import type { PageProps } from './$types';

  let { data, form: sent }: PageProps = $props();
  const show = getShow();
  const may = getMayChange();
  const UNITS = ['ml', 'floz', 'tsp', 'tbsp', 'l', 'g', 'oz', 'kg', 'lb', 'count', 'million'] as const;
  const before = untrack<Readonly<Record<string, string>>>(() => sent?.fields ?? data.fields ?? {});
  let values = $state.raw(before);
  let method = $state<Method>(
    Object.hasOwn(JOB_FIELDS, before.method ?? '') ? (before.method as Method) : 'tank',
  );
  const asks = $derived(JOB_FIELDS[method]);
  const families = $derived(FAMILIES_BY[method]);
  let form: HTMLFormElement;
  let job = $state.raw<Job | null>(null);
  let refused = $state.raw<readonly Refusal[]>([]);
  let touched = $state(false);
  setErrors((path) => {
    const typedWrong = touched && refused.find((r) => r.path === path);
    if (typedWrong) return refusalSentence(typedWrong, show);
    // What only the server asks for stays until it is sent again.
    const ofServer = sent?.errors.find((error) => error.path === path)?.message;
    return touched && !OF_TAKING.test(path) ? undefined : ofServer;
  });
  const OF_TAKING = /^(productName|container|family|case)\b/;
  const typed = (): void => {
    const parsed = parseJob(fieldsOf(new FormData(form)));
    job = 'ok' in parsed ? parsed.ok : null;
    refused = 'ok' in parsed ? [] : parsed.refused.filter((r) => r.facts.expected !== 'needed');
    touched = true;
  };
  const system = show.manner.units;
  /** What was typed for other methods, so that going back finds it again. */
  let typedFor: Partial<Record<Method, Readonly<Record<string, string>>>> = {};
  /** An amount goes over with its unit, or not at all. */
  function change(next: Method): void {
    const now = Object.fromEntries(fieldsOf(new FormData(form)));
    typedFor = { ...typedFor, [method]: now };
    values = { ...typedFor[next], ...carriedOver(now, method, next) };
    method = next;
    setTimeout(typed);
  }
  $effect(() => {
    if (data.fields) untrack(typed);
  });
  /** The unit and the figure that a field opens with: what was typed, else what was last used here. */
  function opens(name: string, unit: Unit, units: readonly Unit[], value?: number) {
    const before = values[`${name}.unit`];
    if (before !== undefined && (units as readonly string[]).includes(before))
      return { unit: before, value: values[`${name}.value`] ?? '' };
    const usual = opensIn(unit, units, system, value);
    const last = value === undefined ? lastUnit(usual.unit, units) : usual.unit;
    return { unit: last, value: usual.value ?? '' };
  }
  const rateOpens = $derived(values.rateUnit || opensIn(asks.rate, UNITS, system).unit);
</script>

<svelte:head><title>How much · Nimsy</title></svelte:head>
<div class="page">
  <h1>Just tell me how much</h1>
  <p class="soft">
    Copy the figures from the label on your own container. No label clause is checked here: the label and
    local law come first.
  </p>
  <form
    bind:this={form}
    method="POST"
    action="?/take"
    oninput={typed}
    onchange={typed}
    use:enhance={() =>
      ({ update }) =>
        update({ reset: false })}
    novalidate
  >
    <fieldset>
      <legend class="legend mt-3">How it is put down</legend>
      <div class="taps">
        {#each METHODS as name (name)}
          <OneOf kind="tap" name="method" value={name} chosen={method} onpick={() => change(name)}
            >{JOB_METHODS[name].name}</OneOf
          >
        {/each}
      </div>
    </fieldset>
    <p class="soft for">{JOB_METHODS[method].for}</p>
    <div
      class="grid grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)] gap-8 max-[800px]:grid-cols-1 max-[800px]:gap-2"
    >
      <div>
        {#key method}
          <h2 class="section-head">The label says</h2>
          <div class="fields">
            <NumberField label="At least" name="least" value={values.least} width="6.5rem" />
            <NumberField
              label="At most"
              name="most"
              value={values.most}
              width="6.5rem"
              hint="same if blank"
            />
            <SharedUnit
              label="Unit"
              name="rateUnit"
              unit={rateOpens}
              units={UNITS}
              of={['least', 'most', 'chosen']}
              onunit={() => setTimeout(typed)}
            />
            <Amount
              label="Per"
              name="per"
              {...opens('per', asks.per[0] ?? 'count', asks.per, asks.perValue)}
              units={asks.per}
            />
            <NumberField
              label="Rate chosen"
              name="chosen"
              value={values.chosen}
              width="7rem"
              hint="the least if blank"
            />
          </div>
          <h2 class="section-head">Here</h2>
          <div class="fields">
            {#each asks.fields as { name, units, unit, value } (name)}
              {@const { label, hint } = jobFieldText(method, name)}
              {#if name === 'passes'}
                <Choice
                  {label}
                  {name}
                  value={values[name] ?? '2'}
                  items={[
                    { value: '2', name: 'two crossed, half each' },
                    { value: '1', name: 'one' },
                  ]}
                  width="13rem"
                />
              {:else}
                <Amount {label} {name} {hint} {units} {...opens(name, unit, units, value)} />
              {/if}
            {/each}
          </div>
        {/key}
      </div>
      <section
        class="answer border-l border-l-rule pl-7 pt-6 max-[800px]:border-l-0 max-[800px]:border-t max-[800px]:border-t-ink max-[800px]:pl-0"
        aria-live="polite"
        aria-label="Answer"
      >
        {#if job}
          <svelte:boundary onerror={(fault) => console.error(fault)}>
            <JobAnswer {job} />
            {#snippet failed(_fault, again)}<Broken {again} />{/snippet}
          </svelte:boundary>
          {#if may() && data.cases.length > 0}
            <div class="keep border-t border-t-rule pt-3">
              <h2 class="section-head">Take it into a case</h2>
              <p class="soft small">
                It becomes a treatment of the case: these figures as a card of your shelf, the ground and the
                tank as its answers. Hours, cautions and the logbook hold for it from there.
              </p>
              <div class="fields">
                <Field
                  label="Name on the label"
                  name="productName"
                  value={values.productName ?? ''}
                  width="15rem"
                />
                <Amount
                  label="Its container holds"
                  name="container"
                  units={UNITS}
                  unit={values['container.unit'] ?? job.pack?.unit ?? job.rate.unit}
                  value={values['container.value'] ?? job.pack?.value ?? ''}
                />
                {#if families.length > 1}
                  <Choice
                    label="What it is"
                    name="family"
                    value={families.find((one) => one === values.family) ?? ''}
                    items={[
                      { value: '', name: 'Choose' },
                      ...families.map((value) => ({ value, name: FAMILY_SAID[value] })),
                    ]}
                    hint="As its label says."
                    width="18rem"
                  />
                {/if}
                <Choice
                  label="Case"
                  name="case"
                  value={String(data.cases[0]?.number ?? '')}
                  items={data.cases.map((c) => ({
                    value: String(c.number),
                    name: `${c.number} · ${c.title}, ${c.property}`,
                  }))}
                  width="18rem"
                />
              </div>
              {#if data.kept}<input type="hidden" name="kept" value={data.kept} />{/if}
              <Button>Take it into the case</Button>
            </div>
          {/if}
        {:else}
          <p class="soft">The amount appears here as the figures are typed.</p>
        {/if}
      </section>
    </div>
  </form>
</div>

<style>
  .for {
    margin: 0.2rem 0 0;
  }
  .fields {
    margin-bottom: 1rem;
  }
  .answer :global(.loads) {
    margin-top: 1rem;
  }
  .keep .fields {
    margin-top: 0.7rem;
  }
  .keep {
    margin-top: 1.2rem;
  }
</style>
