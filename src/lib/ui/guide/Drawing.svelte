<script lang="ts">
  import { resolve } from '$app/paths';

  /** The drawing of an animal, or of one of its stages, with its telling feature. */
  interface Props {
    id: string;
    name: string;
    width?: number;
    /** Without mark and scale, for where they would be too small to read. */
    plain?: boolean;
    /** The same, and from above alone. */
    close?: boolean;
  }
  let { id, name, width = 240, plain = false, close = false }: Props = $props();
  const how = $derived(close ? '?close=yes' : plain ? '?plain=yes' : '');
</script>

<img
  class="drawing"
  src="{resolve('/drawings/[name]', { name: `${id}.svg` })}{how}"
  alt="Drawing: {name}"
  {width}
  height={Math.round((width * 160) / 240)}
  loading="lazy"
/>
