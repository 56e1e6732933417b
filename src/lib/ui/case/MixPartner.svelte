<script lang="ts">
  import { untrack } from 'svelte';
  import type { CardInUse } from '../../core/labels';
  import { unitText } from '../../words';
  import { getShow } from '../parts/show';
  import Choice from '../parts/Choice.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import Jar from './Jar.svelte';
  import { getSheet } from './sheet.svelte';

  /** A second product in the same tank, and the jar in which both were tried. */
  let { label, person, onchange }: { label: CardInUse; person: string; onchange: () => void } = $props();
  const { numberText, rateText } = getShow();
  const sheet = getSheet();
  const start = untrack(() => sheet.facts.stops.mix?.partner ?? null);
  let other = $state(start?.label ?? '');
  const options = $derived(
    sheet.view.options.filter((one) => one.label.use.carrier && one.label.id !== label.id),
  );
  const card = $derived(options.find((one) => one.label.id === other)?.label ?? null);
  const allows = ({ mixWithOthers }: CardInUse): string =>
    mixWithOthers === 'yes' ? '' : mixWithOthers === 'no' ? ', not with others' : ', not stated';
</script>

<p class="soft small">
  Only where both labels allow it, and only after a jar with both of them stayed mixed for half an hour.
</p>
<div class="fields">
  <Choice
    label="Second product"
    name="partner.label"
    value={other}
    items={[
      { value: '', name: 'none' },
      ...options.map((one) => ({ value: one.label.id, name: `${one.label.name}${allows(one.label)}` })),
      ...(start && !options.some((one) => one.label.id === start.label)
        ? [{ value: start.label, name: start.label }]
        : []),
    ]}
    width="19rem"
    onchange={(value) => {
      other = value;
      onchange();
    }}
  />
  {#if other !== ''}
    {#key other}
      <NumberField
        label="Its rate"
        name="partner.rate"
        value={start?.label === other ? start.rate : (card?.use.rate.min ?? '')}
        after={card ? unitText(card.use.rate.unit) : undefined}
        hint={card
          ? `label ${numberText(card.use.rate.min)} to ${rateText(card.use.rate.max, card.use.rate.unit, card.use.rate.per)}`
          : undefined}
        width="10rem"
      />
    {/key}
  {/if}
</div>
{#if other !== ''}
  <Jar name="partner" {start} {person} {onchange} />
{/if}
