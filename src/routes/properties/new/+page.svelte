<script lang="ts">
  import { enhance } from '$app/forms';
  import { onMount } from 'svelte';
  import Checkbox from 'flowbite-svelte/Checkbox.svelte';
  import Choice from '$lib/ui/parts/Choice.svelte';
  import Field from '$lib/ui/parts/Field.svelte';
  import Note from '$lib/ui/parts/Note.svelte';
  import { setErrors } from '$lib/ui/parts/errors';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  setErrors((path) => form?.errors?.find((e) => e.path === path)?.message);
  const was = (name: string, other = ''): string =>
    (form?.fields as Record<string, string> | undefined)?.[name] ?? other;
  let zone = $state('UTC');
  let water = $state(false);
  onMount(() => {
    const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
    if (data.zones.includes(here)) zone = here;
  });
</script>

<svelte:head><title>Add a property · Nimsy</title></svelte:head>
<div class="page">
  <h1>Add a property</h1>
  <form
    method="POST"
    novalidate
    use:enhance={() =>
      ({ update }) =>
        update({ reset: false })}
  >
    <div class="fields">
      <Field label="Name" name="name" value={was('name')} width="20rem" required />
      <Field label="Address" name="address" value={was('address')} width="24rem" />
    </div>
    <div class="fields">
      <Field
        label="Latitude"
        name="latitude"
        value={was('latitude')}
        numeric
        after="degrees"
        width="9rem"
        hint="south negative; decides the season"
      />
      {#key zone}
        <Choice
          label="Time zone"
          name="timeZone"
          value={was('timeZone', zone)}
          items={[...new Set(['UTC', ...data.zones])].map((z) => ({ value: z, name: z }))}
          width="16rem"
        />
      {/key}
    </div>
    <Checkbox
      name="byWater"
      checked={water}
      onchange={(event) => (water = event.currentTarget.checked)}
      class="text-base">Open water beside it</Checkbox
    >
    {#if water}
      <div class="fields">
        <Field
          label="Water lies from bearing"
          name="avoidFromDeg"
          value={was('avoidFromDeg')}
          numeric
          after="°"
          width="13rem"
          hint="clockwise from north"
        />
        <Field
          label="to bearing"
          name="avoidToDeg"
          value={was('avoidToDeg')}
          numeric
          after="°"
          width="9rem"
        />
      </div>
    {/if}
    <div class="fields"><Note label="Note" name="note" value={was('note')} /></div>
    <div class="actions"><button class="button button-main">Add it, and say what you saw</button></div>
  </form>
</div>

<style>
  .fields {
    margin: 1rem 0;
  }
</style>
