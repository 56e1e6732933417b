<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import Field from '$lib/ui/parts/Field.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import type { PageProps } from './$types';

  let { form }: PageProps = $props();
</script>

<svelte:head><title>Forgot the password · Nimsy</title></svelte:head>
<div class="page max-w-[42rem]">
  <h1>A new password</h1>
  {#if form && 'asked' in form}
    <p role="status">
      If {form.asked} has an account here, a link went into the outbox of its workspace. An owner there reads it
      out to you. It holds for one hour.
    </p>
    <p>
      You are the owner yourself, or you work in several workspaces? Whoever runs this Nimsy prints a link in
      the terminal: <code>./nimsy reset {form.asked}</code>
    </p>
    <p><a href={resolve('/sign-in')}>To the sign-in</a></p>
  {:else}
    <p>Nimsy sends no mail. The link is put into the outbox of your workspace, which its owners can read.</p>
    <KeptForm plain>
      {#snippet children(sending)}
        <Field
          label="E-mail address"
          name="email"
          type="email"
          autocomplete="username"
          value={form?.fields?.email ?? ''}
          width="22rem"
        />
        <div class="actions">
          <Button kind="main" disabled={sending}>Ask for a link</Button>
          <a href={resolve('/sign-in')}>Back to the sign-in</a>
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
