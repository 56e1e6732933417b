<script lang="ts">
  import Tick from '../parts/Tick.svelte';
  import { untrack } from 'svelte';
  import { regionOf, REGIONS, type Region } from '../../core/identify';
  import { REGION_WORDS } from '../../words';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import Note from '../parts/Note.svelte';

  interface Kept {
    name: string;
    address: string;
    latitude: number | string;
    timeZone: string;
    region: Region | null;
    byWater: boolean;
    avoidFromDeg: number | string | null;
    avoidToDeg: number | string | null;
    note: string;
    customerId: string | null;
  }
  interface Props {
    property: Kept;
    zones: readonly string[];
    customers: readonly { id: string; name: string }[];
  }
  let { property, zones, customers }: Props = $props();
  const told = $derived(
    property.latitude === '' ? null : regionOf(property.timeZone, Number(property.latitude)),
  );
  let water = $state(untrack(() => property.byWater));
</script>

<div class="fields my-4 mx-0">
  <Field label="Name" name="name" value={property.name} width="20rem" required />
  <Field label="Address" name="address" value={property.address} width="24rem" />
  {#if customers.length > 0}
    <Choice
      label="Customer"
      name="customerId"
      value={property.customerId ?? ''}
      items={[{ value: '', name: 'none' }, ...customers.map(({ id, name }) => ({ value: id, name }))]}
      width="16rem"
    />
  {/if}
</div>
<div class="fields my-4 mx-0">
  <NumberField
    label="Latitude"
    most={90}
    signed
    name="latitude"
    value={property.latitude}
    after="degrees"
    width="9rem"
    hint="south negative; decides the season"
  />
  {#key property.timeZone}
    <Choice
      label="Time zone"
      name="timeZone"
      value={property.timeZone}
      items={[...new Set(['UTC', ...zones])].map((z) => ({ value: z, name: z }))}
      width="16rem"
    />
    <Choice
      label="Part of the world"
      name="region"
      value={property.region ?? ''}
      items={[
        { value: '', name: told ? `by these: ${REGION_WORDS[told]}` : 'by these two' },
        ...REGIONS.map((region) => ({ value: region, name: REGION_WORDS[region] })),
      ]}
      width="20rem"
      hint="decides which insects are likely"
    />
  {/key}
</div>
<Tick label="Open water beside it" name="byWater" bind:checked={water} />
{#if water}
  <div class="fields my-4 mx-0">
    <NumberField
      label="Water lies from bearing"
      name="avoidFromDeg"
      value={property.avoidFromDeg}
      after="°"
      width="13rem"
      hint="clockwise from north"
    />
    <NumberField label="to bearing" name="avoidToDeg" value={property.avoidToDeg} after="°" width="9rem" />
  </div>
{/if}
<div class="fields my-4 mx-0"><Note label="Note" name="note" value={property.note} /></div>
