<script lang="ts">
  import Notice from '$lib/ui/parts/Notice.svelte';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { STOPS, type Stop } from '$lib/core/labels';
  import Broken from '$lib/ui/parts/Broken.svelte';
  import Cautions from '$lib/ui/case/Cautions.svelte';
  import Follows from '$lib/ui/case/Follows.svelte';
  import Halts from '$lib/ui/case/Halts.svelte';
  import Trail from '$lib/ui/case/Trail.svelte';
  import { CaseSheet, setSheet } from '$lib/ui/case/sheet.svelte';
  import { brokenText, STOP_NAMES, stopPath } from '$lib/words';
  import { setToday, setZone } from '$lib/ui/parts/today';
  import { getShow } from '$lib/ui/parts/show';
  import type { LayoutProps } from './$types';
  const show = getShow();
  const { dayText } = show;

  let { data, children }: LayoutProps = $props();
  setToday(() => data.facts.today);
  setZone(() => data.zone);
  const sheet = setSheet(new CaseSheet(() => data.facts, show));
  const stop = $derived((page.params.stop ?? sheet.view.nextStop) as Stop);
  const addressOf = (to: Stop) =>
    stopPath(
      data.facts.number,
      page.params.treatment === undefined ? null : Number(page.params.treatment),
      to,
    );
  const action = $derived(`${resolve(addressOf(stop))}?/settle`);
  const stale = $derived(sheet.view.trail.find((t) => t.stop === stop)?.state === 'stale');
  /** Once the work is logged, what halts the next treatment stands where the next would be planned. */
  const showHalts = $derived(
    sheet.view.records.length === 0 ||
      (stop !== 'log' && stop !== 'recheck' && stop !== 'look' && stop !== 'name'),
  );
  let keys = $state(false);

  const onkeydown = (event: KeyboardEvent): void => {
    const at = event.target as HTMLElement;
    if (
      event.ctrlKey ||
      event.metaKey ||
      event.altKey ||
      at.closest('input, select, textarea, [contenteditable]')
    )
      return;
    const wanted = /^[1-9]$/.test(event.key)
      ? STOPS[Number(event.key) - 1]
      : event.key === '.'
        ? sheet.view.nextStop
        : undefined;
    if (event.key === '?') keys = !keys;
    if (wanted) void goto(resolve(addressOf(wanted)));
  };
</script>

<svelte:window {onkeydown} />
<svelte:head><title>{STOP_NAMES[stop]} · {data.facts.title} · Nimsy</title></svelte:head>

{#if data.broken.length > 0}
  <Notice heard="alert">
    {#each data.broken as one, i (i)}<p>! {brokenText(one, show)}</p>{/each}
  </Notice>
{/if}
<div
  class="case grid-cols-[236px_minmax(0,1fr)_300px] min-h-[calc(100vh_-_80px)] max-[1150px]:grid-cols-[220px_minmax(0,1fr)] max-[900px]:grid-cols-1"
  class:amounts={stop === 'mix' || stop === 'place'}
>
  <div class="left border-r border-r-rule max-[900px]:border-r-0">
    <div class="about border-b border-b-rule mb-1 max-[900px]:mb-0">
      <p class="soft small">
        Case {data.facts.number} · opened {dayText(data.facts.openedOn, data.facts.today)}{data.closedOn
          ? ` · closed ${dayText(data.closedOn, data.facts.today)}`
          : ''}
      </p>
      <h2>{data.facts.title}</h2>
      <p class="small">
        <a href={resolve('/properties/[id]', { id: data.propertyId })}>{data.facts.property.name}</a> ·
        <a href={resolve('/cases/[number]/share', { number: String(data.facts.number) })}>share</a>
      </p>
    </div>
    <Trail current={stop} />
    <p class="soft small keys">Keys: 1–9 stops, <b>.</b> next missing, <b>?</b> more</p>
  </div>
  <div class="middle bg-field border-r border-r-rule min-w-0">
    {#if keys}
      <p class="help border border-ink" role="status">
        1 to 9 open the stops, <b>.</b> goes to the next thing that is missing, <b>/</b> finds anything,
        <b>?</b> shows or hides this. In a field the keys type.
      </p>
    {/if}
    <div class="top">
      {#if showHalts}<Halts {action} later={sheet.view.records.length > 0 && stop === 'choose'} />{/if}
      <h1>{STOP_NAMES[stop]}</h1>
    </div>
    {#if stale}<p class="answer border-l-5 border-l-saffron bg-saffron-wash">
        An earlier stop changed after this was saved. Look at it again and save it.
      </p>{/if}
    <div class="work">{@render children()}</div>
  </div>
  <aside aria-label="What follows">
    <svelte:boundary onerror={(fault) => console.error(fault)}>
      <div class="figures"><Follows /></div>
      <div class="cautions"><Cautions {action} /></div>
      {#snippet failed(_fault, again)}<Broken {again} />{/snippet}
    </svelte:boundary>
  </aside>
</div>

<style>
  .case {
    display: grid;
  }
  .about {
    padding: 0.7rem 1rem 0.6rem;
  }
  .about p {
    margin: 0;
  }
  .about h2 {
    margin: 0.1rem 0 0.15rem;
    font-size: 1.05rem;
  }
  .keys {
    padding: 0.6rem 1rem;
  }
  .middle {
    padding: 1.1rem 1.6rem 3rem;
  }
  .middle h1 {
    margin-bottom: 0.9rem;
  }
  .answer {
    padding: 0.5rem 0.8rem;
    margin: 0 0 1.1rem;
  }
  .help {
    padding: 0.6rem 0.9rem;
    margin: 0 0 1rem;
  }
  aside {
    padding: 1.1rem 1.1rem 3rem;
    /* However much follows, it never grows past the window: it is scrolled by itself. */
    position: sticky;
    top: 0;
    align-self: start;
    max-height: 100vh;
    overflow-y: auto;
  }
  @media (max-width: 1150px) {
    aside {
      grid-column: 1 / 3;
      border-top: 1px solid var(--rule);
      position: static;
      max-height: none;
    }
  }
  @media (max-width: 900px) {
    .about {
      padding: 0.7rem 0.9rem 0.5rem;
    }
    .keys {
      display: none;
    }
    .middle {
      padding: 0.9rem 0.9rem 1.5rem;
    }
    aside {
      grid-column: 1;
      padding: 1rem 0.9rem 3rem;
    }
    /* What bears on people stands before the amounts. */
    .amounts {
      display: flex;
      flex-direction: column;
    }
    .amounts .middle,
    .amounts aside {
      display: contents;
    }
    .amounts .middle > *,
    .amounts aside > * {
      order: 4;
      padding: 0 0.9rem;
    }
    .amounts .left {
      order: 0;
    }
    .amounts .top {
      order: 1;
      padding-top: 0.9rem;
    }
    .amounts .cautions {
      order: 2;
    }
    .amounts .work {
      order: 3;
      padding-top: 0.9rem;
      padding-bottom: 1.5rem;
    }
    .amounts .figures {
      border-top: 1px solid var(--rule);
      padding-top: 1rem;
      padding-bottom: 3rem;
    }
  }
</style>
