<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import NewPassword from '$lib/ui/office/NewPassword.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
</script>

<svelte:head><title>Set a new password · Nimsy</title></svelte:head>
<div class="page max-w-[46rem]">
  <h1>Set a new password</h1>
  <p>You are signed out everywhere once it is set.</p>
  <KeptForm plain>
    {#snippet children(sending)}
      <div class="fields">
        <NewPassword />
      </div>
      <div class="actions"><Button kind="main" disabled={sending}>Set it</Button></div>
    {/snippet}
  </KeptForm>
</div>

<style>
  p {
    margin: 0.8rem 0;
  }
</style>
