<script lang="ts">
  import Button from '../parts/Button.svelte';
  import { enhance } from '$app/forms';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';

  /** After something was taken away: says so, and puts it back. */
  const WHAT: Readonly<Record<string, string>> = {
    'kept-job': 'The job was taken out.',
    calibration: 'The calibration was taken out of the book.',
    equipment: 'The equipment was removed with its book.',
    photo: 'The photograph was removed.',
    'label-file': 'The file was removed.',
  };
  const [kind = '', id = ''] = $derived((page.url.searchParams.get('removed') ?? '').split('.'));
  const said = $derived(id !== '' && Object.hasOwn(WHAT, kind) ? WHAT[kind] : null);
</script>

{#if said}
  <form
    method="POST"
    action={resolve('/put-back')}
    class="flex flex-wrap items-center gap-y-1.5 gap-x-4 border-l-5 border-l-saffron bg-saffron-wash py-2 px-4"
    use:enhance
  >
    <input type="hidden" name="id" value={id} />
    <span role="status">{said}</span>
    <Button>Put it back</Button>
    <span class="soft small">It can be put back for a day.</span>
  </form>
{/if}
