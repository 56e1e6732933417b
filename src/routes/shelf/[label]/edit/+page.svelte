<script lang="ts">
  import { resolve } from '$app/paths';
  import LabelFiles from '$lib/ui/shelf/LabelFiles.svelte';
  import LabelEditor from '$lib/ui/shelf/LabelEditor.svelte';
  import { untrack } from 'svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const start = untrack(() => (form?.fields as Record<string, string> | undefined) ?? data.start);
</script>

<svelte:head><title>{data.card.name} · Nimsy</title></svelte:head>
<div class="page">
  <h1>{data.card.name}</h1>
  <p class="soft">
    Version {data.card.version} stays as it is for the records that were made under it; what is saved here becomes
    version
    {data.card.version + 1}. <a href={resolve('/shelf/[label]', { label: data.card.id })}>Back to the card</a>
  </p>
  <LabelEditor
    {start}
    pests={data.pests}
    groups={data.groups}
    errors={form?.errors ?? []}
    version={data.card.version}
    save="Save version {data.card.version + 1}"
  >
    {#snippet beside()}<LabelFiles label={data.card.id} files={data.files} />{/snippet}
  </LabelEditor>
</div>
