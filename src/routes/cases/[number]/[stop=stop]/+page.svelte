<script lang="ts">
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import type { AnsweredStop } from '$lib/core/case';
  import type { Stop } from '$lib/core/labels';
  import Choose from '$lib/ui/case/Choose.svelte';
  import Log from '$lib/ui/case/Log.svelte';
  import Look from '$lib/ui/case/Look.svelte';
  import Measure from '$lib/ui/case/Measure.svelte';
  import Mix from '$lib/ui/case/Mix.svelte';
  import Name from '$lib/ui/case/Name.svelte';
  import Place from '$lib/ui/case/Place.svelte';
  import Recheck from '$lib/ui/case/Recheck.svelte';
  import StopForm from '$lib/ui/case/StopForm.svelte';
  import When from '$lib/ui/case/When.svelte';
  import { getSheet } from '$lib/ui/case/sheet.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const sheet = getSheet();
  const stop = $derived(page.params.stop as Stop);
  const errors = $derived(form && 'errors' in form && form.errors ? form.errors : []);
  const swath = $derived(
    data.equipment.find((tool) => tool.name === sheet.facts.stops.mix?.tankName)?.swathM ??
      data.equipment.find(
        (tool) => tool.kind === (sheet.view.label?.form === 'granule' ? 'spreader' : 'tank'),
      )?.swathM ??
      null,
  );
  const ready = $derived(
    stop === 'when' || stop === 'mix' || stop === 'place'
      ? sheet.view.label !== null
      : stop !== 'recheck' || sheet.view.records.length > 0,
  );
  const savedAt = $derived(stop !== 'log' && data.facts.states[stop] ? 'saved' : null);
</script>

{#key stop}
  {#if stop === 'log'}
    <Log {errors} person={data.person} time={data.time} requestKey={data.requestKey} />
  {:else}
    <StopForm stop={stop as AnsweredStop} {errors} {savedAt} {ready}>
      {#if stop === 'look'}<Look />
      {:else if stop === 'name'}<Name />
      {:else if stop === 'choose'}<Choose />
      {:else if stop === 'measure'}<Measure />
      {:else if stop === 'when'}<When />
      {:else if stop === 'mix'}<Mix equipment={data.equipment} />
      {:else if stop === 'place'}<Place swathM={swath} />
      {:else}<Recheck />{/if}
    </StopForm>
  {/if}
  {#if stop === 'recheck'}
    <form class="close" method="POST" action="?/close" use:enhance>
      <input type="hidden" name="closed" value={data.closedOn ? 'no' : 'yes'} />
      <button class="button">{data.closedOn ? 'Open the case again' : 'Close the case'}</button>
    </form>
  {/if}
{/key}

<style>
  .close {
    border-top: 1px solid var(--rule);
    margin-top: 1.6rem;
    padding-top: 1rem;
  }
</style>
