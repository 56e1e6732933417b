<script lang="ts">
  import { resolve } from '$app/paths';
  import DayMix from '$lib/ui/job/DayMix.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Mix together · Nimsy</title></svelte:head>
<div class="page">
  <h1>Mix the day’s jobs together</h1>
  <p class="soft">
    Jobs with the same mix share their loads, so that the last one is used up and the tank ends the day empty.
  </p>
  {#each data.mixes as jobs (jobs[0]?.number)}
    <DayMix {jobs} tanks={data.tanks} />
  {:else}
    <p>
      No open case has a mix that is settled and not yet put down. Settle a case as far as <b>Mix</b>, then it
      stands here.
      <a href={resolve('/cases')}>Cases</a>
    </p>
  {/each}
</div>
