<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import Field from '$lib/ui/parts/Field.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Is it you? · Nimsy</title></svelte:head>
<div class="page">
  <h1>Is it you?</h1>
  <p>
    What you are about to do cannot be undone by everybody. Type your password once more; for a quarter of an
    hour you are not asked again. Nothing has been done yet.
  </p>
  <KeptForm plain reload>
    {#snippet children(sending)}
      <input type="hidden" name="username" autocomplete="username" value={data.email} />
      <Field label="Password" name="password" type="password" autocomplete="current-password" width="22rem" />
      <div class="actions">
        <Button kind="main" disabled={sending}>Go on</Button>
        <a href={resolve('/')}>Leave it</a>
      </div>
    {/snippet}
  </KeptForm>
</div>

<style>
  p {
    max-width: 40rem;
    margin: 0.3rem 0 1rem;
  }
</style>
