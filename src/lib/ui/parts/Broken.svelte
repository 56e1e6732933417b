<script lang="ts">
  import Button from './Button.svelte';
  /** Stands where a part of a page broke: the rest of the page and what was typed there stay. */
  let { again }: { again: () => void } = $props();
</script>

<!-- Plain markup: where something broke, nothing more may have to be loaded for saying so. -->
<div class="broken" role="alert">
  <p class="figure">This part of the page broke, and nothing was saved by it.</p>
  <p>
    What was typed elsewhere on the page is still there. Show it again; if it breaks again, the figures that
    it was given do not go together: look at the stop before, and tell whoever keeps Nimsy for you what you
    did last.
  </p>
  <Button type="button" onclick={again}>Show it again</Button>
</div>
