<script lang="ts">
  import { resolve } from '$app/paths';
  import { crossedGate, dropsFor, laidDown, sprayTime, type Proven } from '../../core/equipment';
  import type { CardInUse } from '../../core/labels';
  import { quantity, valueIn } from '../../core/units';
  import { unitText } from '../../words';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';
  import type { Tool } from './stop-props';

  /** Whether the label's amount comes out of this equipment, at the walk that was measured. */
  let { equipment, label, person }: { equipment: readonly Tool[]; label: CardInUse; person: string } =
    $props();
  const show = getShow();
  const sheet = getSheet();
  const use = $derived(label.use);
  /** A walk is told over so many metres. */
  const OVER_M = 30;
  const tool = $derived(
    equipment.find(({ name }) => name === sheet.facts.stops.mix?.tankName && name !== '') ??
      (label.form === 'granule' ? equipment.find(({ kind }) => kind === 'spreader') : undefined),
  );
  const walker = $derived(
    equipment.find(({ kind, name, proven }) => kind === 'person' && name === person && proven.speed) ??
      equipment.find(({ kind, proven }) => kind === 'person' && proven.speed),
  );
  const speed = $derived(tool?.proven.speed ?? walker?.proven.speed ?? null);
  const swathM = $derived(sheet.facts.stops.place?.swathM ?? tool?.swathM ?? null);
  const age = ({ doneOn, spreadPct }: Proven): string =>
    doneOn === null
      ? 'by its maker, unproven'
      : `${show.dayText(doneOn, sheet.facts.today)}${spreadPct === null ? '' : `, spread ${show.numberText(Number(spreadPct.toFixed(1)))} %`}`;

  const flow = $derived(tool?.proven.flow ?? null);
  const sprayed = $derived(
    flow && speed && swathM !== null && use.carrier ? laidDown(flow, speed, swathM, use.carrier) : null,
  );
  const passes = $derived(tool?.kind === 'spreader' ? (tool.proven['weighed-pass'] ?? null) : null);
  const crossing = $derived(sheet.view.passes);
  const times = $derived(crossing?.times ?? 2);
  const spread = $derived(
    passes && sheet.view.dose
      ? crossedGate(passes, { ...use.rate, value: sheet.view.dose.actualRate }, times)
      : null,
  );
  const TIMED: readonly string[] = ['aerosol', 'jet', 'dust'];
  const WORD = { keep: 'The walk fits the mix.', faster: 'Walk faster', slower: 'Walk slower' } as const;
  /** Gel and paste go down place by place: in how many drops of which dispenser. */
  const dropped = $derived.by(() => {
    const { places } = sheet.view.lawn?.counted ?? { places: 0 };
    const amount = sheet.view.dose?.product;
    const by = equipment.find(({ kind, proven }) => kind === 'dispenser' && proven.drops);
    const drops = by?.proven.drops;
    if (label.form !== 'gel' || places === 0 || !amount || !by || !drops) return null;
    const each = { value: amount.value / places, unit: amount.unit };
    const count = dropsFor(each, drops);
    return count === null ? null : { by, drops, each, count };
  });
  /** Aerosols and dusts come out by time. */
  const timed = $derived.by(() => {
    const amount = sheet.view.dose?.product;
    const by = equipment.find(
      ({ kind, proven }) => kind === (label.form === 'dust' ? 'duster' : 'dispenser') && proven.flow,
    );
    const out = by?.proven.flow;
    if (!TIMED.includes(label.form) || !amount || !by || !out?.per) return null;
    const took = sprayTime({ amount, flow: { amount: quantity(out.value, out.unit), per: out.per } });
    return 'ok' in took ? { by, out, amount, seconds: took.ok.time.value } : null;
  });
  const gate = (setting: number): string => show.numberText(Math.round(setting * 10) / 10);
</script>

{#if dropped}
  {@const { by, drops, each, count } = dropped}
  <section class="walk mt-4 pt-3 max-w-[44rem]" aria-label="What comes out of the equipment">
    <p>
      <span class="figure">About {count} {count === 1 ? 'drop' : 'drops'} at each place.</span>
      {show.quantityText(each)} in drops of {show.quantityText({
        value: drops.value,
        unit: drops.unit,
      })}{drops.setup ? `, ${show.numberText(drops.setup)} mm across` : ''} ({by.name}, {age(drops)}). Several
      small ones rather than one large.
    </p>
    <a class="small" href={resolve('/equipment')}>Calibrations</a>
  </section>
{:else if timed}
  <section class="walk mt-4 pt-3 max-w-[44rem]" aria-label="What comes out of the equipment">
    <p>
      <span class="figure">{show.numberText(timed.seconds)} seconds in all.</span>
      {show.quantityText(timed.amount)} at {show.numberText(timed.out.value)}
      {unitText(timed.out.unit)} a minute ({timed.by.name}, {age(timed.out)}).
    </p>
    <a class="small" href={resolve('/equipment')}>Calibrations</a>
  </section>
{:else if tool && (use.carrier || label.form === 'granule')}
  <section class="walk mt-4 pt-3 max-w-[44rem]" aria-label="What comes out of the equipment">
    {#if sprayed && flow && speed && use.carrier}
      {@const { amount } = use.carrier}
      <p class:off={sprayed.advice !== 'keep'}>
        <span class="figure"
          >{WORD[sprayed.advice]}{sprayed.advice === 'keep'
            ? ''
            : `: ${show.lengthText(OVER_M)} in ${Math.round(OVER_M / sprayed.speed)} s.`}</span
        >
        At {show.numberText(valueIn({ value: flow.value, unit: flow.unit }, amount.unit))}
        {unitText(amount.unit)} a minute ({tool.name}, {age(flow)}), {show.lengthText(swathM ?? 0)} wide and {show.numberText(
          speed.value,
        )} m/s{walker && !tool.proven.speed ? ` (${walker.name}, ${age(speed)})` : ''},
        {show.quantityText(sprayed.laid.amount)} goes down per {show.perText(sprayed.laid.per)}; the label’s
        mix is {show.quantityText(amount)}.
      </p>
    {:else if spread && passes}
      <p class:off={spread.setting === null || spread.setting.beyond}>
        {#if spread.setting}
          <span class="figure">Gate at {gate(spread.setting.setting)} for each of two passes.</span>
          {#if crossing && times > 2.02}The lanes lie closer than the swath: with half the rate in each pass {show.rateText(
              crossing.atHalf,
              use.rate.unit,
              use.rate.per,
            )} would go down{crossing.atHalf > use.rate.max ? ', more than the label allows' : ''}.{/if}
          That should deliver {show.quantityText(spread.half.amount)} per {show.perText(spread.half.per)}; by
          the weighed passes between {gate(spread.setting.low)} and {gate(spread.setting.high)} ({tool.name}, {age(
            passes,
          )}{passes.product && passes.product !== label.name
            ? `, weighed with ${passes.product}: another granule runs otherwise, weigh a pass`
            : ''}){spread.setting.beyond ? '. Beyond the settings that were tried: weigh a pass first' : ''}.
        {:else}
          <span class="figure">No gate setting is known.</span> Weigh passes at two settings of {tool.name}.
        {/if}
      </p>
    {:else}
      <p class="off">
        <span class="figure">Unproven: {tool.name} was never calibrated for this.</span>
        {tool.kind === 'spreader'
          ? 'Which gate setting gives the rate is not known.'
          : `Whether the mix lasts for the area is not known${speed ? '' : ', and neither is the walk'}.`}
      </p>
    {/if}
    <a class="small" href={resolve('/equipment')}>Calibrations</a>
  </section>
{/if}

<style>
  .walk {
    border-top: 1px solid var(--rule);
  }
  .walk p {
    margin: 0 0 0.2rem;
    border-left: 5px solid var(--moss);
    padding-left: 0.7rem;
  }
  .walk .off {
    border-color: var(--saffron);
  }
</style>
