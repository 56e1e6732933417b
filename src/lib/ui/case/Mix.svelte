<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import { untrack } from 'svelte';
  import { groundText, productText } from '../../words';
  import { getShow } from '../parts/show';
  import Working from './Working.svelte';
  import MixLoads from './MixLoads.svelte';
  import MixSettings from './MixSettings.svelte';
  import { getSheet } from './sheet.svelte';
  import type { StopProps } from './stop-props';
  const show = getShow();
  const { besideText, numberText, priceText, quantityText } = show;

  let { equipment, person, time, sharedTank }: StopProps = $props();
  const sheet = getSheet();
  const view = $derived(sheet.view);
  const label = $derived(view.label);
  /** Open until it was settled once; after that as whoever works leaves it. */
  let settingsOpen = $state(untrack(() => sheet.facts.stops.mix === undefined));
  let toolsOpen = $state(false);
  let costsOpen = $state(false);
  /** Fetched before there is an amount: what comes in late pushes Save away from under a finger. */
  const walk = import('./Walk.svelte');
  const mix = $derived(sheet.facts.stops.mix);
  const summary = $derived(
    [
      mix?.tankName || (mix?.tank ? `${quantityText(mix.tank)} tank` : ''),
      mix?.measureName,
      mix?.carryOver ? `${quantityText(mix.carryOver.finished)} left in it` : '',
      mix?.lot ? `lot ${mix.lot}` : '',
    ]
      .filter(Boolean)
      .join(', '),
  );
</script>

{#if view.nothing}
  <p>Nothing is put down, so nothing is mixed.</p>
{:else if !label && view.halts.length > 0}
  <p class="border-2 border-brick bg-brick-wash p-4 mt-0 mb-4 mx-0">
    <span class="figure">No amounts while a Halt is open.</span> What has to be settled stands above.
  </p>
{:else if !label}
  <p class="soft">Choose a remedy first: the rate comes from its label.</p>
{:else}
  {#if view.halts.length > 0}
    <p class="border-2 border-brick bg-brick-wash p-4 mt-0 mb-4 mx-0">
      <span class="figure">No amounts while a Halt is open.</span> What has to be settled stands above.
    </p>
  {:else if label.use.instruction}
    <p class="mt-0 mb-0.5 mx-0 flex gap-y-1 gap-x-3 flex-wrap items-baseline">
      <span class="figure font-title text-[1.45rem]">Nothing to mix: by its instruction</span>
    </p>
    <p>“{label.use.instruction}”</p>
    <p class="soft">
      {[
        ...(label.use.more?.distanceM ? [`${show.lengthText(Number(label.use.more.distanceM))} off`] : []),
        ...(label.use.more?.seconds ? [String(label.use.more.seconds)] : []),
        ...(label.use.more?.passes
          ? [
              `${numberText(Number(label.use.more.passes))} ${label.use.more.passes === 1 ? 'sweep' : 'sweeps'}`,
            ]
          : []),
      ].join(' · ')}
    </p>
    <p class="soft">
      The label gives no rate, so no amount is reckoned here. What was used is logged as it was weighed before
      and after, or by its turns.
    </p>
  {:else if !view.lawn}
    <p class="soft">The amounts appear once the area is measured.</p>
  {:else if view.doseRefused.length > 0}
    {#await import('../../words/refusals')}
      <p class="field-error">No amount comes of these figures.</p>
    {:then { refusalSentences }}
      {#each refusalSentences(view.doseRefused, show) as sentence (sentence)}
        <p class="field-error">{sentence}</p>
      {/each}
    {/await}
  {:else if view.dose}
    {@const dose = view.dose}
    <p class="mt-0 mb-0.5 mx-0 flex gap-y-1 gap-x-3 flex-wrap items-baseline" aria-live="polite">
      <span class="figure font-title text-[1.45rem]">
        {label.form === 'granule' ? 'Weigh' : label.use.carrier ? 'Add' : 'Put down'}
        {productText(dose.product, view.method?.noun ?? null, show)} of {label.name}
      </span>
      <span class="soft">{besideText(dose.product) ?? ''}</span>
    </p>
    <p class="soft m-0">
      {#if dose.finished}{quantityText(dose.finished)} of mix for {groundText(
          view.lawn,
          view.method?.noun ?? 'spot',
          show,
        )}.{/if}
      {Math.abs(dose.errorPct) < 0.05
        ? mix?.half
          ? 'Exactly half of the rate chosen; the other half follows in one to two weeks'
          : 'Exactly the rate chosen'
        : `${numberText(Math.abs(dose.errorPct))} % ${dose.errorPct > 0 ? 'over' : 'under'} the rate chosen, by the marks of the measure`}{dose.container
        ? `; costs ${priceText(dose.container.costUsed)}`
        : ''}.
      {label.demonstration ? 'Demonstration label.' : ''}
    </p>
    <div class="flex flex-wrap gap-y-0 gap-x-6">
      <Working name="product" />
      {#if dose.finished}<Working name="finished" label="Working of the mix" />{/if}
      {#if dose.container}<Working name="cost" label="Working of the cost" />{/if}
    </div>
  {/if}

  {#if !label.use.instruction}<Fold
      class="ruled"
      bind:open={settingsOpen}
      says="Rate, tank and measure{summary ? `: ${summary}` : ''}"
    >
      <MixSettings {equipment} {label} {person} {sharedTank} />
    </Fold>{/if}

  {#if view.halts.length === 0 && view.lawn && view.dose}
    <MixLoads {equipment} {label} dose={view.dose} />
    {#await walk then { default: Walk }}<Walk {equipment} {label} {person} />{/await}
    <Fold class="ruled" bind:open={toolsOpen} says="Which tool, what to write on the tank, how to clean it">
      {#if toolsOpen}
        {#await import('./MixTools.svelte') then { default: MixTools }}
          <MixTools {equipment} {label} dose={view.dose} {person} {time} />
        {/await}
      {/if}
    </Fold>
    <Fold class="ruled" bind:open={costsOpen} says="What it costs, what the shelf lacks, how far it reaches">
      {#if costsOpen}
        {#await import('./MixCosts.svelte') then { default: MixCosts }}
          <MixCosts {equipment} {label} product={view.dose.product} />
        {/await}
      {/if}
    </Fold>
  {/if}
{/if}
