<script lang="ts">
  import { resolve } from '$app/paths';
  import { gateCurve, gateFor, walk, type Proven } from '../../core/calibrate';
  import type { CardInUse } from '../../core/labels';
  import { fromBase, inBase, isAbove, quantity, sameDimension, valueIn } from '../../core/units';
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
  /** Nearer than this to what is wanted is as near as anybody walks. */
  const NEAR = 0.05;
  /** A walk is told over so many metres. */
  const OVER_M = 30;
  const PER = quantity(100, 'm2');
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
    `${show.dayText(doneOn, sheet.facts.today)}${spreadPct === null ? '' : `, spread ${show.numberText(Number(spreadPct.toFixed(1)))} %`}`;

  const sprayed = $derived.by(() => {
    const flow = tool?.proven.flow;
    const { carrier } = use;
    if (!flow?.per || !speed || swathM === null || !carrier) return null;
    if (!sameDimension(carrier.per, PER) || !sameDimension(carrier.amount, { unit: flow.unit })) return null;
    const result = walk({
      flow: { amount: quantity(flow.value, flow.unit), per: flow.per },
      ...{ swath: quantity(swathM, 'm'), speed: quantity(speed.value, 'm/s') },
      ...{ per: carrier.per, unit: carrier.amount.unit, wanted: carrier },
    });
    if (!('ok' in result)) return null;
    const { carrier: laid, speed: wanted } = result.ok;
    return {
      flow,
      laid,
      ratio: laid.amount.value / carrier.amount.value,
      wanted: wanted?.value ?? 0,
      carrier,
    };
  });
  const spread = $derived.by(() => {
    const passes = tool?.proven['weighed-pass'];
    const dose = sheet.view.dose;
    if (tool?.kind !== 'spreader' || !passes?.per || !dose || !sameDimension(use.rate.per, PER)) return null;
    if (!sameDimension({ unit: passes.unit }, { unit: use.rate.unit })) return null;
    const curve = gateCurve(passes.gate);
    // Of the rate that results, half goes down in each of two crossed passes.
    const whole =
      (valueIn(quantity(dose.actualRate, use.rate.unit), passes.unit) * inBase(passes.per)) /
      inBase(use.rate.per);
    return { passes, half: whole / 2, next: curve ? gateFor(curve, whole / 2) : null };
  });
  const gate = (setting: number): string => show.numberText(Math.round(setting * 10) / 10);
</script>

{#if tool && (use.carrier || label.form === 'granule')}
  <section class="walk" aria-label="What comes out of the equipment">
    {#if sprayed}
      {@const { laid, ratio, wanted, flow, carrier } = sprayed}
      <p class:off={isAbove(Math.abs(ratio - 1), NEAR)}>
        <span class="figure"
          >{isAbove(ratio, 1 + NEAR)
            ? `Walk faster: ${show.lengthText(OVER_M)} in ${Math.round(OVER_M / wanted)} s.`
            : isAbove(1 - NEAR, ratio)
              ? `Walk slower: ${show.lengthText(OVER_M)} in ${Math.round(OVER_M / wanted)} s.`
              : 'The walk fits the mix.'}</span
        >
        At {show.numberText(fromBase(inBase(quantity(flow.value, flow.unit)), carrier.amount.unit))}
        {unitText(carrier.amount.unit)} a minute ({tool.name}, {age(flow)}), {show.lengthText(swathM ?? 0)} wide
        and {show.numberText(speed?.value ?? 0)} m/s{speed && walker && !tool.proven.speed
          ? ` (${walker.name}, ${age(speed)})`
          : ''},
        {show.quantityText(laid.amount)} goes down per {show.perText(laid.per)}; the label’s mix is {show.quantityText(
          carrier.amount,
        )}.
      </p>
    {:else if spread}
      <p class:off={spread.next === null || spread.next.beyond}>
        {#if spread.next}
          <span class="figure">Gate at {gate(spread.next.setting)} for each of two passes.</span>
          That should deliver {show.numberText(spread.half)}
          {unitText(spread.passes.unit)} per {show.perText(PER)}; by the weighed passes between {gate(
            spread.next.low,
          )}
          and {gate(spread.next.high)} ({tool.name}, {age(spread.passes)}{spread.passes.product &&
          spread.passes.product !== label.name
            ? `, weighed with ${spread.passes.product}: another granule runs otherwise, weigh a pass`
            : ''}){spread.next.beyond ? '. Beyond the settings that were tried: weigh a pass first' : ''}.
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
    margin-top: 1rem;
    border-top: 1px solid var(--rule);
    padding-top: 0.7rem;
    max-width: 44rem;
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
