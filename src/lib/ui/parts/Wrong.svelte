<script lang="ts">
  import { getErrors } from './errors';

  /** What is wrong with a group of fields, beneath it. */
  let { path }: { path: string } = $props();
  const message = $derived(getErrors()(path));
</script>

{#if message}<p class="field-error" role="alert">{message}</p>{/if}
