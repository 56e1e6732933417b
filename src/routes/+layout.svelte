<script lang="ts">
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import '../app.css';
  import ThemeProvider from 'flowbite-svelte/ThemeProvider.svelte';
  import Header from '$lib/ui/frame/Header.svelte';
  import Removed from '$lib/ui/frame/Removed.svelte';
  import { setShow } from '$lib/ui/parts/show';
  import { standAlone } from '$lib/ui/parts/theme';
  import { showIn } from '$lib/words';
  import { onMount, untrack } from 'svelte';
  import { setToday, setZone } from '$lib/ui/parts/today';
  import { setMayChange } from '$lib/ui/parts/may';
  import { holdPress } from '$lib/ui/parts/held-press';
  import { holdTyped } from '$lib/ui/parts/typed-early';
  import { browser } from '$app/environment';
  import type { LayoutProps } from './$types';

  let { data, children }: LayoutProps = $props();
  standAlone();
  setShow(showIn(untrack(() => data.manner)));
  setToday(() => data.today);
  setZone(() => data.zone);
  setMayChange(() => data.role !== 'viewer');

  // The page as the server wrote it still stands here; once it is mounted, its scripts have it.
  if (browser) onMount(holdTyped());
  // Whoever drives the page from outside can tell that its scripts have it.
  onMount(() => {
    document.documentElement.dataset.ready = 'yes';
  });

  /** `/` finds anything; in a field it types. */
  const onkeydown = (event: KeyboardEvent): void => {
    const at = event.target as HTMLElement;
    if (event.key !== '/' || event.ctrlKey || event.metaKey || event.altKey || !data.workspace) return;
    if (at.closest('input, select, textarea, [contenteditable]')) return;
    event.preventDefault();
    void goto(resolve('/find'));
  };
</script>

<svelte:window {onkeydown} />
<svelte:document onpointerdowncapture={holdPress} />

<!-- Its colours and corners are those of app.css; without a provider each of the library's components looks for one and throws. -->
<ThemeProvider>
  <a class="skip absolute" href="#main">To the content</a>
  <Header
    person={data.person}
    workspace={data.workspace}
    demonstration={data.demonstration}
    today={data.today}
  />
  <main id="main">
    {#if data.role !== 'viewer'}<Removed />{/if}
    {@render children()}
  </main>
</ThemeProvider>

<style>
  .skip {
    left: -999px;
  }
  .skip:focus {
    left: 8px;
    top: 8px;
    z-index: 10;
    background: var(--field);
    padding: 0.6rem 1rem;
  }
</style>
