<script lang="ts">
  import NotDone from '$lib/ui/parts/NotDone.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import Job from '$lib/ui/parts/Job.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const job = $derived(data.job);
  const linesOf = (path: string, kind: string): string[] =>
    job?.kind === kind && job.state !== 'running' && job.state !== 'done'
      ? job.state === 'stopped'
        ? ['It was stopped.']
        : [...job.trouble]
      : (form?.errors ?? []).filter((e) => e.path === path).flatMap((e) => e.message.split('\n'));
  const cardErrors = $derived(linesOf('file', 'cards'));
  const stockErrors = $derived(linesOf('stock', 'stock'));
</script>

<svelte:head><title>Read in · Nimsy</title></svelte:head>
<div class="page">
  <h1>Read in</h1>
  <h2 class="section-head">Label cards</h2>
  <p class="soft mt-1 mb-3 mx-0 max-w-[50rem]">
    One card or a whole shelf, as JSON by the published schema. A card that is on the shelf already comes in
    as its next version, so that records keep theirs; one that is the same adds nothing. A file with anything
    wrong in it is refused whole.
  </p>
  {#if Number.isFinite(data.added)}
    <p class="mt-1 mb-3 mx-0 max-w-[50rem]" role="status">
      {data.added} read in{data.same > 0 ? `, ${data.same} were here already` : ''}.
      <a href={resolve('/shelf')}>To the shelf</a>
    </p>
  {/if}
  {#if job?.kind === 'cards' && job.state === 'running'}<Job id={job.id} {job} />{/if}
  <KeptForm action="?/cards" files label="A file of label cards">
    {#snippet children(sending)}
      <label class="field-label" for="file">File of label cards</label>
      <input id="file" name="file" type="file" accept=".json,application/json" class="field-input" />
      <NotDone says="Nothing was read in" lines={cardErrors} />
      <div class="actions">
        <Button kind="main" disabled={sending}>{sending ? 'Reading …' : 'Read it in'}</Button>
      </div>
    {/snippet}
  </KeptForm>

  <h2 class="section-head">Stock</h2>
  <p class="soft mt-1 mb-3 mx-0 max-w-[50rem]">
    Containers as CSV, with the columns of <a href={resolve('/shelf/stock')} download
      >the stock as it stands</a
    >. Needed are label_id or label, lot, size and unit; what is left counts as counted today. One wrong line,
    and nothing is read in.
  </p>
  {#if Number.isFinite(data.containers)}
    <p class="mt-1 mb-3 mx-0 max-w-[50rem]" role="status">
      {data.containers} containers read in. <a href={resolve('/shelf')}>To the shelf</a>
    </p>
  {/if}
  {#if job?.kind === 'stock' && job.state === 'running'}<Job id={job.id} {job} />{/if}
  <KeptForm action="?/stock" files label="A file of stock">
    {#snippet children(sending)}
      <label class="field-label" for="stock">CSV of stock</label>
      <input id="stock" name="stock" type="file" accept=".csv,text/csv" class="field-input" />
      <NotDone says="Nothing was read in" lines={stockErrors} />
      <div class="actions">
        <Button kind="main" disabled={sending}>{sending ? 'Reading …' : 'Read it in'}</Button>
      </div>
    {/snippet}
  </KeptForm>
</div>

<style>
  .field-input {
    max-width: 26rem;
  }
</style>
