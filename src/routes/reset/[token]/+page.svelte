<script lang="ts">
  import Field from '$lib/ui/parts/Field.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import type { PageProps } from './$types';

  let { form }: PageProps = $props();
</script>

<svelte:head><title>Set a new password · Nimsy</title></svelte:head>
<div class="page narrow">
  <h1>Set a new password</h1>
  <p>You are signed out everywhere once it is set.</p>
  <KeptForm errors={form?.errors}>
    {#snippet children(sending)}
      <div class="fields">
        <Field
          label="New password"
          name="password"
          type="password"
          autocomplete="new-password"
          width="20rem"
          hint="at least 10 characters"
        />
        <Field
          label="The same again"
          name="again"
          type="password"
          autocomplete="new-password"
          width="20rem"
        />
      </div>
      <div class="actions"><button class="button button-main" disabled={sending}>Set it</button></div>
    {/snippet}
  </KeptForm>
</div>

<style>
  .narrow {
    max-width: 46rem;
  }
  p {
    margin: 0.8rem 0;
  }
</style>
