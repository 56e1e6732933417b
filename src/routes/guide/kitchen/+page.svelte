<script lang="ts">
  import Notice from '$lib/ui/parts/Notice.svelte';
  import { enhance } from '$app/forms';
  import { untrack } from 'svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import Choice from '$lib/ui/parts/Choice.svelte';
  import NumberField from '$lib/ui/parts/NumberField.svelte';
  import { setErrors } from '$lib/ui/parts/errors';
  import { getMayChange } from '$lib/ui/parts/may';
  import { resolve } from '$app/paths';
  import { scaleRecipe } from '$lib/core/choose';
  import { GRADE_WORDS, inSentence } from '$lib/words';
  import { getShow } from '$lib/ui/parts/show';
  import type { PageProps } from './$types';

  let { data, form: sent }: PageProps = $props();
  const may = getMayChange();
  const tryable = $derived(may() && data.cases.length > 0);
  const able = $derived(data.remedies.filter(({ tryDays }) => tryDays !== null));
  const fromCase = $derived(
    (data.cases.find(({ number }) => String(number) === data.from) ?? data.cases[0])?.number.toString() ?? '',
  );
  let chosen = $state(untrack(() => sent?.fields.remedy ?? ''));
  const picked = $derived(able.find(({ id }) => id === chosen)?.id ?? able[0]?.id ?? '');
  let trying = $state<HTMLFormElement>();
  function choose(id: string): void {
    chosen = id;
    trying?.scrollIntoView({ block: 'center' });
    trying?.querySelector<HTMLSelectElement>('[name="case"]')?.focus({ preventScroll: true });
  }
  setErrors((path) => sent?.errors.find((error) => error.path === path)?.message);
  const { numberText, prose, quantityText } = getShow();
  let wanted = $state<Record<string, string>>({});
</script>

<svelte:head><title>Kitchen remedies · Nimsy</title></svelte:head>
<div class="page">
  <p class="small"><a href={resolve('/guide')}>Back to the guide</a></p>
  <h1>Kitchen remedies</h1>
  <p class="soft">
    What people have at hand, how well it works, and what it harms. None of them is a treatment: they do not
    go into the logbook, and against what hurts people they are never the only plan.
  </p>
  <form role="search" class="fields">
    <div>
      <label class="field-label" for="q">A remedy or a pest</label>
      <input id="q" name="q" type="search" class="field-input" value={data.asked} autocomplete="off" />
    </div>
    {#if data.from}<input type="hidden" name="case" value={data.from} />{/if}
    <Button class="self-end">Find</Button>
  </form>
  <ul class="rule-list">
    {#each data.remedies as r (r.id)}
      <li class={r.grade}>
        <h2>{r.name} <span class="grade">{r.grade === 'harmful' ? '✕ ' : ''}{GRADE_WORDS[r.grade]}</span></h2>
        <p class="soft small">
          against {#each r.pests as pest, i (pest.id)}{i > 0 ? ', ' : ''}<a
              href={resolve('/guide/[id]', { id: pest.id })}>{inSentence(pest.name)}</a
            >{/each}
        </p>
        <p>{prose(r.why)}</p>
        <p><b>What it harms:</b> {prose(r.harms)}</p>
        <p><b>{r.grade === 'fair' ? 'Besides' : 'Instead'}:</b> {prose(r.instead)}</p>
        {#if r.hurts}<Notice kind="care">
            Some of these hurt people or make them ill: never the only plan. Ask a firm or a doctor.
          </Notice>{/if}
        {#if r.recipe}
          {@const typed = wanted[r.id] ?? String(r.recipe.makes.value)}
          {@const parts = scaleRecipe(r.recipe, Number(typed.replace(',', '.')))}
          <div class="recipe border-l-3 border-l-rule pl-4">
            <label class="field-label" for="w-{r.id}">How many {r.recipe.of}</label>
            <input
              id="w-{r.id}"
              class="field-input"
              inputmode="decimal"
              value={typed}
              oninput={(event) => (wanted = { ...wanted, [r.id]: event.currentTarget.value })}
            />
            {#if parts}
              <ul>
                {#each parts as part (part.what)}<li>
                    <span class="figure">{quantityText(part.amount)}</span>
                    {part.what}
                  </li>{/each}
              </ul>
              <p class="small">
                Keeps {numberText(r.recipe.freshHours)}
                {r.recipe.freshHours === 1 ? 'hour' : 'hours'}. {r.recipe.storage}
              </p>
            {:else}<p class="field-error">Type a number above 0.</p>{/if}
          </div>
        {/if}
        {#if r.tryDays !== null && tryable}<Button kind="plain" type="button" onclick={() => choose(r.id)}
            >Try it, with a day to stop</Button
          >{/if}
      </li>
    {:else}
      <li class="soft">Nothing of that name. Try the pest, or another word for it.</li>
    {/each}
  </ul>
  {#if tryable && able.length > 0}
    <form method="POST" action="?/try" use:enhance bind:this={trying}>
      <h2 class="section-head mt-6">Try one, with a day to stop</h2>
      <p class="soft small">
        It is written down in the case at Look, and stands on Today until somebody says whether it helped.
      </p>
      <div class="fields mb-4">
        <Choice
          label="What is tried"
          name="remedy"
          value={picked}
          items={able.map(({ id, name }) => ({ value: id, name }))}
          width="20rem"
          onchange={(id) => (chosen = id)}
        />
        <Choice
          label="Case"
          name="case"
          value={sent?.fields.case ?? fromCase}
          items={data.cases.map((c) => ({
            value: String(c.number),
            name: `${c.number} · ${c.title}, ${c.property}`,
          }))}
          width="20rem"
        />
        {#key picked}
          <NumberField
            label="Days to the end"
            name="days"
            value={(sent?.fields.remedy === picked ? sent.fields.days : null) ??
              able.find(({ id }) => id === picked)?.tryDays ??
              ''}
            width="8rem"
          />
        {/key}
      </div>
      <Button>Write it down in the case</Button>
    </form>
  {/if}
</div>

<style>
  h2 {
    font-size: 1.1rem;
    margin: 0;
  }
  .grade {
    font-size: 0.9rem;
    font-weight: 400;
    color: var(--soft);
    margin-left: 0.5rem;
  }
  .harmful .grade {
    color: var(--brick-ink);
    font-weight: 700;
  }
  li p {
    margin: 0.15rem 0;
    max-width: 46rem;
  }
  .recipe {
    margin-top: 0.5rem;
  }
  .recipe input {
    width: 7rem;
  }
  .recipe ul {
    margin: 0.4rem 0;
    padding-left: 1.1rem;
  }
</style>
