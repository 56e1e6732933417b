<script lang="ts">
  import type { Option } from '../../core/choose';
  import { cautionWords } from '../../words';
  import { getShow } from '../parts/show';

  /** A Halt of a card in one paragraph, with the clause that makes it. */
  let { halt }: { halt: Option['halts'][number] } = $props();
  const show = getShow();
  const words = $derived(cautionWords(halt, show));
</script>

<p class="border-l-4 border-l-brick pl-2.5">
  <span class="figure">Halt: {words.title}.</span>
  {words.text}
  {#if halt.clause}<span class="soft">Clause {halt.clause.at}: “{halt.clause.text}”</span>{/if}
</p>
