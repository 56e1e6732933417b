<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import Field from '$lib/ui/parts/Field.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const to = $derived(page.url.searchParams.get('to'));
  const action = (name: string): string => `?/${name}${to ? `&to=${encodeURIComponent(to)}` : ''}`;
</script>

<svelte:head><title>Sign in · Nimsy</title></svelte:head>
<div class="door max-w-[60rem] py-8 px-5 flex-wrap">
  <section>
    <h1>Sign in</h1>
    {#if data.done === 'password'}<p role="status">The new password is set. Sign in with it.</p>{/if}
    {#if data.done === 'late'}<p role="status">The ten minutes for the code are over. Begin again.</p>{/if}
    {#if data.done === 'out'}<p role="status">You are signed out.</p>{/if}
    <KeptForm plain action={action('enter')}>
      {#snippet children(sending)}
        <Field
          label="E-mail address"
          name="email"
          type="email"
          autocomplete="username"
          value={form?.fields?.email ?? ''}
          width="22rem"
        />
        <Field
          label="Password"
          name="password"
          type="password"
          autocomplete="current-password"
          width="22rem"
        />
        <div class="actions">
          <Button kind="main" disabled={sending}>Sign in</Button>
          <a href={resolve('/forgot')}>Forgot the password</a>
        </div>
      {/snippet}
    </KeptForm>
  </section>
  {#if data.ready.length > 0}
    <section>
      <h2>Or step in as somebody of the demonstration</h2>
      <p class="soft">They are made up, and so is all that they see. One click each.</p>
      <form method="POST" action={action('ready')}>
        <ul class="rule-list">
          {#each data.ready as { key, name, what } (key)}
            <li>
              <Button name="account" value={key}>{name}</Button>
              <span>{what}</span>
            </li>
          {/each}
        </ul>
      </form>
    </section>
  {/if}
</div>

<style>
  .door {
    margin: 0 auto;
    display: flex;
    gap: 2rem 4rem;
  }
  section {
    flex: 1 1 20rem;
  }
  section :global(form) {
    display: grid;
    gap: 1rem;
    margin-top: 1rem;
  }
  li {
    display: grid;
    grid-template-columns: 8rem 1fr;
    gap: 1rem;
    align-items: center;
  }
</style>
