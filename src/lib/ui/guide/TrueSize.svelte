<script lang="ts">
  import { onMount } from 'svelte';
  import { getShow } from '../parts/show';
  import Drawing from './Drawing.svelte';

  /** Holds the drawing against the screen in its true size, by the width of a bank card on this very screen. */
  let { id, name, lengthMm }: { id: string; name: string; lengthMm: number } = $props();
  const show = getShow();
  const CARD_MM = 85.6;
  /** The body takes 160 of the 240 units of a drawing's width. */
  const WIDTH_OF_BODY = 240 / 160;
  const KEPT = 'nimsy-card-pixels';
  const USUAL = 324;
  let card = $state(USUAL);
  let kept = $state(false);
  const perMm = $derived(card / CARD_MM);
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

<details>
  <summary>Hold against the screen, in true size</summary>
  {#if !kept}
    <p class="small">
      Hold a bank card against the bar and draw the handle until both are of one length. That is kept on this
      screen.
    </p>
  {/if}
  <div class="card" style:width="{card}px" aria-hidden="true">bank card</div>
  <label class="small"
    >Length of the bar
    <input type="range" min="180" max="900" step="1" bind:value={card} onchange={keep} /></label
  >
  <div class="true" style:min-height="{Math.max(30, lengthMm * perMm * 0.7)}px">
    <Drawing {id} {name} width={Math.max(2, lengthMm * perMm * WIDTH_OF_BODY)} />
  </div>
  <p class="soft small">{name}, {show.oneBodyText(lengthMm)} long.</p>
</details>

<style>
  summary {
    cursor: pointer;
    color: var(--petrol);
    text-decoration: underline;
    text-underline-offset: 3px;
    padding: 0.5rem 0;
  }
  .card {
    border: 2px solid var(--ink);
    border-radius: 8px;
    height: 34px;
    line-height: 30px;
    text-align: center;
    max-width: 100%;
  }
  input {
    display: block;
    width: min(30rem, 100%);
    min-height: 2.6rem;
  }
  .true {
    padding: 0.8rem 0;
    overflow-x: auto;
  }
</style>
