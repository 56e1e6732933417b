<script lang="ts">
  import Alert from 'flowbite-svelte/Alert.svelte';
  import type { Snippet } from 'svelte';

  /**
   * What has to be said beside the work: `wrong` was not done, `care` wants an act, `tell` is good to know. Only what comes
   * about while somebody looks is spoken of itself (`heard`).
   */
  interface Props {
    kind?: 'wrong' | 'care' | 'tell';
    heard?: 'alert' | 'status' | undefined;
    class?: string;
    children: Snippet;
  }
  let { kind = 'wrong', heard, class: more = '', children }: Props = $props();
</script>

<Alert role={heard ?? 'note'} class="notice notice-{kind} {more}" params={{ duration: 0 }}
  >{@render children()}</Alert
>
