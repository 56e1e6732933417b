<script lang="ts">
  import Button from '../parts/Button.svelte';

  /** Counts up by the clock, so that a sleeping screen does not stop it; hands over the seconds when it is stopped. */
  let { what, taken }: { what: string; taken: (seconds: number) => void } = $props();
  let since = $state<number | null>(null);
  let now = $state(0);
  let ticking: ReturnType<typeof setInterval> | undefined;
  const seconds = $derived(since === null ? 0 : Math.max(0, (now - since) / 1000));
  function start(): void {
    since = now = Date.now();
    ticking = setInterval(() => (now = Date.now()), 100);
  }
  function stop(): void {
    clearInterval(ticking);
    if (since !== null) taken((Date.now() - since) / 1000);
    since = null;
  }
  $effect(() => () => clearInterval(ticking));
</script>

<p class="flex gap-3 items-center my-1.5 mx-0">
  <span class="figure text-[1.6rem] min-w-[5.5rem]" aria-live="off">{seconds.toFixed(1)} s</span>
  {#if since === null}
    <Button type="button" onclick={start} aria-label="Start the watch: {what}">Start the watch</Button>
  {:else}
    <Button type="button" kind="main" onclick={stop}>Stop, and take the time</Button>
  {/if}
</p>
