<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { enhance } from '$app/forms';
  import { resolve } from '$app/paths';
  import Field from '$lib/ui/parts/Field.svelte';
  import { getMayChange } from '$lib/ui/parts/may';
  import { atPlace } from '$lib/words';
  import { getZone } from '$lib/ui/parts/today';
  import { getShow } from '$lib/ui/parts/show';
  import { smaller } from '$lib/ui/parts/smaller';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const may = getMayChange();
  const { dayText } = getShow();
  const zone = getZone();
  let working = $state(false);
  let trouble = $state<string | null>(null);
  const errors = $derived(form?.errors ?? []);
</script>

<svelte:head><title>Photographs · case {data.number} · Nimsy</title></svelte:head>
<div class="page">
  <p class="small">
    <a href={resolve(`/cases/${data.number}/look`)}>Back to Look</a>
  </p>
  <h1>Photographs: {data.title}</h1>
  {#if may()}
    <form
      method="POST"
      action="?/add"
      enctype="multipart/form-data"
      use:enhance={async ({ formData, formElement, cancel }) => {
        working = true;
        trouble = null;
        const file = formData.get('photo');
        if (file instanceof File && file.size > 0) {
          try {
            formData.set('photo', await smaller(file), 'photo.jpg');
          } catch {
            // The browser cannot open it; the server tries, and says so where it cannot either.
            if (file.size > 30_000_000) {
              trouble = 'This file is larger than 30 MB and cannot be made smaller here.';
              working = false;
              cancel();
              return;
            }
          }
        }
        return async ({ result, update }) => {
          working = false;
          if (result.type === 'error') trouble = 'The server does not answer. The photograph was not added.';
          else await update();
          if (result.type === 'redirect') formElement.reset();
        };
      }}
    >
      <div class="fields">
        <div>
          <label for="photo" class="field-label">Photograph</label>
          <input
            id="photo"
            name="photo"
            type="file"
            accept="image/*"
            class="file min-h-[2.7rem] max-w-full"
          />
          <p class="field-hint">
            Made smaller before it is sent; the place that a camera writes into it is taken out.
          </p>
        </div>
        <Field label="What it shows" name="note" width="20rem" />
      </div>
      {#each errors as e, i (i)}<p class="field-error" role="alert">{e.message}</p>{/each}
      {#if trouble}<p class="field-error" role="alert">{trouble}</p>{/if}
      <div class="actions">
        <Button kind="main" disabled={working}>{working ? 'Adding …' : 'Add it to the case'}</Button>
        <span class="soft small">{data.photos.length} of {data.most}</span>
      </div>
    </form>
  {/if}
  {#if data.photos.length === 0}
    <p class="soft">
      None yet. The underside of a grub’s last ring, a wing, a nest from afar, and something for scale: a
      coin, a finger, a rule.
    </p>
  {/if}
  <ul
    class="photos list-none p-0 mt-6 mb-0 mx-0 grid grid-cols-[repeat(auto-fill,minmax(min(17rem,100%),1fr))] gap-y-5 gap-x-7"
  >
    {#each data.photos as photo (photo.id)}
      <li>
        <a
          href={resolve('/cases/[number]/photos/[id]', { number: data.number, id: photo.id })}
          data-sveltekit-reload
          ><img
            src={resolve('/cases/[number]/photos/[id]', { number: data.number, id: photo.id })}
            alt={photo.note || 'Photograph without a note'}
            width={photo.width}
            height={photo.height}
            loading="lazy"
          /></a
        >
        <p>{photo.note}</p>
        <p class="soft small">{dayText(atPlace(photo.addedAt, zone()).day)}, {photo.addedBy}</p>
        {#if may()}
          <form method="POST" action="?/remove" use:enhance>
            <input type="hidden" name="id" value={photo.id} />
            <Button kind="plain">Remove</Button>
          </form>
        {/if}
      </li>
    {/each}
  </ul>
</div>

<style>
  .file {
    padding: 0.4rem 0;
  }
  form {
    margin-top: 0.9rem;
  }
  .file::file-selector-button {
    border: 1px solid var(--ink);
    border-radius: 4px;
    background: var(--field);
    color: var(--ink);
    font: inherit;
    font-weight: 650;
    padding: 0.5rem 0.9rem;
    margin-right: 0.8rem;
  }
  .photos img {
    width: 100%;
    height: auto;
    display: block;
    border: 1px solid var(--rule);
  }
  .photos p {
    margin: 0.2rem 0 0;
  }
</style>
