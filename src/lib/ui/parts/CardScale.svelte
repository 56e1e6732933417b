<script lang="ts">
  import { onMount, type Snippet } from 'svelte';

  /** Hands down how many pixels a millimetre takes on this very screen, by the width of a bank card held against it. */
  let { children }: { children: Snippet<[number]> } = $props();
  const CARD_MM = 85.6;
  const KEPT = 'nimsy-card-pixels';
  const USUAL = 324;
  let card = $state(USUAL);
  let kept = $state(false);
  onMount(() => {
    const was = Number(localStorage.getItem(KEPT));
    if (was > 100 && was < 2000) {
      card = was;
      kept = true;
    }
  });
  const keep = (): void => {
    localStorage.setItem(KEPT, String(card));
    kept = true;
  };
</script>

{#if !kept}
  <p class="small">
    Hold a bank card against the bar and draw the handle until both are of one length. That is kept on this
    screen.
  </p>
{/if}
<div
  class="card border-2 border-ink h-[34px] leading-[30px] text-center max-w-full"
  style:width="{card}px"
  aria-hidden="true"
>
  bank card
</div>
<label class="small"
  >Length of the bar
  <input type="range" min="180" max="900" step="1" bind:value={card} onchange={keep} /></label
>
{@render children(card / CARD_MM)}

<style>
  .card {
    border-radius: 8px;
  }
  input {
    display: block;
    width: min(30rem, 100%);
    min-height: 2.6rem;
  }
</style>
