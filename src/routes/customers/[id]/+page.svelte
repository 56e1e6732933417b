<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import OfficeNav from '$lib/ui/frame/OfficeNav.svelte';
  import CustomerFields from '$lib/ui/office/CustomerFields.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import { getMayChange } from '$lib/ui/parts/may';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const may = getMayChange();
</script>

<svelte:head><title>{data.customer.name} · Nimsy</title></svelte:head>
<div class="page">
  <OfficeNav role={data.role} alone={data.alone} />
  <h1>{data.customer.name}</h1>
  {#if form && 'saved' in form}<p role="status" class="figure">Saved.</p>{/if}
  <KeptForm>
    {#snippet children(sending)}
      <input type="hidden" name="revision" value={data.customer.revision} />
      <fieldset disabled={!may()}>
        <CustomerFields customer={data.customer} />
        {#if may()}
          <div class="actions"><Button kind="main" disabled={sending}>Save</Button></div>
        {/if}
      </fieldset>
    {/snippet}
  </KeptForm>
  <h2 class="section-head">Properties</h2>
  <ul class="rule-list">
    {#each data.places as { id, name } (id)}
      <li><a href={resolve('/properties/[id]', { id })}>{name}</a></li>
    {:else}<li class="soft">none yet: name the customer on the property’s page</li>{/each}
  </ul>
</div>
