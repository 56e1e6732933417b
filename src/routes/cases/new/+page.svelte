<script lang="ts">
  import { resolve } from '$app/paths';
  import { enhance } from '$app/forms';
  import Choice from '$lib/ui/parts/Choice.svelte';
  import Field from '$lib/ui/parts/Field.svelte';
  import { setErrors } from '$lib/ui/parts/errors';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  setErrors((path) => form?.errors?.find((e) => e.path === path)?.message);
</script>

<svelte:head><title>What did you see? · Nimsy</title></svelte:head>
<div class="page">
  <h1>What did you see?</h1>
  {#if data.properties.length === 0}
    <p>A case belongs to a place. <a href={resolve('/properties/new')}>Add the property first.</a></p>
  {:else}
    <form
      method="POST"
      novalidate
      use:enhance={() =>
        ({ update }) =>
          update({ reset: false })}
    >
      <p class="soft">In a few words; the signs and counts come next.</p>
      <div class="fields">
        <Field
          label="What is wrong"
          name="title"
          value={form?.title ?? ''}
          width="26rem"
          required
          hint="such as: brown patches along the path"
        />
        <Choice
          label="Property"
          name="propertyId"
          value={form?.propertyId ?? data.property ?? data.properties[0]?.id ?? ''}
          items={data.properties.map((p) => ({ value: p.id, name: p.name }))}
          width="18rem"
        />
      </div>
      <p class="small"><a href={resolve('/properties/new')}>Another property</a></p>
      <div class="actions"><button class="button button-main">Open the case</button></div>
    </form>
  {/if}
</div>
