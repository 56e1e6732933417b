<script lang="ts">
  import { untrack } from 'svelte';
  import { CALIBRATIONS_OF, DUE_DAYS, EQUIPMENT_KINDS, type EquipmentKind } from '../../core/equipment';
  import { SIZE_UNITS, type EquipmentForm } from '../../forms';
  import { EQUIPMENT_WORDS, MAKERS_WORDS, SIZE_WORDS } from '../../words';
  import Amount from '../parts/Amount.svelte';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import Reading from '../parts/Reading.svelte';

  /** What a tool is; its kind cannot be changed later, since its book is of that kind. */
  let { tool }: { tool: (EquipmentForm & { readonly currency?: string }) | null } = $props();
  let kind = $state<EquipmentKind>(untrack(() => tool?.kind ?? 'tank'));
  const units = $derived(SIZE_UNITS[kind]);
  const days = $derived(DUE_DAYS[kind]);
  const WIDE: readonly EquipmentKind[] = ['tank', 'spreader', 'hose-end'];
</script>

<div class="fields mb-3">
  {#if tool}<input type="hidden" name="kind" value={tool.kind} />{:else}
    <Choice
      label="What it is"
      name="kind"
      value={kind}
      items={EQUIPMENT_KINDS.map((value) => ({ value, name: EQUIPMENT_WORDS[value] }))}
      width="13rem"
      onchange={(value) => (kind = value as EquipmentKind)}
    />
  {/if}
  <Field label="Name" name="name" value={tool?.name ?? ''} width="14rem" required />
</div>
<div class="fields mb-3">
  {#key kind}
    {#if units.length > 0}
      <Amount
        label={SIZE_WORDS[kind]}
        name="size"
        value={tool?.size ?? ''}
        unit={tool?.unit ?? units[0] ?? ''}
        {units}
      />
    {/if}
    {#if kind === 'tank' || kind === 'hose-end'}
      <NumberField
        label="Cannot be drawn"
        name="undrawn"
        value={tool?.undrawn ?? ''}
        width="9rem"
        hint="in the same unit"
      />
      <NumberField
        label="Its marks are every"
        name="marks"
        value={tool?.marks ?? ''}
        width="9rem"
        hint="blank: as usual for its size"
      />
    {:else if kind === 'measure'}
      <NumberField
        label="Full, it holds"
        name="holds"
        value={tool?.holds ?? ''}
        width="9rem"
        hint="in the same unit"
      />
    {/if}
  {/key}
  {#if WIDE.includes(kind)}
    <Reading
      label="Width of a pass"
      name="swathM"
      measure="length"
      value={tool?.swathM ?? ''}
      width="10rem"
    />
  {/if}
  {#if CALIBRATIONS_OF[kind].length > 0}
    <NumberField
      label="Calibrate every, days"
      name="dueDays"
      value={tool?.dueDays ?? ''}
      width="11rem"
      hint={days === null ? undefined : `${days} if blank`}
    />
  {/if}
</div>
<div class="fields mb-3">
  {#if MAKERS_WORDS[kind]}
    <NumberField
      label="Its maker says"
      name="makers"
      value={tool?.makers ?? ''}
      width="11rem"
      hint="{MAKERS_WORDS[kind]}; used until it is calibrated"
    />
  {/if}
  {#if kind !== 'person'}
    <NumberField
      label="It cost"
      name="price"
      after={tool?.currency || undefined}
      value={tool?.price ?? ''}
      width="8rem"
    />
    <NumberField
      label="Lasts for, jobs"
      name="lifeJobs"
      value={tool?.lifeJobs ?? ''}
      width="9rem"
      hint="its price is spread over them"
    />
  {/if}
</div>
