<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { page } from '$app/state';
  import Field from '$lib/ui/parts/Field.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';

  const to = $derived(page.url.searchParams.get('to'));
</script>

<svelte:head><title>Code · Nimsy</title></svelte:head>
<div class="page">
  <h1>The code, too</h1>
  <p>
    Type the six digits that your authenticator shows now. Without it, one of the codes that you keep does as
    well, once.
  </p>
  <KeptForm plain reload action="?/enter{to ? `&to=${encodeURIComponent(to)}` : ''}">
    {#snippet children(sending)}
      <Field label="Code" name="code" autocomplete="one-time-code" width="14rem" />
      <div class="actions"><Button kind="main" disabled={sending}>Sign in</Button></div>
    {/snippet}
  </KeptForm>
  <form method="POST" action="?/back">
    <Button kind="plain">Sign in as somebody else</Button>
  </form>
</div>

<style>
  p {
    max-width: 40rem;
    margin: 0.3rem 0 1rem;
  }
</style>
