<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import { getShow } from '../parts/show';
  import CardScale from '../parts/CardScale.svelte';
  import Drawing from './Drawing.svelte';

  /** Holds the drawing against the screen in its true size, by the width of a bank card on this very screen. */
  let { id, name, lengthMm, span }: { id: string; name: string; lengthMm: number; span: number } = $props();
  const show = getShow();
  /** The body takes `span` of the 240 units of a drawing’s width. */
  const widthOfBody = $derived(240 / span);
</script>

<Fold says="Hold against the screen, in true size">
  <CardScale>
    {#snippet children(perMm)}
      <div class="py-3 px-0 overflow-x-auto" style:min-height="{Math.max(30, lengthMm * perMm * 0.7)}px">
        <Drawing {id} {name} width={Math.max(2, lengthMm * perMm * widthOfBody)} />
      </div>
    {/snippet}
  </CardScale>
  <p class="soft small">{name}, {show.oneBodyText(lengthMm)} long.</p>
</Fold>
