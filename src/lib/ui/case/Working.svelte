<script lang="ts">
  import type { WorkingName } from '../../core/case';

  /** The sum behind a figure, for whoever asks for it. Native as `Fold` is, and read as a word in a line. */
  let { name, label = 'Show the working' }: { name: WorkingName; label?: string } = $props();
  let open = $state(false);
</script>

<details class="working my-1 mx-0" bind:open>
  <summary>{label}</summary>
  {#if open}
    {#await import('./WorkingTable.svelte') then { default: WorkingTable }}
      <WorkingTable {name} />
    {/await}
  {/if}
</details>

<style>
  summary {
    display: inline-block;
    cursor: pointer;
    color: var(--petrol);
    text-decoration: underline;
    text-underline-offset: 3px;
    padding: 0.3rem 0;
  }
  .working[open] {
    border-left: 3px solid var(--petrol);
    padding-left: 0.9rem;
    max-width: 40rem;
  }
</style>
