<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import OfficeNav from '$lib/ui/frame/OfficeNav.svelte';
  import { getZone } from '$lib/ui/parts/today';
  import { getShow } from '$lib/ui/parts/show';
  import type { PageProps } from './$types';
  const { instantText } = getShow();
  const zone = getZone();

  let { data, form }: PageProps = $props();
</script>

<svelte:head><title>Outbox · Nimsy</title></svelte:head>
<div class="page">
  <OfficeNav role={data.role} alone={data.alone} />
  <h1>Outbox</h1>
  <p class="soft">
    Nimsy sends no mail itself. What it would send lies here, for owners only; pass it on yourself.
  </p>
  {#if data.messages.length === 0}<p>Nothing lies here.</p>{/if}
  <ul class="rule-list">
    {#each data.messages as { id, to, subject, body, at, hasLink } (id)}
      <li>
        <p>
          <span class="figure">{subject}</span>
          <span class="soft small">to {to} · {instantText(at, zone())}</span>
        </p>
        <p class="whitespace-pre-wrap wrap-anywhere">{body}</p>
        {#if form && 'shown' in form && form.shown === id}
          <p class="link wrap-anywhere border border-petrol py-1.5 px-3 figure" role="status">{form.link}</p>
        {:else if hasLink}
          <form method="POST" action="?/link">
            <input type="hidden" name="id" value={id} />
            <Button kind="plain">Show the link, this once</Button>
          </form>
        {/if}
      </li>
    {/each}
  </ul>
</div>

<style>
  p {
    margin: 0.2rem 0;
  }
  .link {
    user-select: all;
  }
</style>
