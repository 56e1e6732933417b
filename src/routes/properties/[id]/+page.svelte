<script lang="ts">
  import Fold from '$lib/ui/parts/Fold.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import Grounds from '$lib/ui/office/Grounds.svelte';
  import PremisesAsked from '$lib/ui/office/PremisesAsked.svelte';
  import PropertyFields from '$lib/ui/office/PropertyFields.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import { getMayChange } from '$lib/ui/parts/may';
  import RecordTable from '$lib/ui/case/RecordTable.svelte';
  import { getShow } from '$lib/ui/parts/show';
  import type { PageProps } from './$types';
  const { dayText } = getShow();

  let { data, form }: PageProps = $props();
  const may = getMayChange();
  const p = $derived(data.property);
</script>

<svelte:head><title>{p.name} · Nimsy</title></svelte:head>
<div class="page">
  <div class="flex justify-between gap-4 items-center flex-wrap">
    <h1>{p.name}</h1>
    <Button href={resolve('/properties/[id]/plan', { id: p.id })}>The plan</Button>
    {#if may()}<Button kind="main" href="{resolve('/cases/new')}?property={p.id}">What did you see?</Button
      >{/if}
  </div>
  <p class="soft">
    {p.address}{p.address ? ' · ' : ''}{p.latitude < 0 ? 'southern' : 'northern'} hemisphere, latitude {p.latitude}°{p.byWater
      ? ' · beside open water'
      : ''}
  </p>
  {#if p.note}<p>{p.note}</p>{/if}
  {#if data.customer}
    <p class="small">
      <a href={resolve('/customers/[id]', { id: data.customer.id })}>{data.customer.name}</a>{data.customer
        .access
        ? ` · ${data.customer.access}`
        : ''}{data.customer.pets ? ` · ${data.customer.pets}` : ''}
    </p>
  {/if}
  {#if form && 'saved' in form}<p role="status" class="figure">Saved.</p>{/if}
  {#if may()}
    <Fold open={(form?.errors.length ?? 0) > 0 && form?.form?.id === '?/change'} says="Change the place">
      <KeptForm action="?/change">
        {#snippet children(sending)}
          <input type="hidden" name="revision" value={p.revision} />
          <PropertyFields property={p} zones={data.zones} customers={data.customers} />
          <div class="actions"><Button kind="main" disabled={sending}>Save</Button></div>
        {/snippet}
      </KeptForm>
    </Fold>
  {/if}
  <PremisesAsked
    answers={p.premises}
    askedOn={p.premisesAskedOn}
    today={data.today}
    revision={p.revision}
    open={(form?.errors.length ?? 0) > 0 && form?.form?.id === '?/asked'}
  />
  <Grounds grounds={p.grounds} proposed={data.ground} today={data.today} drawn={data.drawn} />
  <h2 class="section-head">Cases</h2>
  <ul class="rule-list">
    {#each data.cases as c (c.number)}
      <li>
        <a class="figure" href={resolve('/cases/[number]', { number: String(c.number) })}>{c.title}</a>
        <span class="soft"
          >opened {dayText(c.openedOn, data.today)}{c.closedOn
            ? `, closed ${dayText(c.closedOn, data.today)}`
            : ''}</span
        >
      </li>
    {:else}<li class="soft">none yet</li>{/each}
  </ul>
  <h2 class="section-head">What was put down here</h2>
  {#if data.records.length > 0}<RecordTable records={data.records} today={data.today} />
    {#if data.older}<p><a href="?after={data.older}">Older entries</a></p>{/if}{:else}<p class="soft">
      nothing yet
    </p>{/if}
</div>
