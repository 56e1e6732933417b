<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import OfficeNav from '$lib/ui/frame/OfficeNav.svelte';
  import Field from '$lib/ui/parts/Field.svelte';
  import Job from '$lib/ui/parts/Job.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import { atPlace } from '$lib/words';
  import { getZone } from '$lib/ui/parts/today';
  import { getShow } from '$lib/ui/parts/show';
  import type { PageProps } from './$types';
  const { dayText, instantText, numberText } = getShow();
  const zone = getZone();

  let { data, form }: PageProps = $props();
  const errors = $derived(form && 'errors' in form ? (form.errors ?? []) : []);
  const job = $derived(data.job);
  /** What ended otherwise is told where it was begun. */
  const ended = (kind: string): string | undefined =>
    job?.kind !== kind || job.state === 'running' || job.state === 'done'
      ? undefined
      : job.state === 'stopped'
        ? 'It was stopped. Nothing was changed.'
        : job.trouble.join('\n');
  const file = $derived(errors.find((e) => e.path === 'file')?.message ?? ended('import'));
  const exportTrouble = $derived(errors.find((e) => e.path === 'export')?.message ?? ended('export'));
  const sizeText = (bytes: number): string =>
    bytes < 1_000_000
      ? `${numberText(Math.max(1, Math.round(bytes / 1000)))} kB`
      : `${numberText(Math.round(bytes / 1_000_000))} MB`;
</script>

<svelte:head><title>Keeping · Nimsy</title></svelte:head>
<div class="page">
  <OfficeNav role={data.role} alone={data.alone} />
  <h1>Keeping what is yours</h1>

  <h2 class="section-head">Export</h2>
  <p>
    Everything of {data.workspace} in one archive: an open JSON file of settings, customers, properties, cases with
    their history, records, labels, stock and equipment, with each photograph beside it. People, passwords and shared
    links are not in it.
  </p>
  {#if job?.kind === 'export' && job.state === 'done'}
    <p role="status">
      The archive stands, {numberText(job.records)}
      {job.records === 1 ? 'record' : 'records'}.
      <a class="button button-main" href={resolve('/keeping/export/[job]', { job: job.id })} download
        >Save it ({sizeText(job.bytes)})</a
      >
    </p>
  {:else if job?.kind === 'export' && job.state === 'running'}
    <Job id={job.id} {job} />
  {:else}
    <KeptForm plain action="?/export" reload>
      {#snippet children(sending)}
        <Button kind="main" disabled={sending}>{sending ? 'Making it …' : 'Take an export'}</Button>
      {/snippet}
    </KeptForm>
  {/if}
  {#if exportTrouble}<p class="field-error wide" role="alert">{exportTrouble}</p>{/if}

  <h2 class="section-head">Import</h2>
  {#if job?.kind === 'import' && job.state === 'running'}
    <Job id={job.id} {job} />
  {:else if job?.kind === 'import' && job.state === 'done'}
    <p role="status">
      Read in, with {numberText(job.records)}
      {job.records === 1 ? 'record' : 'records'}. <a href={resolve('/')}>To Today</a>
    </p>
  {:else if data.empty}
    <p>
      This workspace holds nothing yet, so an export can be read into it. Either all of it is taken or
      nothing.
    </p>
    <KeptForm plain action="?/import" files>
      {#snippet children(sending)}
        <label class="field-label" for="f-file">File of an export</label>
        <input
          id="f-file"
          type="file"
          name="file"
          accept=".zip,.json,application/zip,application/json"
          class="block min-h-[2.75rem]"
        />
        {#if file}<p class="field-error wide" role="alert">{file}</p>{/if}
        <div class="actions">
          <Button disabled={sending}>{sending ? 'Reading the file …' : 'Read it in'}</Button>
        </div>
      {/snippet}
    </KeptForm>
  {:else}
    <p>
      An export is read into an empty workspace only, so that nothing is mixed up. <a
        href={resolve('/account')}>Found one under Your account</a
      >, and import there.
    </p>
  {/if}

  <h2 class="section-head">Old records</h2>
  {#if form && 'pruned' in form}<p role="status" class="figure">The old records are deleted.</p>{/if}
  {#if data.old === 0}
    <p>
      No record is older than the {data.years} years that this workspace keeps them (work before {dayText(
        data.before,
      )}).
    </p>
  {:else}
    <p>
      {numberText(data.old)}
      {data.old === 1 ? 'record' : 'records'} of work before {dayText(data.before)} are past the {data.years} years
      that this workspace keeps them. Deleting them cannot be taken back. A note of it stays.
    </p>
    <KeptForm plain action="?/prune">
      {#snippet children(sending)}
        <Field label="Type the name of the workspace" name="name" width="22rem" hint={data.workspace ?? ''} />
        <div class="actions"><Button disabled={sending}>Delete the old records</Button></div>
      {/snippet}
    </KeptForm>
  {/if}
  {#each data.tombstones as t (t.at)}
    <p class="soft small">
      {dayText(atPlace(t.at, zone()).day)}: {t.records} old records deleted by {t.by}; the chain ended at {t.last_record_hash.slice(
        0,
        16,
      )}…
    </p>
  {/each}

  <h2 class="section-head">Delete the workspace</h2>
  <p>
    All cases, records, labels and stock of {data.workspace} go for everybody in it, and cannot be brought back
    but from an export. Take one now; without one of the present state nothing is deleted.
  </p>
  <KeptForm plain action="?/remove">
    {#snippet children(sending)}
      <Field label="Type the name of the workspace" name="name" width="22rem" hint={data.workspace ?? ''} />
      <div class="actions">
        <Button kind="danger" disabled={sending}>Delete {data.workspace}</Button>
      </div>
    {/snippet}
  </KeptForm>

  <h2 class="section-head">Backup of the whole machine</h2>
  <p>
    Every workspace and person of this Nimsy in one file, from the terminal: <code>./nimsy backup FILE</code>,
    and back with <code>./nimsy restore FILE</code>.
  </p>
  {#if data.backups}
    <p>
      {data.backups.last
        ? `One is made by itself each night; the last on ${instantText(data.backups.last, zone())}, ${data.backups.count} are kept on this machine. Keep some on another one, too.`
        : 'One is made by itself each night; none yet.'}
    </p>
  {/if}
</div>

<style>
  p {
    max-width: 46rem;
    margin: 0.3rem 0 0.8rem;
  }
  .wide {
    max-width: 46rem;
  }
</style>
