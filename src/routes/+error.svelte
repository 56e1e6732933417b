<script lang="ts">
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
</script>

<svelte:head><title>{page.status} · Nimsy</title></svelte:head>
<div class="page">
  <h1>{page.error?.message ?? 'That did not work.'}</h1>
  <p><a href={resolve('/')}>To today’s work</a></p>
</div>
