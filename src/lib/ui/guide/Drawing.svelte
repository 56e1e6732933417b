<script lang="ts">
  import { resolve } from '$app/paths';

  /** The drawing of an animal, or of one of its stages, with its telling feature. */
  let { id, name, width = 240 }: { id: string; name: string; width?: number } = $props();
</script>

<img
  class="drawing"
  src={resolve('/drawings/[name]', { name: `${id}.svg` })}
  alt="Drawing: {name}"
  {width}
  height={Math.round((width * 160) / 240)}
  loading="lazy"
/>
