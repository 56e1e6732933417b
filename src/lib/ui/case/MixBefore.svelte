<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import { untrack } from 'svelte';
  import { TANK_BEFORE } from '../../core/case';
  import type { Unit } from '../../core/units';
  import { TANK_BEFORE_WORDS } from '../../words';
  import Amount from '../parts/Amount.svelte';
  import Choice from '../parts/Choice.svelte';
  import DateField from '../parts/DateField.svelte';
  import { getSheet } from './sheet.svelte';

  /** What was in the tank, and what is left in it. */
  let { unit }: { unit: Unit } = $props();
  const start = untrack(() => getSheet().facts.stops.mix);
  let carries = $state((start?.carryOver ?? null) !== null);
</script>

<div class="fields">
  <Choice
    label="What was last in this tank"
    name="before"
    value={start?.before ?? 'clean'}
    items={TANK_BEFORE.map((value) => ({ value, name: TANK_BEFORE_WORDS[value] }))}
    width="19rem"
    onchange={(value) => (carries = value === 'same' || carries)}
  />
</div>
<Fold class="mt-4" bind:open={carries} says="Something is left in the tank">
  <p class="soft small">Only of the same product. Anything else: empty and rinse first, never top up.</p>
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
      unit={start?.carryOver?.product.unit ?? unit}
      units={[unit]}
    />
    <DateField label="Mixed on" name="carriedOn" value={start?.carriedOn ?? ''} />
  </div>
</Fold>
