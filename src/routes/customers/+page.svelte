<script lang="ts">
  import Fold from '$lib/ui/parts/Fold.svelte';
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

<svelte:head><title>Customers · Nimsy</title></svelte:head>
<div class="page">
  <OfficeNav role={data.role} alone={data.alone} />
  <h1>Customers</h1>
  <p class="soft">For whom you work, how to reach them, and what to know before the gate is opened.</p>
  <ul class="rule-list">
    {#each data.customers as c (c.id)}
      <li class="grid grid-cols-[minmax(14rem,1.2fr)_2fr_1fr] gap-y-1.5 gap-x-6 max-[700px]:grid-cols-1">
        <span
          ><a class="figure" href={resolve('/customers/[id]', { id: c.id })}>{c.name}</a><br /><span
            class="soft small">{c.contact}</span
          ></span
        >
        <span class="small">{c.access}</span>
        <span class="small soft"
          >{[c.pets, c.consentsToNotices ? 'wants notices' : ''].filter(Boolean).join(' · ')}</span
        >
      </li>
    {:else}<li class="soft">None yet. A household that treats its own garden needs none.</li>{/each}
  </ul>
  {#if may()}
    <Fold class="mt-4" open={(form?.errors.length ?? 0) > 0} says="Add a customer">
      <KeptForm>
        {#snippet children(sending)}
          <CustomerFields customer={null} />
          <div class="actions"><Button kind="main" disabled={sending}>Add</Button></div>
        {/snippet}
      </KeptForm>
    </Fold>
  {/if}
</div>
