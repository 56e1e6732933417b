<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { onMount } from 'svelte';
  import type { Region } from '$lib/core/identify';
  import PropertyFields from '$lib/ui/office/PropertyFields.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const was = (name: string, other = ''): string => form?.fields?.[name] ?? other;
  let here = $state<string | null>(null);
  onMount(() => {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    if (data.zone === 'UTC' && data.zones.includes(zone)) here = zone;
  });
  const property = $derived({
    name: was('name'),
    address: was('address'),
    latitude: was('latitude'),
    timeZone: was('timeZone', here ?? data.zone),
    region: (was('region') || null) as Region | null,
    byWater: was('byWater') === 'on',
    avoidFromDeg: was('avoidFromDeg'),
    avoidToDeg: was('avoidToDeg'),
    note: was('note'),
    customerId: was('customerId') || null,
  });
</script>

<svelte:head><title>Add a property · Nimsy</title></svelte:head>
<div class="page">
  <h1>Add a property</h1>
  <KeptForm>
    {#snippet children(sending)}
      <PropertyFields {property} zones={data.zones} customers={data.customers} />
      <div class="actions">
        <Button kind="main" disabled={sending}>Add it, and say what you saw</Button>
      </div>
    {/snippet}
  </KeptForm>
</div>
