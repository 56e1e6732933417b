<script lang="ts">
  import Notice from '../parts/Notice.svelte';
  import Table from '../parts/Table.svelte';
  import { lotInUse } from '../../core/case';
  import { seasonTimes, usable } from '../../core/choose';
  import { costOf } from '../../core/dose';
  import { capOf, type CardInUse } from '../../core/labels';
  import { onGround, sideBySide, type Reach } from '../../core/record';
  import { targetFor } from '../../core/ground';
  import { quantity, sameDimension, valueIn, type Quantity } from '../../core/units';
  import { FAMILY_NAMES, refusalSentence } from '../../words';
  import NumberInput from '../parts/NumberInput.svelte';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';
  import type { Tool } from './stop-props';

  /** What the job costs, what the shelf lacks, and how far the container and the label reach. */
  let { equipment, label, product }: { equipment: readonly Tool[]; label: CardInUse; product: Quantity } =
    $props();
  const show = getShow();
  const sheet = getSheet();
  const view = $derived(sheet.view);
  const lots = $derived(view.chosen?.containers ?? []);
  const good = $derived(lots.filter((one) => usable(one, sheet.facts.today)));
  const measured = $derived(good.filter((one) => sameDimension(one.left, product)));
  const lot = $derived((view.chosen && lotInUse(view.chosen, sheet.facts)) ?? null);
  const option = $derived(view.options.find((one) => one.label.id === label.id));
  const target = $derived(view.lawn ? targetFor(view.lawn, label.use.rate.per) : quantity(1, 'count'));
  const per = $derived(
    sameDimension(target, { unit: 'm2' })
      ? quantity(target.unit === 'ft2' ? 1000 : 100, target.unit)
      : quantity(1, target.unit),
  );
  const inHand = $derived(
    equipment.filter(
      ({ name, kind }) =>
        name === sheet.facts.stops.mix?.tankName ||
        name === sheet.facts.stops.mix?.measureName ||
        (label.form === 'granule' && kind === 'spreader'),
    ),
  );
  let quote = $state<number | null>(null);
  let times = $state<number | null>(null);
  let prices = $state<Record<string, number | null>>({});
  const sizeKey = (size: Quantity): string => `${size.value} ${size.unit}`;
  const sizes = $derived.by(() => {
    const known = new Map<string, { size: Quantity; price: number | null }>();
    for (const { size, price } of lots.filter((c) => sameDimension(c.size, product)))
      known.set(sizeKey(size), { size, price });
    for (const size of [label.container.size, ...label.otherSizes])
      if (!known.has(sizeKey(size)) && sameDimension(size, product))
        known.set(sizeKey(size), { size, price: null });
    return [...known.values()]
      .map(({ size, price }) => ({ size, price: price ?? prices[sizeKey(size)] ?? null }))
      .sort((a, b) => valueIn(a.size, b.size.unit) - b.size.value);
  });
  const usual = $derived(option ? seasonTimes(option) : 1);
  const result = $derived(
    costOf({
      ...{ product, target, per, times: times ?? usual, sizes, quote },
      container:
        lot && lot.price !== null && sameDimension(lot.size, product)
          ? { size: lot.size, price: lot.price }
          : null,
      left:
        measured.length > 0
          ? quantity(
              measured.reduce((sum, c) => sum + valueIn(c.left, product.unit), 0),
              product.unit,
            )
          : null,
      tools: inHand,
    }),
  );
  const cost = $derived('ok' in result ? result.ok : null);
  const money = (value: number | null): string => (value === null ? 'not known' : show.priceText(value));
  /** The chosen one by this job's own figures, the others by the least rate of their labels. */
  const strategies = $derived(
    view.families.flatMap((row) => {
      const best = row.cards[0]?.label;
      const season = best?.id === label.id && cost?.season ? cost.season : row.costSeason;
      return season === null
        ? []
        : [{ family: row.family, name: best?.name, season, own: best?.id === label.id }];
    }),
  );
  const reach = $derived(
    sideBySide(label, { product, target }, lot?.left ?? null, view.allowance, {
      cap: capOf(label.use, 'active'),
      parts: onGround(sheet.facts.records, sheet.facts.ground?.cells ?? null, view.lawn?.area ?? null).parts,
      cards: new Map(sheet.facts.shelf.map((entry) => [entry.label.id, entry.label])),
      day: sheet.facts.today,
    }),
  );
</script>

{#snippet figures(one: Reach)}
  <span class="figure">{show.quantityText(one.product)}</span>
  <span
    >{show.quantityText(one.covers)}, {show.numberText(one.jobs)}
    {one.jobs === 1 ? 'job' : 'jobs'} of this size</span
  >
  {#if one.activeG !== null}<span class="soft">{show.massText(one.activeG)} of {reach.active}</span>{/if}
{/snippet}

<section
  aria-label="How far it reaches"
  class="two grid grid-cols-[repeat(auto-fit,minmax(15rem,1fr))] gap-y-3 gap-x-8"
>
  <div>
    <h3>The container covers</h3>
    {#if reach.container}{@render figures(reach.container)}{:else}<span class="soft"
        >None is on the shelf.</span
      >{/if}
  </div>
  <div>
    <h3>Label and ledger still allow here</h3>
    {#if reach.allowed}{@render figures(reach.allowed)}
      <span class="soft small">in the year to today, this job not yet taken off</span>
    {:else}<span class="soft">The label sets no most for a year.</span>{/if}
  </div>
</section>

{#if 'refused' in result}
  {#each result.refused as r, i (i)}<p class="field-error">{refusalSentence(r, show)}</p>{/each}
{:else if cost}
  <section aria-label="What it costs">
    {#if cost.lacks}<Notice kind="care">
        ! The shelf lacks {show.quantityText(cost.lacks)} of {label.name} for this job.
      </Notice>{/if}
    <dl>
      <dt>Product, what is used of it</dt>
      <dd>{money(cost.product)}</dd>
      {#each cost.tools as tool (tool.name)}
        <dt>{tool.name}, its price over the jobs that it lasts</dt>
        <dd>{money(tool.share)}</dd>
      {/each}
      {#if cost.untold.length > 0}<dt class="soft">
          {cost.untold.join(', ')}: no price entered under Equipment
        </dt>
        <dd></dd>{/if}
      <dt class="figure">This job</dt>
      <dd class="figure">{money(cost.once)}</dd>
      {#if cost.per}<dt>Per {show.perText(cost.per.per)}</dt>
        <dd>{money(cost.per.value)}</dd>{/if}
      <dt>
        <label
          >Season of <span class="few"
            ><NumberInput
              whole
              value={times}
              placeholder={String(usual)}
              label="Treatments in the season"
              onnumber={(n) => (times = n)}
            /></span
          >
          {(times ?? usual) === 1 ? 'treatment' : 'treatments'}</label
        >
      </dt>
      <dd>{money(cost.season)}</dd>
      <dt>
        <label
          >A service asks for the season <span
            ><NumberInput value={quote} label="Quote of a service" onnumber={(n) => (quote = n)} /></span
          ></label
        >
      </dt>
      <dd>
        {#if cost.saved !== null}{cost.saved >= 0
            ? `${money(cost.saved)} more than doing it`
            : `${money(-cost.saved)} less than doing it`}{/if}
      </dd>
    </dl>
  </section>
  {#if strategies.length > 1}
    <section>
      <h3>The season by each strategy that the shelf has</h3>
      <dl>
        {#each strategies as row (row.family)}
          <dt>
            {FAMILY_NAMES[row.family]}{row.name ? `: ${row.name}` : ''}{row.own
              ? ' (this job’s figures)'
              : ''}
          </dt>
          <dd>{money(row.season)}</dd>
        {/each}
      </dl>
    </section>
  {/if}
  <section>
    <h3>By size of container, for the season</h3>
    <div class="overflow-x-auto">
      <Table small>
        <thead>
          <tr
            ><th>Size</th><th class="number">Price</th><th class="number">Jobs in it</th><th class="number"
              >To buy</th
            ><th class="number">Paid</th><th class="number">Left over</th></tr
          >
        </thead>
        <tbody>
          {#each cost.sizes as one (sizeKey(one.size))}
            {@const key = sizeKey(one.size)}
            <tr>
              <td>{show.quantityText(one.size)}</td>
              <td class="number"
                >{#if lots.some((c) => c.price !== null && sizeKey(c.size) === key)}{money(
                    one.price,
                  )}{:else}<NumberInput
                    label="Price of {show.quantityText(one.size)}"
                    value={prices[key] ?? null}
                    width="5rem"
                    onnumber={(n) => (prices = { ...prices, [key]: n })}
                  />{/if}</td
              >
              <td class="number">{show.numberText(one.jobs)}</td>
              <td class="number">{one.count}</td>
              <td class="number">{one.outlay === null ? '' : money(one.outlay)}</td>
              <td class="number">{show.quantityText(one.over)}</td>
            </tr>
          {/each}
        </tbody>
      </Table>
    </div>
    {#if label.shelfLifeMonths !== null}<p class="soft small">
        It keeps {label.shelfLifeMonths} months: what is left over after that is lost.
      </p>{/if}
  </section>
{/if}

<style>
  .two div {
    display: grid;
    align-content: start;
    border-top: 1px solid var(--ink);
    padding-top: 0.4rem;
  }
  .two .figure {
    font-size: 1.3rem;
  }
  h3 {
    margin: 0.8rem 0 0.2rem;
    font-size: 1rem;
  }
  .two h3 {
    margin: 0;
  }
  dl {
    display: grid;
    grid-template-columns: 1fr auto;
    max-width: 40rem;
    margin: 0.6rem 0;
  }
  dt,
  dd {
    margin: 0;
    padding: 0.35rem 0;
    border-bottom: 1px dashed var(--rule);
  }
  dd {
    text-align: right;
    padding-left: 1rem;
  }
  label {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
  }
  label span {
    width: 6.5rem;
  }
  label .few {
    width: 5rem;
  }
</style>
