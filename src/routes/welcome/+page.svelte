<script lang="ts">
  import OneOf from '$lib/ui/parts/OneOf.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import Founding from '$lib/ui/office/Founding.svelte';
  import Field from '$lib/ui/parts/Field.svelte';
  import KeptForm from '$lib/ui/parts/KeptForm.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const was = (name: string, other = ''): string => form?.fields?.[name] ?? other;
  let chosen = $state<'people' | 'only-me' | null>(null);
  const how = $derived(
    chosen ?? (data.onNetwork ? 'people' : (was('how', 'people') as 'people' | 'only-me')),
  );
</script>

<svelte:head><title>Welcome · Nimsy</title></svelte:head>
<div class="page max-w-[48rem]">
  <h1>Who uses this Nimsy?</h1>
  {#if data.locked}
    <p>
      This Nimsy is open to a network and has no owner yet. Open the address with the key that it printed in
      the terminal.
    </p>
  {:else}
    <p>
      Nimsy works out amounts, dates and records. The label on the container, local law and licensed people
      always come first.
    </p>
    <KeptForm plain>
      {#snippet children(sending)}
        <fieldset class="grid gap-2.5 mb-4">
          <legend class="legend">How it is used</legend>
          <OneOf class="line" name="how" value="people" chosen={how} onpick={() => (chosen = 'people')}>
            <span class="figure">With sign-in.</span> You are the owner and can invite others. Needed where other
            machines shall reach it.
          </OneOf>
          <OneOf
            class="line"
            name="how"
            value="only-me"
            chosen={how}
            disabled={data.onNetwork}
            onpick={() => (chosen = 'only-me')}
          >
            <span class="figure">Only me, on this machine.</span> No password. Nothing but this machine is served,
            and whoever uses this machine sees it all.
          </OneOf>
        </fieldset>
        <div class="fields my-4 mx-0">
          <Field label="Your name" name="name" autocomplete="name" value={was('name')} width="16rem" />
        </div>
        {#if how === 'people'}
          <div class="fields my-4 mx-0">
            <Field
              label="E-mail address"
              name="email"
              type="email"
              autocomplete="username"
              value={was('email')}
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
        {/if}
        <Founding {was} />
        <div class="actions"><Button kind="main" disabled={sending}>Begin</Button></div>
      {/snippet}
    </KeptForm>
  {/if}
</div>

<style>
  p {
    margin: 0.8rem 0 1.2rem;
  }
</style>
