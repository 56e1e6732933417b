<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import Choice from '$lib/ui/parts/Choice.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import { getMayChange } from '$lib/ui/parts/may';
  import { atPlace } from '$lib/words';
  import { getZone } from '$lib/ui/parts/today';
  import { getShow } from '$lib/ui/parts/show';
  import type { PageProps } from './$types';
  const { dayText, quantityText } = getShow();

  let { data, form }: PageProps = $props();
  const may = getMayChange();
  const zone = getZone();
  const recordName = (id: string | null): string => {
    const record = data.records.find((r) => r.id === id);
    return record
      ? `${dayText(record.doneOn, data.today)}, ${quantityText(record.product)} of ${record.label.name}`
      : '';
  };
</script>

<svelte:head><title>Share · {data.title} · Nimsy</title></svelte:head>
<div class="page max-w-[60rem]">
  <p class="small">
    <a href={resolve('/cases/[number]', { number: String(data.number) })}>Case {data.number}: {data.title}</a>
  </p>
  <h1>Show it to the customer</h1>
  <p>
    A link shows one record, or the notice of the planned treatment, to whoever has it: no sign-in, and
    nothing else of
    {data.workspace}. It can be revoked at any time.
  </p>
  {#if data.customer}
    <p>
      {data.property} belongs to <span class="figure">{data.customer.name}</span>, who {data.customer.consents
        ? 'wants notices'
        : 'has not agreed to notices'}.
    </p>
  {/if}
  {#if form && 'link' in form && form.link}
    <div class="border border-petrol py-2.5 px-4 mb-4" role="status">
      <p>Give them this address. It is shown this once.</p>
      <p class="address font-[650] wrap-anywhere">{form.link}</p>
    </div>
  {/if}
  {#if may()}
    <KeptForm plain action="?/share">
      {#snippet children(sending)}
        <div class="fields">
          <Choice
            label="What they see"
            name="what"
            value="notice"
            width="26rem"
            items={[
              { value: 'notice', name: 'the notice of what is planned' },
              ...data.records.map((r) => ({ value: r.id, name: `the record: ${recordName(r.id)}` })),
            ]}
          />
          <Choice
            label="Holds for"
            name="days"
            value="30"
            width="9rem"
            items={data.days.map((d) => ({ value: String(d), name: d === 365 ? 'a year' : `${d} days` }))}
          />
        </div>
        <div class="actions"><Button kind="main" disabled={sending}>Make a link</Button></div>
      {/snippet}
    </KeptForm>
  {/if}
  {#if data.links.length > 0}
    <h2 class="section-head">Links that were made</h2>
    <ul class="rule-list">
      {#each data.links as link (link.id)}
        <li class="flex flex-wrap justify-between gap-2.5 items-center">
          <span
            >{link.kind === 'notice' ? 'The notice' : `The record: ${recordName(link.recordId)}`}<br /><span
              class="soft small"
              >by {link.by} · {link.state === 'open' ? 'open until' : link.state + ', was to hold until'}
              {dayText(atPlace(link.expiresAt, zone()).day)}</span
            ></span
          >
          {#if link.state === 'open' && may()}
            <form method="POST" action="?/revoke">
              <input type="hidden" name="id" value={link.id} />
              <Button>Revoke</Button>
            </form>
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
</div>

<style>
  p {
    margin: 0.4rem 0 0.8rem;
  }
  .address {
    user-select: all;
  }
</style>
