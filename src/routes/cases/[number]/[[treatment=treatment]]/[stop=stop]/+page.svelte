<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { enhance } from '$app/forms';
  import { resolve } from '$app/paths';
  import { letterOf, numberOf, tankMateOf, type AnsweredStop } from '$lib/core/case';
  import Broken from '$lib/ui/parts/Broken.svelte';
  import StopForm from '$lib/ui/case/StopForm.svelte';
  import { getMayChange } from '$lib/ui/parts/may';
  import { getSheet } from '$lib/ui/case/sheet.svelte';
  import type { StopProps } from '$lib/ui/case/stop-props';
  import { getShow } from '$lib/ui/parts/show';
  import { stopPath, tickText, trailText } from '$lib/words';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const show = getShow();
  const sheet = getSheet();
  const stop = $derived(data.stop);
  const Screen = $derived(data.screen);
  const Around = $derived(data.around);
  const errors = $derived(form && 'errors' in form && form.errors ? form.errors : []);
  const conflict = $derived(form && 'conflict' in form ? (form.conflict ?? null) : null);
  /** Counts merges: after one the fields are shown anew, with the other person's changes in them. */
  let merges = $state(0);
  const may = getMayChange();
  const several = $derived((data.facts.course?.length ?? 1) > 1);
  const tank = $derived(sheet.facts.stops.mix?.tankName);
  const kind = $derived(sheet.view.label?.form === 'granule' ? 'spreader' : 'tank');
  const swathM = $derived(
    data.equipment.find((tool) => tool.name === tank)?.swathM ??
      data.equipment.find((tool) => tool.kind === kind)?.swathM ??
      null,
  );
  const given = $derived<StopProps>({
    equipment: data.equipment,
    swathM,
    errors,
    person: data.person ?? '',
    licence: data.licence,
    time: data.time,
    requestKey: data.requestKey,
    sharedTank: data.sharedTank,
  });
  const savedAt = $derived(stop !== 'log' && data.facts.states[stop] ? 'saved' : null);
  const mate = $derived(
    stop === 'measure' || stop === 'when' || stop === 'place' ? tankMateOf(sheet.facts) : null,
  );
  const ready = $derived(
    mate !== null
      ? false
      : stop === 'when' || stop === 'mix' || stop === 'place'
        ? sheet.view.label !== null && !(stop === 'mix' && sheet.view.label.use.instruction)
        : stop !== 'recheck' || sheet.view.recheckDue !== null,
  );
</script>

{#key `${stop} ${merges} ${data.facts.treatment ?? 1} ${data.facts.go ?? 1}`}
  <svelte:boundary onerror={(fault) => console.error(fault)}>
    <!-- Of one treatment the question comes first; another is added after it. -->
    {#if Around && (stop !== 'choose' || several)}<Around />{/if}
    {#if stop === 'log'}
      <Screen {...given} />
    {:else}
      <StopForm stop={stop as AnsweredStop} {errors} {savedAt} {ready} {conflict} onmerged={() => merges++}>
        {#if mate}
          <p>
            <span class="figure">It goes into the tank of {letterOf(sheet.facts, numberOf(mate))}</span>, so
            that it has the same ground, hours and lanes.
            <a href={resolve(stopPath(sheet.facts.number, numberOf(mate), stop))}>Look at them there</a>
          </p>
          <p class="soft">{trailText(stop, sheet.facts, sheet.view, show)}</p>
        {:else}<Screen {...given} />{/if}
      </StopForm>
    {/if}
    {#if Around && stop === 'choose' && !several}<Around />{/if}
    {#snippet failed(_fault, again)}<Broken {again} />{/snippet}
  </svelte:boundary>
  {#if stop === 'log' && data.takenBack.length > 0}
    <p class="soft small">
      Ticks taken back: {data.takenBack
        .map(
          ({ key, by, at }) =>
            `${tickText(key)} (${by}, ${show.instantText(at, data.zone, data.facts.today)})`,
        )
        .join('; ')}
    </p>
  {/if}
  {#if stop === 'mix' && data.kept.length > 0}
    {#await import('$lib/ui/case/Kept.svelte') then { default: Kept }}
      <Kept kept={data.kept} number={data.facts.number} />
    {/await}
  {/if}
  {#if stop === 'recheck' && may()}
    <form class="border-t border-t-rule mt-7 pt-4" method="POST" action="?/close" use:enhance>
      <input type="hidden" name="closed" value={data.closedOn ? 'no' : 'yes'} />
      <Button>{data.closedOn ? 'Open the case again' : 'Close the case'}</Button>
    </form>
  {/if}
{/key}
