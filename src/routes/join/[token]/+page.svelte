<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import Field from '$lib/ui/parts/Field.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import { ROLE_WORDS } from '$lib/words';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const { invitation } = $derived(data);
</script>

<svelte:head><title>Join {invitation.workspace} · Nimsy</title></svelte:head>
<div class="page max-w-[60rem]">
  <h1>Join {invitation.workspace}</h1>
  <p>{invitation.by} invites you as {ROLE_WORDS[invitation.role].name}: {ROLE_WORDS[invitation.role].may}.</p>
  {#if data.person}
    <KeptForm plain action="?/join">
      {#snippet children(sending)}
        <Button kind="main" disabled={sending}>Join as {data.person}</Button>
      {/snippet}
    </KeptForm>
  {:else}
    <KeptForm plain action="?/enrol">
      {#snippet children(sending)}
        <div class="fields">
          <Field
            label="Your name"
            name="name"
            autocomplete="name"
            value={form?.fields?.name ?? ''}
            width="16rem"
          />
          <Field
            label="E-mail address"
            name="email"
            type="email"
            autocomplete="username"
            value={form?.fields?.email ?? invitation.email}
            width="20rem"
          />
          <Field
            label="Password"
            name="password"
            type="password"
            autocomplete="new-password"
            width="16rem"
            hint="at least 10 characters"
          />
        </div>
        <div class="actions">
          <Button kind="main" disabled={sending}>Join</Button>
          <a href="{resolve('/sign-in')}?to={encodeURIComponent(page.url.pathname)}">I have an account</a>
        </div>
      {/snippet}
    </KeptForm>
  {/if}
</div>

<style>
  p {
    margin: 0.8rem 0;
  }
</style>
