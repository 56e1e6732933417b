<script lang="ts">
  import { untrack } from 'svelte';
  import { fillingLevels } from '../../core/dose';
  import {
    besideText,
    numberText,
    priceText,
    quantityText,
    rateText,
    refusalSentence,
    unitText,
  } from '../../words';
  import Vessel from '../drawings/Vessel.svelte';
  import Amount from '../parts/Amount.svelte';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import Working from '../parts/Working.svelte';
  import { getErrors } from '../parts/errors';
  import { getSheet } from './sheet.svelte';

  interface Tool {
    readonly kind: string;
    readonly name: string;
    readonly size: number;
    readonly unit: string;
    readonly calibratedOn: string | null;
  }
  let { equipment }: { equipment: readonly Tool[] } = $props();
  const sheet = getSheet();
  const errorFor = getErrors();
  const view = $derived(sheet.view);
  const label = $derived(view.label);
  const start = untrack(() => sheet.facts.stops.mix);
  const use = untrack(() => sheet.view.label?.use);
  const tanks = untrack(() => equipment.filter((tool) => tool.kind === 'tank'));
  const measures = untrack(() => equipment.filter((tool) => tool.kind === 'measure'));
  let rate = $state(String(start?.rate ?? use?.rate.min ?? ''));
  let tank = $state({
    name: start?.tankName ?? tanks[0]?.name ?? '',
    size: start?.tank?.value ?? tanks[0]?.size ?? '',
    unit: start?.tank?.unit ?? tanks[0]?.unit ?? 'l',
  });
  const firstMeasure = measures.find((m) => m.unit === use?.rate.unit);
  let measure = $state({
    name: start?.measureName ?? firstMeasure?.name ?? '',
    size: start?.step?.value ?? firstMeasure?.size ?? '',
    unit: String(start?.step?.unit ?? use?.rate.unit ?? 'ml'),
  });
  let form: HTMLElement;
  const again = (): void => {
    const around = form.closest('form');
    queueMicrotask(() => around && sheet.propose('mix', around));
  };
  const takeTank = (name: string): void => {
    const tool = tanks.find((t) => t.name === name);
    if (tool) tank = { name, size: tool.size, unit: tool.unit };
    else tank = { ...tank, name: '' };
    again();
  };
  const takeMeasure = (name: string): void => {
    const tool = measures.find((t) => t.name === name);
    if (tool) measure = { name, size: tool.size, unit: tool.unit };
    else measure = { ...measure, name: '' };
    again();
  };
  const halted = $derived(view.halts.length > 0);
  const liquid = $derived(label?.use.carrier !== null && label?.use.carrier !== undefined);
  const rateStep = $derived(label && label.use.rate.max > 10 ? 1 : 0.01);
</script>

<div bind:this={form}>
  {#if view.nothing}
    <p>Nothing is put down, so nothing is mixed.</p>
  {:else if !label || !use}
    <p class="soft">Choose a remedy first: the rate comes from its label.</p>
  {:else}
    <div class="rate">
      <label class="field-label" for="f-rate"
        >Rate, label {numberText(use.rate.min)} to {rateText(
          use.rate.max,
          use.rate.unit,
          use.rate.per,
        )}</label
      >
      <div class="pair">
        {#if use.rate.max > use.rate.min}
          <span class="small">{numberText(use.rate.min)}</span>
          <input
            type="range"
            min={use.rate.min}
            max={use.rate.max}
            step={rateStep}
            value={rate}
            oninput={(event) => {
              rate = event.currentTarget.value;
              again();
            }}
            aria-label="Rate between the label’s least and most"
          />
          <span class="small">{numberText(use.rate.max)}</span>
        {/if}
        <input
          id="f-rate"
          class="field-input number-input"
          name="rate"
          inputmode="decimal"
          autocomplete="off"
          bind:value={rate}
          aria-invalid={errorFor('rate') ? 'true' : undefined}
        />
        <span>{unitText(use.rate.unit)}</span>
      </div>
      {#if errorFor('rate')}<p class="field-error">{errorFor('rate')}</p>{/if}
    </div>
    <div class="fields tools">
      {#if liquid}
        {#if tanks.length > 0}
          <Choice
            label="Tank"
            name="tankName"
            value={tank.name}
            items={[...tanks.map((t) => ({ value: t.name, name: t.name })), { value: '', name: 'another' }]}
            width="12rem"
            onchange={takeTank}
          />
        {:else}<Field label="Tank" name="tankName" value={tank.name} width="12rem" />{/if}
        {#key tank.name}<Amount
            label="It holds"
            name="tank"
            value={tank.size}
            unit={tank.unit}
            units={['l', 'ml', 'gal', 'quart', 'gal_uk']}
          />{/key}
      {/if}
      {#if label.form !== 'nematodes'}
        {#if measures.length > 0}
          <Choice
            label={liquid ? 'Measure' : 'Scale'}
            name="measureName"
            value={measure.name}
            items={[
              ...measures.map((t) => ({ value: t.name, name: t.name })),
              { value: '', name: 'another' },
            ]}
            width="11rem"
            onchange={takeMeasure}
          />
        {:else}<Field label="Measure" name="measureName" value={measure.name} width="11rem" />{/if}
        {#key measure.name}<Amount
            label="Smallest mark"
            name="step"
            value={measure.size}
            unit={measure.unit}
            units={['ml', 'floz', 'tsp', 'tbsp', 'g', 'kg', 'oz', 'lb']}
          />{/key}
      {/if}
      {#if liquid}
        <Choice
          label="Loads"
          name="split"
          value={start?.split ?? 'fill'}
          items={[
            { value: 'fill', name: 'full, then the rest' },
            { value: 'equal', name: 'equal' },
          ]}
          width="11rem"
        />
      {:else}<input type="hidden" name="split" value="fill" />{/if}
      {#if view.chosen && view.chosen.containers.length > 0}
        <Choice
          label="Lot"
          name="lot"
          value={start?.lot ??
            view.chosen.containers.find(
              (c) => c.left.value > 0 && (c.expiresOn ?? '9999') >= sheet.facts.today,
            )?.lot ??
            ''}
          items={view.chosen.containers.map((c) => ({
            value: c.lot,
            name: `${c.lot}, ${quantityText(c.left)} left${(c.expiresOn ?? '9999') < sheet.facts.today ? ', expired' : ''}`,
          }))}
          width="14rem"
        />
      {:else}<input type="hidden" name="lot" value="" />{/if}
    </div>
    {#if liquid && label.form !== 'nematodes'}
      <details class="carry" open={start?.carryOver !== null && start?.carryOver !== undefined}>
        <summary>Something is left in the tank</summary>
        <p class="soft small">
          Only of the same product. Anything else: empty and rinse first, never top up.
        </p>
        <div class="fields">
          <Amount
            label="Mix left"
            name="carryOver.finished"
            value={start?.carryOver?.finished.value ?? ''}
            unit={start?.carryOver?.finished.unit ?? 'l'}
            units={['l', 'ml', 'gal', 'quart']}
          />
          <Amount
            label="Product in it"
            name="carryOver.product"
            value={start?.carryOver?.product.value ?? ''}
            unit={start?.carryOver?.product.unit ?? use.rate.unit}
            units={[use.rate.unit]}
          />
        </div>
      </details>
    {/if}

    {#if halted}
      <p class="no-amount">
        <span class="figure">No amounts while a Halt is open.</span> What has to be settled stands above.
      </p>
    {:else if !view.lawn}
      <p class="soft">The amounts appear once the area is measured.</p>
    {:else if view.doseRefused.length > 0}
      {#each view.doseRefused as refused (refused.code)}<p class="field-error">
          {refusalSentence(refused)}
        </p>{/each}
    {:else if view.dose}
      {@const dose = view.dose}
      <p class="sum" aria-live="polite">
        <span class="figure big"
          >{label.form === 'granule' ? 'Weigh' : 'Add'} {quantityText(dose.product)} of {label.name}</span
        >
        <span class="soft">{besideText(dose.product) ?? ''}</span>
      </p>
      <p class="soft">
        {#if dose.finished}{quantityText(dose.finished)} of mix over {quantityText(view.lawn.area)}.
        {/if}
        {Math.abs(dose.errorPct) < 0.05
          ? 'Exactly the rate chosen'
          : `${numberText(Math.abs(dose.errorPct))} % ${dose.errorPct > 0 ? 'over' : 'under'} the rate chosen, by the marks of the measure`}{dose.container
          ? ` · costs ${priceText(dose.container.costUsed)}`
          : ''}.
        {label.demonstration ? ' Demonstration label.' : ''}
      </p>
      <Working working={view.workings.product} />
      <Working working={view.workings.finished} label="Working of the mix" />
      <Working working={view.workings.cost} label="Working of the cost" />
      {#if dose.loads.length > 0}
        {@const shown = dose.loads.slice(0, 4)}
        <div class="loads">
          {#each shown as load, i (i)}
            {@const levels = fillingLevels(load)}
            <section class="load">
              <header>
                <h2>Load {i + 1}</h2>
                <span class="small">covers {quantityText(load.covers)}</span>
              </header>
              <div class="body">
                <Vessel {load} capacity={sheet.facts.stops.mix?.tank ?? load.finished} name="Load {i + 1}" />
                <ol>
                  <li>
                    {i === 0 ? 'Backflow preventer on, ' : ''}<b
                      >{label.filterOut ? 'filters out' : 'filter in'}</b
                    >
                  </li>
                  <li>Water to the <b class="amount">{quantityText(levels.partWater)}</b> line</li>
                  <li>
                    {#if load.product.value > 0}Add <b class="amount">{quantityText(load.product)}</b
                      >{:else}<b>No product</b>: what is carried is enough{/if}
                  </li>
                  {#if load.product.value > 0}<li>
                      {label.form === 'nematodes'
                        ? 'Rinse the pack into the tank'
                        : 'Rinse the measure into the tank'}
                    </li>{/if}
                  <li>
                    {label.form === 'nematodes' ? 'Stir, keep stirring' : 'Shake'}, top up to
                    <b class="amount">{quantityText(levels.top)}</b>
                  </li>
                  {#if i === dose.loads.length - 1}<li>End empty: three rinses over the treated turf</li>{/if}
                </ol>
              </div>
            </section>
          {/each}
        </div>
        {#if dose.loads.length > shown.length}
          <table class="table small">
            <thead
              ><tr
                ><th>Load</th><th class="number">Product</th><th class="number">Mix</th><th class="number"
                  >Covers</th
                ></tr
              ></thead
            >
            <tbody>
              {#each dose.loads.slice(4) as load, i (i)}
                <tr
                  ><td>{i + 5}</td><td class="number">{quantityText(load.product)}</td><td class="number"
                    >{quantityText(load.finished)}</td
                  ><td class="number">{quantityText(load.covers)}</td></tr
                >
              {/each}
            </tbody>
          </table>
        {/if}
      {:else if label.form === 'granule'}
        <ol class="plain">
          <li>
            Weigh <b>{quantityText(dose.product)}</b> and halve it: two crossed passes of
            <b>{quantityText({ value: dose.product.value / 2, unit: dose.product.unit })}</b> each.
          </li>
          <li>Half the gate setting for each pass; weigh what is left after the first ten metres.</li>
          <li>Sweep granules off hard ground and back onto the turf.</li>
        </ol>
      {:else}
        <p class="soft">Say what the tank holds, and the loads are drawn.</p>
      {/if}
      {#if view.allowance && dose.container}
        <p class="two">
          <span
            ><b>The container covers</b>
            {numberText(dose.container.jobsPerContainer ?? 0)} jobs of this size.</span
          >
          <span
            ><b>The label allows here</b>
            {numberText(Math.max(0, view.allowance.allowed.value - view.allowance.used.value))}
            {unitText(view.allowance.allowed.unit)} more in 12 months.</span
          >
        </p>
      {/if}
    {/if}
  {/if}
</div>

<style>
  .rate {
    max-width: 34rem;
  }
  .pair {
    display: flex;
    align-items: center;
    gap: 0.6rem;
  }
  .pair input[type='range'] {
    flex: 1;
    min-width: 6rem;
    accent-color: var(--petrol);
    height: 2.5rem;
  }
  .number-input {
    width: 6rem;
    text-align: right;
  }
  .tools {
    margin-top: 1rem;
  }
  .carry {
    margin-top: 0.8rem;
  }
  .carry summary {
    color: var(--petrol);
    text-decoration: underline;
    text-underline-offset: 3px;
    cursor: pointer;
    padding: 0.4rem 0;
  }
  .carry p {
    margin: 0 0 0.4rem;
  }
  .no-amount {
    border: 2px solid var(--brick);
    background: var(--brick-wash);
    padding: 1rem;
    margin: 1.2rem 0;
  }
  .sum {
    margin: 1.3rem 0 0.1rem;
    display: flex;
    gap: 0.2rem 0.8rem;
    flex-wrap: wrap;
    align-items: baseline;
  }
  .sum + p {
    margin: 0;
  }
  .big {
    font-family: var(--font-title);
    font-size: 1.45rem;
  }
  .loads {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(19rem, 1fr));
    gap: 1.2rem;
    margin-top: 1rem;
  }
  .load {
    max-width: 30rem;
  }
  .load header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    border-bottom: 1px solid var(--ink);
    padding-bottom: 0.3rem;
    margin-bottom: 0.8rem;
  }
  .body {
    display: grid;
    grid-template-columns: minmax(8rem, 10.5rem) 1fr;
    gap: 0.9rem;
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
    padding: 0.45rem 0 0.45rem 1.4rem;
    position: relative;
  }
  .body li::before {
    content: counter(step);
    position: absolute;
    left: 0;
    font-weight: 700;
    color: var(--petrol);
  }
  .amount {
    font-size: 1.2rem;
    white-space: nowrap;
  }
  .plain {
    list-style: decimal;
    padding-left: 1.3rem;
    max-width: 40rem;
  }
  .plain li {
    padding: 0.25rem 0;
  }
  .two {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem 2rem;
    border-top: 1px solid var(--rule);
    padding-top: 0.8rem;
    margin-top: 1.2rem;
  }
</style>
