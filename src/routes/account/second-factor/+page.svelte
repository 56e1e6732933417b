<script lang="ts">
  import Notice from '$lib/ui/parts/Notice.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import OfficeNav from '$lib/ui/frame/OfficeNav.svelte';
  import Field from '$lib/ui/parts/Field.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import { getShow } from '$lib/ui/parts/show';
  import { getZone } from '$lib/ui/parts/today';
  import type { PageProps } from './$types';
  const { instantText } = getShow();
  const zone = getZone();

  let { data, form }: PageProps = $props();
  const codes = $derived(form && 'codes' in form ? form.codes : null);
  const grouped = $derived(data.secret?.match(/.{1,4}/g)?.join(' ') ?? '');
</script>

<svelte:head><title>Second factor · Nimsy</title></svelte:head>
<div class="page">
  <OfficeNav role={data.role} alone={data.alone} />
  <h1>Second factor</h1>
  {#if data.asked && !data.since}
    <Notice kind="care" heard="status">
      The owners of {data.workspace} ask everybody for a second factor. Set it up here; then the workspace opens.
    </Notice>
  {/if}
  <p>
    With it, signing in takes your password and six digits that an authenticator on your telephone shows.
    Whoever guesses the password alone does not get in.
  </p>

  {#if codes}
    <section
      class="codes border border-petrol py-2.5 px-4 max-w-[46rem]"
      aria-label="Codes to keep"
      role="status"
    >
      <h2>Keep these ten codes</h2>
      <p>They are shown this once. Each stands in for the telephone, once. Write them down, away from it.</p>
      <ol>
        {#each codes as code (code)}<li class="figure">{code}</li>{/each}
      </ol>
    </section>
  {/if}

  {#if data.since}
    <p>
      It is on since {instantText(data.since, zone())}; {data.codesLeft} of the codes to keep
      {data.codesLeft === 1 ? 'is' : 'are'} left.
    </p>
    <div class="actions">
      <form method="POST" action="?/renew"><Button>Make ten new codes</Button></form>
      <form method="POST" action="?/off"><Button kind="plain">Turn it off</Button></form>
    </div>
  {:else if data.picture}
    <ol class="steps flex flex-wrap gap-y-5 gap-x-14 list-decimal mb-6">
      <li>
        <p>Let the authenticator on your telephone read this, or type the key into it.</p>
        <!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by the server from its own secret -->
        <div class="picture w-[13rem] border border-rule">{@html data.picture}</div>
        <p class="figure key wrap-anywhere">{grouped}</p>
      </li>
      <li>
        <KeptForm plain action="?/on">
          {#snippet children(sending)}
            <Field
              label="The six digits that it shows"
              name="code"
              autocomplete="one-time-code"
              width="14rem"
            />
            <div class="actions">
              <Button kind="main" disabled={sending}>Turn it on</Button>
            </div>
          {/snippet}
        </KeptForm>
      </li>
    </ol>
  {:else if data.hasPassword}
    <form method="POST" action="?/begin"><Button kind="main">Set it up</Button></form>
  {:else}
    <p class="soft">It comes on top of a password, and you sign in without one here.</p>
  {/if}
  <p><a href={resolve('/account')}>Back to your account</a></p>
</div>

<style>
  p {
    max-width: 46rem;
    margin: 0.3rem 0 0.9rem;
  }
  .actions,
  form {
    margin-bottom: 1.2rem;
  }
  .codes ol {
    columns: 2;
    padding-left: 1.6rem;
  }
  .codes li {
    font-variant-numeric: tabular-nums;
    user-select: all;
    padding: 0.15rem 0;
  }
  .steps {
    padding-left: 1.4rem;
  }
  .steps li {
    padding-left: 0.4rem;
  }
  .picture {
    background: white;
  }
  .key {
    letter-spacing: 0.04em;
    user-select: all;
  }
</style>
