<script lang="ts">
  import Fold from '$lib/ui/parts/Fold.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import { draftsIn, forgetDrafts } from '$lib/offline/form-draft';
  import OfficeNav from '$lib/ui/frame/OfficeNav.svelte';
  import NewPassword from '$lib/ui/office/NewPassword.svelte';
  import Founding from '$lib/ui/office/Founding.svelte';
  import Field from '$lib/ui/parts/Field.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import { resolve } from '$app/paths';
  import { getShow } from '$lib/ui/parts/show';
  import { getZone } from '$lib/ui/parts/today';
  import { ROLE_WORDS } from '$lib/words';
  import type { PageProps } from './$types';

  const { instantText } = getShow();
  const zone = getZone();

  let { data, form }: PageProps = $props();
  /** Drafts are somebody's own: they do not stay for whoever signs in next. */
  function out(event: SubmitEvent): void {
    const kept = draftsIn(localStorage);
    if (kept === 0) return;
    if (confirm(`${kept === 1 ? 'A draft' : `${kept} drafts`} in this browser will be dropped. Sign out?`))
      forgetDrafts(localStorage);
    else event.preventDefault();
  }
  const errors = $derived(form && 'errors' in form ? (form.errors ?? []) : []);
  const only = (...paths: string[]) => errors.filter((error) => paths.includes(error.path));
</script>

<svelte:head><title>Your account · Nimsy</title></svelte:head>
<div class="page">
  <OfficeNav role={data.role} alone={data.alone} />
  <h1>{data.person}</h1>
  {#if data.email}<p class="soft">{data.email}</p>{/if}

  <h2 class="section-head">Workspaces</h2>
  {#if data.workspaces.length === 0}
    <p>You belong to no workspace now. Open an invitation, or found one of your own.</p>
  {/if}
  <ul class="rule-list">
    {#each data.workspaces as { id, name, role } (id)}
      <li class="flex flex-wrap gap-y-2 gap-x-4 items-center justify-between min-h-[3.4rem]">
        <span><span class="figure">{name}</span> · {ROLE_WORDS[role].name}</span>
        {#if id === data.present}
          <span class="soft">you are here</span>
        {:else}
          <KeptForm plain action="?/choose" reload>
            {#snippet children(sending)}
              <input type="hidden" name="workspace" value={id} />
              <Button disabled={sending}>Go to {name}</Button>
            {/snippet}
          </KeptForm>
        {/if}
      </li>
    {/each}
  </ul>
  {#if data.alone}
    <h2 class="section-head">Let others in</h2>
    <p>
      This Nimsy is for you alone, on this machine. To invite others, or to reach it from other machines, give
      yourself an address and a password.
    </p>
    <KeptForm plain action="?/begin">
      {#snippet children(sending)}
        <div class="fields">
          <Field
            label="E-mail address"
            name="email"
            type="email"
            autocomplete="username"
            value={form && 'fields' in form ? (form.fields?.email ?? '') : ''}
            width="20rem"
          />
          <NewPassword />
        </div>
        <div class="actions"><Button disabled={sending}>From now on, sign in</Button></div>
      {/snippet}
    </KeptForm>
  {:else}
    <Fold class="mt-4" open={only('workspace').length > 0} says="Found another workspace">
      <KeptForm action="?/found" reload>
        {#snippet children(sending)}
          <Founding was={(name) => (form && 'fields' in form ? (form.fields?.[name] ?? '') : '')} />
          <div class="actions"><Button disabled={sending}>Found it</Button></div>
        {/snippet}
      </KeptForm>
    </Fold>

    <h2 class="section-head">Password</h2>
    {#if form && 'passwordSet' in form}
      <p role="status">
        The new password is set.{form.ended ? ` ${form.ended} other sign-ins were ended.` : ''}
      </p>
    {/if}
    <KeptForm plain action="?/password" reset>
      {#snippet children(sending)}
        <div class="fields">
          <Field
            label="Present password"
            name="present"
            type="password"
            autocomplete="current-password"
            width="16rem"
          />
          <NewPassword />
        </div>
        <div class="actions"><Button disabled={sending}>Change it</Button></div>
      {/snippet}
    </KeptForm>

    {#if data.hasPassword}
      <h2 class="section-head">Second factor</h2>
      <p>
        {data.hasSecondFactor
          ? 'Signing in takes a code of your telephone, too.'
          : 'Signing in takes the password alone.'}
        <a href={resolve('/account/second-factor')}
          >{data.hasSecondFactor ? 'See to it' : 'Add a code of your telephone'}</a
        >
      </p>
    {/if}

    <h2 class="section-head">Where you are signed in</h2>
    <p class="soft">Each ends by itself after 30 days without use, and after 90 days in any case.</p>
    <ul class="rule-list">
      {#each data.sessions as { id, device, from, opened, seen, present } (id)}
        <li class="flex flex-wrap gap-y-2 gap-x-4 items-center justify-between min-h-[3.4rem]">
          <span>
            <span class="figure">{device}</span>{from ? `, ${from}` : ''}<br />
            <span class="soft small"
              >since {instantText(opened, zone())}{present
                ? ''
                : `, last used ${instantText(seen, zone())}`}</span
            >
          </span>
          {#if present}
            <span class="soft">you are here</span>
          {:else}
            <form method="POST" action="?/end">
              <input type="hidden" name="id" value={id} />
              <Button>End it</Button>
            </form>
          {/if}
        </li>
      {/each}
    </ul>

    <h2 class="section-head">Sign out</h2>
    <div class="flex flex-wrap gap-3">
      <form method="POST" action="/sign-out" onsubmit={out}>
        <Button>Sign out here</Button>
      </form>
      <form method="POST" action="?/everywhere"><Button>Sign out everywhere</Button></form>
    </div>
  {/if}
</div>
