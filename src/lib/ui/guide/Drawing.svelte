<script lang="ts">
  import { resolve } from '$app/paths';

  /** The drawing of an animal, or of one of its stages, with its telling feature. */
  interface Props {
    id: string;
    name: string;
    width?: number;
    /** Without mark and scale, for where they would be too small to read. */
    plain?: boolean;
  }
  let { id, name, width = 240, plain = false }: Props = $props();
</script>

<img
  class="drawing"
  src="{resolve('/drawings/[name]', { name: `${id}.svg` })}{plain ? '?plain=yes' : ''}"
  alt="Drawing: {name}"
  {width}
  height={Math.round((width * 160) / 240)}
  loading="lazy"
/>
