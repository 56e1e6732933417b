<script lang="ts">
  import Button from './Button.svelte';

  /** Counts down the waiting time of a field test; it goes by the clock, so that a sleeping screen does not stop it. */
  let { seconds, what }: { seconds: number; what: string } = $props();
  let endsAt = $state<number | null>(null);
  let now = $state(0);
  let ticking: ReturnType<typeof setInterval> | undefined;
  const left = $derived(endsAt === null ? seconds : Math.max(0, Math.ceil((endsAt - now) / 1000)));
  const text = $derived(`${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`);
  const over = $derived(endsAt !== null && left === 0);

  const stop = (): void => clearInterval(ticking);
  function start(): void {
    stop();
    now = Date.now();
    endsAt = now + seconds * 1000;
    ticking = setInterval(() => {
      now = Date.now();
      if (endsAt !== null && now >= endsAt) {
        stop();
        navigator.vibrate?.([200, 100, 200]);
      }
    }, 250);
  }
  $effect(() => stop);
</script>

<span class="timer inline-flex gap-3 items-center" class:over>
  <span class="figure" aria-live={over ? 'assertive' : 'off'}>{over ? 'Time is up: count' : text}</span>
  {#if endsAt === null}
    <Button type="button" onclick={start} aria-label="Start the timer: {what}">Start</Button>
  {:else}
    <Button
      type="button"
      onclick={() => {
        stop();
        endsAt = null;
      }}>Set back</Button
    >
  {/if}
</span>

<style>
  .timer .figure {
    font-size: 1.3rem;
    min-width: 3.6rem;
  }
  .over .figure {
    color: var(--brick-ink);
  }
</style>
