<script lang="ts">
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { getShow } from '../parts/show';
  const { dayText, longDayText } = getShow();

  interface Props {
    person: string | null;
    workspace: string | null;
    demonstration: boolean;
    today: string;
  }
  let { person, workspace, demonstration, today }: Props = $props();
  const LINKS = [
    ['/', 'Today'],
    ['/cases', 'Cases'],
    ['/properties', 'Properties'],
    ['/guide', 'Guide'],
    ['/shelf', 'Shelf'],
    ['/logbook', 'Logbook'],
    ['/how-much', 'How much'],
    ['/find', 'Find'],
    ['/settings', 'Office'],
  ] as const;
  const path = $derived(page.url.pathname);
  const inCase = $derived(/^\/cases\/(\d+)/.exec(path)?.[1] ?? null);
  const OFFICE = [
    '/settings',
    '/customers',
    '/people',
    '/outbox',
    '/events',
    '/keeping',
    '/account',
    '/equipment',
  ];
  const current = (href: string): boolean =>
    href === '/'
      ? path === '/'
      : href === '/settings'
        ? OFFICE.some((office) => path.startsWith(office))
        : path.startsWith(href);
  let night = $state(false);
  const turn = (): void => {
    night = !night;
    document.documentElement.dataset.sheet = night ? 'night' : 'day';
  };
</script>

{#if demonstration}
  <section aria-label="Demonstration">
    <p
      class="m-0 py-1 px-5 bg-saffron-wash text-ink small border-b border-b-saffron max-[700px]:py-1 max-[700px]:px-4"
    >
      Demonstration<span class="max-[700px]:hidden"
        >: its clock reads {longDayText(today)}. People, places, labels and weather are made up.</span
      ><span class="hidden max-[700px]:inline">, {dayText(today)}: all made up</span>
    </p>
  </section>
{/if}
<header>
  <a class="brand" href={resolve('/')} aria-label="Nimsy, today">nim<span>sy</span></a>
  {#if workspace}<nav aria-label="Main">
      {#each LINKS as [href, word] (href)}
        <a href={resolve(href)} class:on={current(href)} aria-current={current(href) ? 'page' : undefined}
          >{word}</a
        >
      {/each}
    </nav>{:else}<span class="flex-1"></span>{/if}
  {#if workspace}<a
      class="emergency min-h-[32px] inline-flex items-center"
      href="{resolve('/emergency')}{inCase ? `?case=${inCase}` : ''}"
      aria-current={path === '/emergency' ? 'page' : undefined}>Emergency</a
    >{/if}
  <!-- Native: it works on a page on which nothing else was loaded. -->
  <button
    type="button"
    class="border-0 bg-transparent soft cursor-pointer py-2.5 px-0 text-[0.92rem] underline underline-offset-[3px] max-[700px]:ml-auto"
    aria-pressed={night}
    onclick={turn}
    ><span class="max-[700px]:hidden">{night ? 'Day sheet' : 'Night sheet'}</span><span
      class="hidden max-[700px]:inline">{night ? 'Day' : 'Night'}</span
    ></button
  >
  {#if person}
    <a class="who inline-flex gap-2 items-baseline" href={resolve('/account')}
      ><span class="figure">{person}</span><span class="soft small">{workspace ?? ''}</span></a
    >
  {/if}
</header>

<style>
  header {
    display: flex;
    align-items: center;
    gap: 0.4rem 1.4rem;
    padding: 0 1.2rem;
    min-height: 48px;
    border-bottom: 1px solid var(--ink);
    flex-wrap: wrap;
  }
  .emergency {
    color: var(--brick-ink);
    font-weight: 650;
    border: 1px solid currentcolor;
    border-radius: 4px;
    padding: 0.2rem 0.6rem;
    text-decoration: none;
  }
  .brand {
    font-family: var(--font-title);
    font-weight: 800;
    font-size: 1.45rem;
    letter-spacing: -0.02em;
    text-decoration: none;
    color: var(--ink);
  }
  .brand span {
    color: var(--petrol);
  }
  nav {
    display: flex;
    gap: 0.2rem 1.3rem;
    flex: 1;
    flex-wrap: wrap;
  }
  nav a {
    color: var(--ink);
    text-decoration: none;
    font-weight: 650;
    padding: 0.7rem 0 0.55rem;
    border-bottom: 3px solid transparent;
  }
  nav a:hover {
    border-color: var(--rule);
  }
  nav a.on {
    border-color: var(--petrol);
  }
  .who {
    color: inherit;
    text-decoration: none;
    padding: 0.6rem 0;
  }
  .who:hover .figure {
    text-decoration: underline;
  }
  @media (max-width: 700px) {
    header {
      padding: 0 0.9rem;
      gap: 0.2rem 0.9rem;
    }
    nav {
      order: 3;
      flex-basis: 100%;
      flex-wrap: nowrap;
      overflow-x: auto;
      gap: 1.1rem;
    }
    nav a {
      white-space: nowrap;
      padding: 0.5rem 0 0.4rem;
    }
    .who .soft {
      display: none;
    }
  }
</style>
