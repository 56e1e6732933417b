<script lang="ts">
  import { letterOf, numberOf, partnerAmounts, partnerOf, tankMateOf } from '../../core/case';
  import { resolve } from '$app/paths';
  import { jugFill } from '../../core/equipment';
  import { fillingLevels, inTool, type DoseAnswer, type Load } from '../../core/dose';
  import type { Quantity, Unit } from '../../core/units';
  import type { CardInUse } from '../../core/labels';
  import { restGoesOnto } from '../../core/safety';
  import { unitText } from '../../words';
  import { getShow } from '../parts/show';
  import { levelText } from '../drawings/level';
  import Vessel from '../drawings/Vessel.svelte';
  import { getSheet } from './sheet.svelte';
  import type { Tool } from './stop-props';
  const show = getShow();
  const { numberText, quantityText } = show;

  let { equipment, label, dose }: { equipment: readonly Tool[]; label: CardInUse; dose: DoseAnswer } =
    $props();
  const sheet = getSheet();
  const view = $derived(sheet.view);
  const DRAWN = 4;
  /** A jug at the end of a hose makes more mix than it holds. */
  const jug = $derived(
    equipment.find(({ kind, name }) => kind === 'hose-end' && name === sheet.facts.stops.mix?.tankName),
  );
  const tool = $derived.by(() => {
    const mix = sheet.facts.stops.mix;
    return mix?.step ? { name: mix.measureName, step: mix.step, holds: mix.holds } : null;
  });
  /** How an amount is measured with the tool in hand, where that takes more than one fill of it. */
  function toldIn(amount: Quantity): string {
    const told = tool && inTool(amount, tool);
    if (!tool || !told?.holds || told.full === 0) return '';
    const times = told.full === 1 ? 'once' : told.full === 2 ? 'twice' : `${told.full} times`;
    return `${tool.name || 'measure'} ${times} full${told.last.value > 0 ? `, then to ${quantityText(told.last)}` : ''}`;
  }
  /** A second product, where both labels and a jar allow it. */
  const partner = $derived.by(() => {
    const wanted = tankMateOf(sheet.facts) ? null : partnerOf(sheet.facts, view.named?.id ?? null);
    const card = wanted && view.options.find((one) => one.label.id === wanted.label)?.label;
    return card && view.lawn
      ? { name: card.name, amounts: partnerAmounts(card, wanted.rate, view.lawn, dose) }
      : null;
  });
  const mate = $derived(tankMateOf(sheet.facts));
  const onto = $derived(restGoesOnto(label, sheet.facts.stops.look?.surrounding ?? 'lawn'));
  const mark = $derived(sheet.facts.stops.mix?.tankMark ?? null);
  const tankOf = (load: Load): Quantity => sheet.facts.stops.mix?.tank ?? load.finished;
  const living = $derived(label.form === 'nematodes');
  const stirred = $derived(living || label.form === 'powder' || label.form === 'dust');
</script>

{#if mate && dose.loads.length > 0}
  <p class="stock">
    <span class="figure">It goes into the tank of {letterOf(sheet.facts, numberOf(mate))}.</span>
    <a href={resolve(`/cases/${sheet.facts.number}/${numberOf(mate)}/mix`)}>Its loads</a>: into each, after
    the first product was shaken,
  </p>
  <ol class="plain max-w-[40rem]">
    {#each dose.loads.slice(0, 12) as load, i (i)}
      <li>
        Load {i + 1}: <b>{quantityText(load.product)}</b> of {label.name}{toldIn(load.product)
          ? `, ${toldIn(load.product)}`
          : ''}
      </li>
    {/each}
  </ol>
{:else if jug && sheet.facts.stops.mix?.carryOver}
  <p class="field-error">
    Use up or empty what is left first, and clear it above: a jug is always filled anew.
  </p>
{:else if jug && dose.loads.length > 0}
  <ol class="plain max-w-[40rem]">
    <li>Backflow preventer on the tap.</li>
    {#each dose.loads.slice(0, 12) as load, i (i)}
      <li>
        Jug {i + 1}: <b>{quantityText(load.product)}</b> of product, water to its {quantityText(
          jugFill(
            { value: jug.size, unit: jug.unit as Unit },
            sheet.facts.stops.mix?.tank ?? load.finished,
            load.finished,
          ),
        )} line, shake. Spray it until it is empty: it makes {quantityText(load.finished)} for {quantityText(
          load.covers,
        )}.
      </li>
    {/each}
    <li>
      Shut off at the tap, let the pressure out, then unscrew. Rinse the jug three times over the treated
      ground.
    </li>
  </ol>
{:else if dose.loads.length > 0}
  {#if view.stock}
    <p class="stock">
      <span class="figure"
        >Rinse {numberText(view.stock.packs)}
        {view.stock.packs === 1 ? 'pack' : 'packs'} out into {quantityText({
          value: view.stock.litres,
          unit: 'l',
        })}
        of stock.</span
      >
      {view.stock.share < 0.9995
        ? `${numberText(view.stock.share * 100)} % of it is needed: the rest goes over the worst of it today, within the label’s most, or to waste; it does not keep.`
        : 'All of it goes down.'}
      Stir it before each fill, keep it cool and out of the sun, and use it within the hours that the label gives.
    </p>
  {/if}
  <div class="grid grid-cols-[repeat(auto-fit,minmax(min(19rem,100%),1fr))] gap-5 mt-4">
    {#each dose.loads.slice(0, DRAWN) as load, i (i)}
      {@const levels = fillingLevels(load)}
      <section class="load max-w-[30rem]">
        <header>
          <h2>Load {i + 1}</h2>
          <span class="small">covers {quantityText(load.covers)}</span>
        </header>
        <div class="body grid grid-cols-[minmax(6rem,10.5rem)_minmax(0,1fr)] gap-4">
          <Vessel {load} capacity={tankOf(load)} {mark} name="Load {i + 1}" />
          <ol>
            <li>
              {#if i === 0}Backflow preventer on, <b>{label.filterOut ? 'filters out' : 'filter in'}</b
                >{:else}<b>{label.filterOut ? 'Filters still out' : 'Filter still in'}</b>{/if}
            </li>
            <li>
              Water to the <b class="text-[1.2rem] whitespace-nowrap max-[700px]:whitespace-normal"
                >{levelText(levels.partWater, tankOf(load), show, { mark, rough: true })}</b
              > line
            </li>
            {#if load.product.value > 0}
              <li>
                {#if view.stock}Add
                  <b class="text-[1.2rem] whitespace-nowrap max-[700px]:whitespace-normal"
                    >{quantityText({ value: view.stock.fills[i] ?? 0, unit: 'l' })} of stock</b
                  >, that is
                {:else}Add{/if}
                <b class="text-[1.2rem] whitespace-nowrap max-[700px]:whitespace-normal"
                  >{quantityText(load.product)}</b
                >{#if toldIn(load.product)}<span class="block text-[0.95rem]">{toldIn(load.product)}</span
                  >{/if}
              </li>
              {#if !view.stock}<li>Rinse the {living ? 'pack' : 'measure'} into the tank</li>{/if}
              {#if partner?.amounts}<li>
                  Shake, then <b class="text-[1.2rem] whitespace-nowrap max-[700px]:whitespace-normal"
                    >{quantityText(partner.amounts.loads[i] ?? load.product)}</b
                  >
                  of {partner.name}
                </li>{/if}
            {:else}
              <li><b>No product</b>: what is carried is enough</li>
            {/if}
            <li>
              {stirred ? 'Stir, and keep it stirred' : 'Shake'}, top up to
              <b class="text-[1.2rem] whitespace-nowrap max-[700px]:whitespace-normal"
                >{levelText(levels.top, tankOf(load), show, { mark })}</b
              >
            </li>
            {#if i === dose.loads.length - 1}<li>
                {#if onto}End empty: three rinses over the treated {onto === 'lawn' ? 'turf' : onto}{:else}Mix
                  no more than it takes; rinse three times, rinse and rest closed and labelled unless the
                  label names a place for them{/if}
              </li>{/if}
          </ol>
        </div>
      </section>
    {/each}
  </div>
  {#if dose.loads.length > DRAWN}
    {#await import('./MoreLoads.svelte') then { default: MoreLoads }}<MoreLoads {dose} from={DRAWN} />{/await}
  {/if}
{:else if label.form === 'granule'}
  <ol class="plain max-w-[40rem]">
    <li>
      Weigh <b>{quantityText(dose.product)}</b> and halve it: two crossed passes of
      <b>{quantityText({ value: dose.product.value / 2, unit: dose.product.unit })}</b> each.
    </li>
    <li>Set the gate for half the rate in each pass; weigh what is left after the first ten metres.</li>
    <li>Sweep granules off hard ground and back onto the treated ground.</li>
  </ol>
{:else if label.use.rate.per.unit === 'count' && view.lawn && view.lawn.counted.places > 0}
  <ol class="plain max-w-[40rem]">
    <li>
      At each of the {numberText(view.lawn.counted.places)} places
      <b
        >{quantityText({
          value: dose.product.value / view.lawn.counted.places,
          unit: dose.product.unit,
        })}</b
      >, in several small drops rather than one large one.
    </li>
    <li>Never on or beside a surface that was sprayed or dusted.</li>
  </ol>
{:else if label.use.carrier}
  <p class="soft">Say what the tank holds, and the loads are drawn.</p>
{/if}
{#if dose.merged}<p class="small">
    A last load for {quantityText(dose.merged)} would be smaller than the error of the area: it is shared out to
    the others.
  </p>{/if}
{#if dose.loads.length > 0}<p class="small">
    <a href={resolve('/mix-together')}>Mix it together with other jobs of the day</a>
  </p>{/if}
{#if view.allowance && dose.container}
  <p class="flex flex-wrap gap-y-1 gap-x-8 border-t border-t-rule pt-3 mt-5">
    <span>
      <b>The container covers</b>
      {numberText(Math.floor(dose.container.jobsPerContainer ?? 0))}{Math.floor(
        dose.container.jobsPerContainer ?? 0,
      ) === 1
        ? ' job'
        : ' jobs'} of this size.
    </span>
    <span>
      <b>The label allows here</b>
      {numberText(Math.max(0, view.allowance.allowed.value - view.allowance.used.value))}
      {unitText(view.allowance.allowed.unit)} more in 12 months.
    </span>
  </p>
{/if}

<style>
  .load header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    border-bottom: 1px solid var(--ink);
    padding-bottom: 0.3rem;
    margin-bottom: 0.8rem;
  }
  ol {
    margin: 0;
    padding: 0;
    list-style: none;
    counter-reset: step;
  }
  .body li {
    counter-increment: step;
    border-bottom: 1px dashed var(--rule);
    padding: 0.4rem 0 0.4rem 1.4rem;
    position: relative;
  }
  .body li::before {
    content: counter(step);
    position: absolute;
    left: 0;
    font-weight: 700;
    color: var(--petrol);
  }
  .plain {
    list-style: decimal;
    padding-left: 1.3rem;
    margin-top: 1rem;
  }
  .plain li {
    padding: 0.25rem 0;
  }
</style>
