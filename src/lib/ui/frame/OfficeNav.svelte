<script lang="ts">
  import { resolve } from '$app/paths';
  import { page } from '$app/state';

  let { role, alone }: { role: 'owner' | 'technician' | 'viewer' | null; alone: boolean } = $props();
  const LINKS = [
    ['/settings', 'Settings', false],
    ['/customers', 'Customers', false],
    ['/equipment', 'Equipment', false],
    ['/people', 'People', true],
    ['/outbox', 'Outbox', true],
    ['/events', 'What happened', true],
    ['/keeping', 'Keeping', true],
    ['/account', 'Your account', false],
  ] as const;
  const shown = $derived(
    LINKS.filter(([href, , owners]) =>
      role === null
        ? href === '/account'
        : (!owners || role === 'owner') && !(alone && (href === '/people' || href === '/outbox')),
    ),
  );
</script>

<nav aria-label="Office">
  {#each shown as [href, word] (href)}
    <a href={resolve(href)} aria-current={page.url.pathname.startsWith(href) ? 'page' : undefined}>{word}</a>
  {/each}
</nav>

<style>
  nav {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 1.2rem;
    margin-bottom: 1rem;
    border-bottom: 1px solid var(--rule);
  }
  a {
    padding: 0.5rem 0 0.4rem;
    color: var(--soft);
    text-decoration: none;
    border-bottom: 2px solid transparent;
    margin-bottom: -1px;
  }
  a:hover {
    color: var(--ink);
  }
  a[aria-current] {
    color: var(--ink);
    font-weight: 650;
    border-color: var(--ink);
  }
</style>
