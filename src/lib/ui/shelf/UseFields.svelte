<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import Button from '../parts/Button.svelte';
  import { untrack } from 'svelte';
  import { METHODS, SITES } from '../../core/labels';
  import { METHOD_WORDS, SITE_WORDS } from '../../words';
  import Amount from '../parts/Amount.svelte';
  import Choice from '../parts/Choice.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import Reading from '../parts/Reading.svelte';
  import Tick from '../parts/Tick.svelte';
  import SharedUnit from '../parts/SharedUnit.svelte';
  import { getErrors } from '../parts/errors';
  import { getShow } from '../parts/show';
  import ClauseRows from './ClauseRows.svelte';
  import MoreFields from './MoreFields.svelte';
  import StepRow from './StepRow.svelte';
  import TargetRows from './TargetRows.svelte';
  import type { PestGroup, PestName } from './pest-name';

  /** One use of a label, in the order of a label. */
  interface Props {
    /** `uses.0` */
    at: string;
    /** What its fields start from, by their names within the use. */
    own: Readonly<Record<string, string>>;
    /** The clauses of the card stand beside its first use. */
    clauses: Readonly<Record<string, string>> | null;
    pests: readonly PestName[];
    groups?: readonly PestGroup[];
  }
  let { at, own, clauses, pests, groups = [] }: Props = $props();
  const show = getShow();
  const errorFor = getErrors();
  const PRODUCTS = ['ml', 'l', 'floz', 'tsp', 'tbsp', 'g', 'kg', 'oz', 'lb', 'million', 'count'];
  const BASES = ['m2', 'ft2', 'yd2', 'acre', 'ha', 'm', 'ft', 'l', 'm3', 'ft3', 'gal', 'gal_uk', 'count'];
  const VOLUMES = ['l', 'ml', 'floz', 'quart', 'gal', 'gal_uk'];
  const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
  const was = (name: string, other = ''): string => own[name] ?? other;
  const area = show.manner.units === 'us' ? ['1000', 'ft2'] : ['100', 'm2'];
  const litre = show.manner.units === 'us' ? ['1', 'gal'] : ['1', 'l'];
  let basis = $state(untrack(() => was('basis', 'target')));
  const perStart = $derived(
    // A rate for an area says nothing of a dilution: its ground is not taken for so much mix.
    was('per.value') !== '' && was('basis', 'target') === basis
      ? [was('per.value'), was('per.unit')]
      : basis === 'mix'
        ? litre
        : area,
  );
  let reEntry = $state(untrack(() => was('reEntry', 'none')));
  const NOT_STATED = { value: '', name: 'not stated' };
  const stepCount = (): number =>
    Math.max(0, ...Object.keys(own).map((name) => Number(/^steps\.(\d+)\./.exec(name)?.[1] ?? -1) + 1));
  /** Rates for some cases: each row keeps the number of the fields that it started from. */
  let nextStep = untrack(stepCount);
  let steps = $state.raw(untrack(() => Array.from({ length: stepCount() }, (_, k) => k)));
</script>

<h3 class="field-label">Where</h3>
<div class="flex flex-wrap gap-y-0 gap-x-6">
  {#each SITES as site (site)}
    <Tick label={SITE_WORDS[site]} name="{at}.sites.{site}" checked={was(`sites.${site}`) !== ''} />
  {/each}
</div>
{#if errorFor(`${at}.sites`)}<p class="field-error">{errorFor(`${at}.sites`)}</p>{/if}
<TargetRows {at} {own} {pests} {groups} />
{#if clauses}<ClauseRows keys={['pests', 'sites', 'excluded']} own={clauses} />{/if}

<h3 class="section-head">How much</h3>
<div class="fields">
  <Choice
    label="Put down"
    name="{at}.method"
    value={was('method')}
    items={[{ value: '', name: 'choose' }, ...METHODS.map((value) => ({ value, name: METHOD_WORDS[value] }))]}
    width="15rem"
  />
  <Choice
    label="The rate is"
    name="{at}.basis"
    value={basis}
    items={[
      { value: 'target', name: 'for an area, length, volume, piece' },
      { value: 'mix', name: 'a dilution: in so much mix' },
    ]}
    width="17rem"
    onchange={(value) => (basis = value)}
  />
</div>
<div class="fields">
  <NumberField label="At least" name="{at}.least" value={was('least')} width="6.5rem" />
  <NumberField label="At most" name="{at}.most" value={was('most')} width="6.5rem" />
  <SharedUnit
    label="Unit"
    name="{at}.rateUnit"
    unit={was('rateUnit', show.manner.units === 'us' ? 'floz' : 'ml')}
    units={PRODUCTS}
    of={[`${at}.least`, `${at}.most`]}
  />
  {#key basis}
    <Amount
      label={basis === 'mix' ? 'in finished mix' : 'for'}
      name="{at}.per"
      value={perStart[0] ?? ''}
      unit={perStart[1] ?? 'm2'}
      units={basis === 'mix' ? VOLUMES : BASES}
    />
  {/key}
</div>
<div class="fields">
  <Amount
    label="Finished mix"
    name="{at}.mix"
    value={was('mix.value')}
    unit={was('mix.unit', litre[1])}
    units={VOLUMES}
    hint="blank: put down as it is"
  />
  <NumberField label="or up to" name="{at}.mixMost" value={was('mixMost')} width="6.5rem" />
  <Amount
    label="for"
    name="{at}.mixPer"
    value={was('mixPer.value')}
    unit={was('mixPer.unit', area[1])}
    units={BASES}
    hint={basis === 'mix' ? 'blank: not stated' : 'blank: as the rate'}
  />
</div>
{#each steps as k, i (k)}
  <StepRow
    name="{at}.steps.{k}"
    number={i + 1}
    was={(key, other) => was(`steps.${k}.${key}`, other)}
    {pests}
  />
{/each}
<Button
  type="button"
  kind="plain"
  onclick={() => {
    steps = [...steps, nextStep];
    nextStep += 1;
  }}>Another rate for some cases</Button
>
{#if clauses}<ClauseRows keys={['rate', 'mix']} own={clauses} />{/if}

<h3 class="section-head">How often</h3>
<div class="fields">
  <NumberField
    label="No sooner than"
    name="{at}.noSoonerThanDays"
    value={was('noSoonerThanDays')}
    after="days"
    width="10.5rem"
  />
  <NumberField
    label="Repeat about every"
    name="{at}.aboutEveryDays"
    value={was('aboutEveryDays')}
    after="days"
    width="12.5rem"
  />
  <NumberField
    label="Most in 12 months"
    name="{at}.maxPerYear"
    value={was('maxPerYear')}
    after="times"
    width="12rem"
  />
</div>
<div class="fields">
  <Choice
    label="Yearly most, of"
    name="{at}.capOf"
    value={was('capOf', 'product')}
    items={[
      { value: 'product', name: 'product' },
      { value: 'active', name: 'active ingredient' },
    ]}
    width="10rem"
  />
  <Amount
    label="is"
    name="{at}.cap"
    value={was('cap.value')}
    unit={was('cap.unit', show.manner.units === 'us' ? 'floz' : 'ml')}
    units={PRODUCTS}
  />
  <Amount
    label="for the same area, or"
    name="{at}.capPer"
    value={was('capPer.value')}
    unit={was('capPer.unit', area[1])}
    units={BASES}
    hint="blank: as the rate"
  />
</div>
<Fold open={was('alsoCap.value') !== ''} says="A second yearly most, of the other of the two">
  <div class="fields">
    <Amount
      label="is"
      name="{at}.alsoCap"
      value={was('alsoCap.value')}
      unit={was('alsoCap.unit', show.manner.units === 'us' ? 'lb' : 'g')}
      units={PRODUCTS}
    />
    <Amount
      label="for the same area, or"
      name="{at}.alsoCapPer"
      value={was('alsoCapPer.value')}
      unit={was('alsoCapPer.unit', area[1])}
      units={BASES}
      hint="blank: as the first"
    />
  </div>
</Fold>
<fieldset>
  <legend class="field-label">Only in these months; none ticked: not stated</legend>
  <Choice
    label="as printed for"
    name="{at}.monthsFor"
    value={was('monthsFor', 'north')}
    items={[
      { value: 'north', name: 'the northern half of the earth' },
      { value: 'south', name: 'the southern half' },
    ]}
    width="16rem"
  />
  <div class="flex flex-wrap gap-y-0 gap-x-6">
    {#each MONTHS as month, m (month)}
      <Tick label={month} name="{at}.months.{m + 1}" checked={was(`months.${m + 1}`) !== ''} />
    {/each}
  </div>
</fieldset>
{#if clauses}<ClauseRows keys={['season', 'interval', 'yearly']} own={clauses} />{/if}

<h3 class="section-head">Water and weather</h3>
<div class="fields">
  <Reading label="Water in with" name="{at}.waterMm" measure="rain" value={was('waterMm')} width="8.5rem" />
  <Reading
    label="but at most"
    name="{at}.waterMostMm"
    measure="rain"
    value={was('waterMostMm')}
    width="8rem"
  />
  <NumberField label="within" name="{at}.waterHours" value={was('waterHours')} after="h" width="6rem" />
  <NumberField label="Stays dry for" name="{at}.dryHours" value={was('dryHours')} after="h" width="8.5rem" />
  <NumberField
    label="Rain-free after"
    name="{at}.rainFreeHours"
    value={was('rainFreeHours')}
    after="h"
    width="9rem"
  />
</div>
<div class="fields">
  <Reading
    label="Wind at most"
    name="{at}.maxWindKmh"
    measure="wind"
    value={was('maxWindKmh')}
    width="9.5rem"
  />
  <Reading
    label="Wind at least"
    name="{at}.minWindKmh"
    measure="wind"
    value={was('minWindKmh')}
    width="9.5rem"
  />
  <Reading label="Air from" name="{at}.tempFrom" measure="temperature" value={was('tempFrom')} width="7rem" />
  <Reading label="to" name="{at}.tempTo" measure="temperature" value={was('tempTo')} width="6rem" />
  <Reading
    label="Soil from"
    name="{at}.soilFrom"
    measure="temperature"
    value={was('soilFrom')}
    width="7rem"
  />
  <Reading label="to" name="{at}.soilTo" measure="temperature" value={was('soilTo')} width="6rem" />
</div>
<div class="flex flex-wrap gap-y-0 gap-x-6">
  <Tick label="Not in sunshine" name="{at}.keepFromSun" checked={was('keepFromSun') !== ''} />
</div>
{#if clauses}<ClauseRows keys={['watering', 'weather', 'soil']} own={clauses} />{/if}

<h3 class="section-head">Water beside it, bees, food, walls</h3>
<div class="fields">
  <Reading
    label="From open water"
    name="{at}.waterBufferM"
    measure="length"
    value={was('waterBufferM')}
    width="10.5rem"
  />
  <Choice
    label="On hard ground"
    name="{at}.hardGround"
    value={was('hardGround')}
    items={[
      NOT_STATED,
      { value: 'band', name: 'as a band' },
      { value: 'spots', name: 'spots and cracks only' },
      { value: 'no', name: 'not at all' },
    ]}
    width="12rem"
  />
  <Choice
    label="Walls above it"
    name="{at}.wallAboveHard"
    value={was('wallAboveHard')}
    items={[NOT_STATED, { value: 'yes', name: 'yes' }, { value: 'no', name: 'no' }]}
    width="9rem"
  />
  <Reading label="Up to" name="{at}.maxHeightM" measure="length" value={was('maxHeightM')} width="7rem" />
</div>
<div class="fields">
  <Choice
    label="On food plants"
    name="{at}.edibles"
    value={was('edibles')}
    items={[NOT_STATED, { value: 'yes', name: 'on the label' }, { value: 'no', name: 'no' }]}
    width="10rem"
  />
  <NumberField
    label="Before harvest"
    name="{at}.preHarvestDays"
    value={was('preHarvestDays')}
    after="days"
    width="11rem"
  />
  <Choice
    label="Rooms with food"
    name="{at}.foodAreas"
    value={was('foodAreas')}
    items={[
      NOT_STATED,
      { value: 'yes', name: 'yes' },
      { value: 'crevices', name: 'in cracks alone' },
      { value: 'no', name: 'no' },
    ]}
    width="11rem"
  />
</div>
<div class="flex flex-wrap gap-y-0 gap-x-6">
  <Tick
    label="Not on flowering plants: mow first"
    name="{at}.notOnBloom"
    checked={was('notOnBloom') !== ''}
  />
  <Tick
    label="Not on what food touches"
    name="{at}.notOnFoodContact"
    checked={was('notOnFoodContact') !== ''}
  />
  <Tick label="Not near live wires" name="{at}.keepFromLive" checked={was('keepFromLive') !== ''} />
</div>
{#if clauses}<ClauseRows
    keys={[
      'buffer',
      'aquatic',
      'bloom',
      'pollinators',
      'hardGround',
      'height',
      'edibles',
      'preHarvest',
      'food',
      'electric',
    ]}
    own={clauses}
  />{/if}

<h3 class="section-head">People, and what to expect</h3>
<div class="fields">
  <Choice
    label="People and pets off"
    name="{at}.reEntry"
    value={reEntry}
    items={[
      { value: 'none', name: 'not stated' },
      { value: 'until-dry', name: 'until dry' },
      { value: 'until-watered-in', name: 'until watered in and dry' },
      { value: 'hours', name: 'for hours' },
    ]}
    width="14rem"
    onchange={(value) => (reEntry = value)}
  />
  {#if reEntry === 'hours'}
    <NumberField label="Hours" name="{at}.reEntryHours" value={was('reEntryHours')} width="6rem" />
  {/if}
  <NumberField
    label="Works from"
    name="{at}.effectFrom"
    value={was('effectFrom')}
    after="days"
    width="9.5rem"
  />
  <NumberField label="to" name="{at}.effectTo" value={was('effectTo')} after="days" width="6rem" />
  <NumberField
    label="Protects"
    name="{at}.protectsDays"
    value={was('protectsDays')}
    after="days"
    width="8.5rem"
  />
</div>
{#if clauses}<ClauseRows keys={['reEntry', 'posting']} own={clauses} />{/if}

<MoreFields of="use" at="{at}." was={(key) => was(`more.${key}`)} />

<style>
  h3.section-head {
    font-size: 1rem;
  }
  h3.field-label {
    margin: 0.6rem 0 0;
  }
</style>
