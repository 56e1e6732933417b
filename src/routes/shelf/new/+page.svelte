<script lang="ts">
  import LabelEditor from '$lib/ui/shelf/LabelEditor.svelte';
  import { untrack } from 'svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const start = untrack(() => (form?.fields as Record<string, string> | undefined) ?? data.start);
</script>

<svelte:head><title>Copy a label · Nimsy</title></svelte:head>
<div class="page">
  <h1>{data.from ? `A copy of ${data.from}` : 'Copy a label'}</h1>
  <p class="soft">
    From the container in your hand, in the label’s own order. What it does not state stays blank: a blank is
    “not stated”, never filled in.
  </p>
  <LabelEditor
    {start}
    pests={data.pests}
    groups={data.groups}
    errors={form?.errors ?? []}
    container
    save="Put it on the shelf"
  />
</div>
