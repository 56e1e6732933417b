<script lang="ts">
  import { enhance } from '$app/forms';
  import Checkbox from 'flowbite-svelte/Checkbox.svelte';
  import Amount from '$lib/ui/parts/Amount.svelte';
  import Choice from '$lib/ui/parts/Choice.svelte';
  import Field from '$lib/ui/parts/Field.svelte';
  import Reading from '$lib/ui/parts/Reading.svelte';
  import { setErrors } from '$lib/ui/parts/errors';
  import { getShow } from '$lib/ui/parts/show';
  import { FAMILY_WORDS, FORM_WORDS, unitText } from '$lib/words';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const show = getShow();
  const errorFor = setErrors((path) => form?.errors?.find((e) => e.path === path)?.message);
  const was = (name: string, other = ''): string =>
    (form?.fields as Record<string, string> | undefined)?.[name] ?? other;
  const items = (words: Record<string, string>) =>
    Object.entries(words).map(([value, name]) => ({ value, name }));
  const PRODUCTS = ['ml', 'l', 'floz', 'g', 'kg', 'oz', 'lb', 'million', 'count'];
  const AREAS = ['m2', 'ft2', 'yd2', 'acre', 'ha'];
</script>

<svelte:head><title>Copy a label · Nimsy</title></svelte:head>
<div class="page">
  <h1>Copy a label</h1>
  <p class="soft">
    From the container in your hand, in the label’s own order. What it does not state stays blank: a blank is
    “not stated”, never filled in.
  </p>
  <form
    method="POST"
    novalidate
    use:enhance={() =>
      ({ update }) =>
        update({ reset: false })}
  >
    <h2 class="section-head">What it is</h2>
    <div class="fields">
      <Field label="Name on the label" name="name" value={was('name')} width="18rem" required />
      <Field label="Maker" name="maker" value={was('maker')} width="14rem" />
      <Field label="Registration" name="registration" value={was('registration')} width="10rem" />
      <Choice label="Form" name="form" value={was('form', 'concentrate')} items={items(FORM_WORDS)} />
      <Choice label="Family" name="family" value={was('family', 'residual')} items={items(FAMILY_WORDS)} />
      <Field label="Active ingredient" name="active" value={was('active')} width="14rem" />
      <Field label="Strength" name="percent" value={was('percent')} numeric after="%" width="7rem" />
      <Field label="Group" name="group" value={was('group')} width="6rem" />
    </div>
    <fieldset>
      <legend class="section-head legend">Against, on turf</legend>
      <div class="pests">
        {#each data.pests as pest (pest.id)}<Checkbox
            name="pests.{pest.id}"
            checked={was(`pests.${pest.id}`) !== ''}
            class="text-base">{pest.name}</Checkbox
          >{/each}
      </div>
      {#if errorFor('pests')}<p class="field-error">{errorFor('pests')}</p>{/if}
    </fieldset>
    <h2 class="section-head">How much</h2>
    <div class="fields">
      <Field label="At least" name="least" value={was('least')} numeric width="7rem" />
      <Field label="At most" name="most" value={was('most')} numeric width="7rem" />
      <Choice
        label="Unit"
        name="rateUnit"
        value={was('rateUnit', 'ml')}
        items={PRODUCTS.map((u) => ({ value: u, name: unitText(u) || 'pieces' }))}
        width="7rem"
      />
      <Amount
        label="Per"
        name="per"
        value={was('per.value', '1000')}
        unit={was('per.unit', show.manner.units === 'us' ? 'ft2' : 'm2')}
        units={AREAS}
      />
      <Amount
        label="In finished mix"
        name="mix"
        value={was('mix.value')}
        unit={was('mix.unit', 'l')}
        units={['l', 'ml', 'gal', 'quart', 'gal_uk']}
        hint="for the same area; blank for dry use"
      />
    </div>
    <h2 class="section-head">How often</h2>
    <div class="fields">
      <Field
        label="No sooner than"
        name="noSoonerThanDays"
        value={was('noSoonerThanDays')}
        numeric
        after="days"
      />
      <Field
        label="Most in 12 months"
        name="maxPerYear"
        value={was('maxPerYear')}
        numeric
        after="times"
        width="11rem"
      />
      <Field
        label="Most product in 12 months"
        name="cap"
        value={was('cap')}
        numeric
        width="13rem"
        hint="in the unit of the rate, for the same area"
      />
    </div>
    <h2 class="section-head">When and where</h2>
    <div class="fields">
      <Reading label="Water in with" name="waterMm" measure="rain" value={was('waterMm')} width="8rem" />
      <Field label="within" name="waterHours" value={was('waterHours')} numeric after="h" width="6rem" />
      <Field
        label="Rain-free after"
        name="rainFreeHours"
        value={was('rainFreeHours')}
        numeric
        after="h"
        width="9rem"
      />
      <Reading label="Wind at most" name="maxWindKmh" measure="wind" value={was('maxWindKmh')} />
      <Reading label="Soil from" name="soilFrom" measure="temperature" value={was('soilFrom')} width="7rem" />
      <Reading label="to" name="soilTo" measure="temperature" value={was('soilTo')} width="6rem" />
      <Reading label="From open water" name="waterBufferM" measure="length" value={was('waterBufferM')} />
    </div>
    <div class="pests">
      <Checkbox name="notOnBloom" checked={was('notOnBloom') !== ''} class="text-base"
        >Not on flowering turf or weeds</Checkbox
      >
      <Checkbox name="keepFromSun" checked={was('keepFromSun') !== ''} class="text-base"
        >Not in sunshine</Checkbox
      >
      <Checkbox name="filterOut" checked={was('filterOut') !== ''} class="text-base">Filters out</Checkbox>
    </div>
    <h2 class="section-head">People, and what to expect</h2>
    <div class="fields">
      <Choice
        label="People and pets off"
        name="reEntry"
        value={was('reEntry', 'until-dry')}
        items={[
          { value: 'until-dry', name: 'until dry' },
          { value: 'until-watered-in', name: 'until watered in and dry' },
          { value: 'none', name: 'not stated' },
        ]}
        width="14rem"
      />
      <Field label="Wear" name="ppe" value={was('ppe')} width="16rem" hint="with commas between" />
      <Field
        label="Works from"
        name="effectFrom"
        value={was('effectFrom', '3')}
        numeric
        after="days"
        width="7.5rem"
      />
      <Field label="to" name="effectTo" value={was('effectTo', '14')} numeric after="days" width="7rem" />
      <Field
        label="Protects"
        name="protectsDays"
        value={was('protectsDays')}
        numeric
        after="days"
        width="8rem"
      />
    </div>
    <h2 class="section-head">The container</h2>
    <div class="fields">
      <Amount
        label="Size"
        name="size"
        value={was('size.value')}
        unit={was('size.unit', 'ml')}
        units={PRODUCTS}
      />
      <Field label="Lot" name="lot" value={was('lot')} width="8rem" required />
      <Field label="Price" name="price" value={was('price')} numeric width="7rem" />
      <Field label="Use before" name="expiresOn" type="date" value={was('expiresOn')} width="10.5rem" />
      <Field label="Kept in" name="keptIn" value={was('keptIn', 'shed')} width="9rem" />
    </div>
    {#if form?.errors}
      <div class="wrong" role="alert">
        <p class="figure">Not saved yet</p>
        <ul>
          {#each form.errors as e, i (i)}<li>{e.message}</li>{/each}
        </ul>
      </div>
    {/if}
    <div class="actions"><button class="button button-main">Put it on the shelf</button></div>
  </form>
</div>

<style>
  .pests {
    display: flex;
    flex-wrap: wrap;
    gap: 0.7rem 1.6rem;
    margin: 0.4rem 0 0.6rem;
  }
  fieldset {
    padding-top: 1.4rem;
  }
  legend.section-head {
    width: 100%;
    margin-top: 1.4rem;
  }
  .wrong {
    border-left: 5px solid var(--brick);
    background: var(--brick-wash);
    padding: 0.6rem 0.9rem;
    margin-top: 1rem;
  }
  .wrong p {
    margin: 0;
  }
</style>
