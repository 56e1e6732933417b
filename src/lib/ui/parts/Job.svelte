<script lang="ts">
  import Button from './Button.svelte';
  import { invalidateAll } from '$app/navigation';
  import { getShow } from './show';
  import { progressText, shareOf, type JobTold } from './job-state';

  /** A long work of the server: how far it is, and the way to stop it. The page is read again once it has ended. The bar is
   * native: the library’s cannot say that nobody knows how far it is. */
  let { id, job }: { id: string; job: JobTold } = $props();
  const { numberText } = getShow();
  const ASK_MS = 900;
  let heard = $state.raw<JobTold | null>(null);
  let stopping = $state(false);
  const now = $derived(heard ?? job);
  const share = $derived(shareOf(now));

  $effect(() => {
    if (job.state !== 'running') return;
    const timer = setInterval(async () => {
      const answer = await fetch(`/jobs/${id}`).catch(() => null);
      // A server that does not answer for a moment is asked again.
      if (!answer?.ok) return;
      const told = (await answer.json()) as JobTold;
      heard = told;
      if (told.state !== 'running') {
        clearInterval(timer);
        await invalidateAll();
      }
    }, ASK_MS);
    return () => clearInterval(timer);
  });

  async function stop(): Promise<void> {
    stopping = true;
    await fetch(`/jobs/${id}`, { method: 'DELETE' }).catch(() => (stopping = false));
  }
</script>

<div
  class="flex flex-wrap items-center gap-y-1.5 gap-x-4 border-l-5 border-l-petrol py-2 px-4 mt-2.5 mb-4 mx-0 max-w-[46rem]"
  role="status"
>
  <p class="figure">{progressText(now, numberText)} …</p>
  <progress value={share ?? undefined} max="1"
    >{share === null ? '' : `${Math.round(share * 100)} %`}</progress
  >
  <Button type="button" kind="plain" disabled={stopping} onclick={stop}
    >{stopping ? 'Stopping …' : 'Stop'}</Button
  >
  <noscript><p class="soft small">Load this page again to see how far it is.</p></noscript>
</div>

<style>
  p {
    margin: 0;
  }
  progress {
    flex: 1 1 12rem;
    height: 0.8rem;
    appearance: none;
    border: 1px solid var(--edge);
    background: var(--water-deep);
    color: var(--petrol);
  }
  progress::-webkit-progress-bar {
    background: transparent;
  }
  progress::-webkit-progress-value {
    background: var(--petrol);
  }
  progress::-moz-progress-bar {
    background: var(--petrol);
  }
</style>
