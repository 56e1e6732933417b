<!-- A page with the frame alone: what every page costs, for the benchmark to compare with. -->
<svelte:head><title>Empty · Nimsy</title></svelte:head>
<p class="page">Nothing stands here.</p>
