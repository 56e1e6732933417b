<script lang="ts">
  import { lotInUse } from '../../core/case';
  import { CLOSE_ENOUGH } from '../../core/dose';
  import { sameDimension, valueIn } from '../../core/units';
  import { productText, trailText } from '../../words';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';
  const show = getShow();
  const { dayText, numberText, priceText, quantityText } = show;

  const sheet = getSheet();
  const view = $derived(sheet.view);
  const halted = $derived(view.halts.length > 0 && view.records.length === 0);
  const container = $derived((view.chosen && lotInUse(view.chosen, sheet.facts)) ?? null);
  const last = $derived(view.records[view.records.length - 1] ?? null);
  const after = $derived.by(() => {
    if (!container || !view.dose) return null;
    if (!sameDimension(container.left, view.dose.product)) return null;
    const left = container.left.value - valueIn(view.dose.product, container.left.unit);
    // What is short by less than any scale shows is enough.
    if (left < 0 && -left <= CLOSE_ENOUGH * valueIn(view.dose.product, container.left.unit))
      return `none of ${quantityText(container.size)}`;
    return left < 0
      ? `short by ${quantityText({ value: -left, unit: container.left.unit })}`
      : `${numberText(left)} of ${quantityText(container.size)}`;
  });
  const share = (part: number): string => `${Math.min(100, Math.max(0, part * 100))}%`;
</script>

<h2>What follows</h2>
<dl>
  {#if last}
    <div>
      <dt>Put down</dt>
      <dd>
        {productText(last.product, view.method?.noun ?? null, show)} on {dayText(
          last.doneOn,
          sheet.facts.today,
        )}
      </dd>
    </div>
  {:else if halted}
    <div class="halt">
      <dt>Amounts</dt>
      <dd>none while a Halt is open</dd>
    </div>
  {:else if view.dose && view.label}
    <div>
      <dt>Product</dt>
      <dd>{productText(view.dose.product, view.method?.noun ?? null, show)}</dd>
    </div>
    {#if view.dose.finished}<div>
        <dt>Finished mix</dt>
        <dd>{quantityText(view.dose.finished)}</dd>
      </div>{/if}
    {#if after}<div>
        <dt>Shelf after this</dt>
        <dd>{after}</dd>
      </div>{/if}
    {#if view.dose.container}
      <div>
        <dt>Cost</dt>
        <dd>
          {priceText(view.dose.container.costUsed)} · {priceText(view.dose.container.costPer.value)} per {show.perText(
            view.dose.container.costPer.per,
          )}
        </dd>
      </div>
    {/if}
    {#if view.allowance}
      {@const allowed = view.allowance.allowed.value}
      <div class="stack">
        <dt>Allowed here, 12 months</dt>
        <dd>
          {numberText(view.allowance.used.value + view.allowance.now.value)} of {quantityText(
            view.allowance.allowed,
          )}
          <span class="flex h-[12px] border border-ink my-1 mx-0 bg-field" aria-hidden="true">
            <span class="bg-water-deep" style:width={share(view.allowance.used.value / allowed)}></span>
            <span class="bg-petrol" style:width={share(view.allowance.now.value / allowed)}></span>
          </span>
          <span class="soft small">before · this one · room left</span>
        </dd>
      </div>
    {/if}
  {:else}
    <div>
      <dt>Amounts</dt>
      <dd class="soft">
        {view.label?.use.instruction ? 'by its instruction' : view.label ? 'need the area' : 'need a remedy'}
      </dd>
    </div>
  {/if}
  {#if view.lanes && !halted && !last}<div>
      <dt>To walk</dt>
      <dd>
        {view.minutesOnLawn} min, {show.lengthText(view.lanes.pathLength + (view.crossed?.pathLength ?? 0))}
      </dd>
    </div>{/if}
  {#if view.label}
    <div>
      <dt>Works in</dt>
      <dd>
        {view.label.use.daysToEffect
          ? `${view.label.use.daysToEffect[0]}–${view.label.use.daysToEffect[1]} days`
          : 'not stated'}
      </dd>
    </div>
    {#if view.label.use.protectsDays}<div>
        <dt>Protects</dt>
        <dd>{view.label.use.protectsDays} days</dd>
      </div>{/if}
    <div>
      <dt>Again here</dt>
      <dd>
        {#if view.records.length > 0 && view.nextAllowed?.day}{view.nextAllowed.stated
            ? 'no sooner than'
            : 'about'}
          {dayText(view.nextAllowed.day, sheet.facts.today)}
        {:else if view.label.use.noSoonerThanDays}no sooner than {view.label.use.noSoonerThanDays}
          {view.label.use.noSoonerThanDays === 1 ? 'day' : 'days'} after{:else if view.label.use.aboutEveryDays}about
          every {view.label.use.aboutEveryDays === 1
            ? 'day'
            : `${view.label.use.aboutEveryDays} days`}{:else}not stated{/if}
      </dd>
    </div>
  {/if}
  <div>
    <dt>Re-check</dt>
    <dd>{trailText('recheck', sheet.facts, view, show)}</dd>
  </div>
</dl>

<style>
  h2 {
    margin-bottom: 0.4rem;
  }
  dl {
    margin: 0 0 1rem;
  }
  dl > div {
    display: flex;
    justify-content: space-between;
    gap: 1rem;
    border-bottom: 1px solid var(--rule);
    padding: 0.5rem 0;
    font-size: 0.95rem;
  }
  dl > div.stack {
    display: block;
  }
  dd {
    margin: 0;
    font-weight: 700;
    text-align: right;
  }
  .stack dd {
    text-align: left;
  }
  .halt dd {
    color: var(--brick-ink);
  }
</style>
