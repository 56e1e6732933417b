<script lang="ts">
  import { enhance } from '$app/forms';
  import type { Snippet } from 'svelte';
  import Draft from './Draft.svelte';
  import { setErrors } from './errors';

  interface Props {
    action?: string;
    /** What the last sending of it was refused for. */
    errors?: readonly { path: string; message: string }[] | undefined;
    /** Sends files. */
    files?: boolean;
    /** Opens the next page anew: what every page is shown by has changed. */
    reload?: boolean;
    /** Empties the form once it was taken. */
    reset?: boolean;
    label?: string;
    /** Keeps no draft: what is sent at once, or must not be kept. */
    plain?: boolean;
    children: Snippet<[boolean]>;
  }
  let {
    action,
    errors = [],
    files = false,
    reset = false,
    reload = false,
    label,
    plain = false,
    children,
  }: Props = $props();
  let sending = $state(false);
  let taken = $state(0);
  let trouble = $state<string | null>(null);
  setErrors((path) => errors.find((error) => error.path === path)?.message);
  const whole = $derived(trouble ?? errors.find((error) => error.path === '')?.message ?? null);
</script>

<!-- What was typed stays in the page, whatever the answer is: also where the server is away or the session ended. -->
<form
  method="POST"
  {action}
  novalidate
  aria-label={label}
  enctype={files ? 'multipart/form-data' : undefined}
  use:enhance={() => {
    sending = true;
    trouble = null;
    return async ({ result, update }) => {
      sending = false;
      if (result.type === 'success' || result.type === 'redirect') taken += 1;
      if (result.type === 'error')
        trouble = (result.error as { message?: string })?.message ?? 'The server does not answer. Try again.';
      else if (reload && result.type === 'redirect') location.assign(result.location);
      else await update({ reset });
    };
  }}
>
  {#if !plain && !files}<Draft name={action ?? ''} taken={taken > 0 ? taken : undefined} />{/if}
  {@render children(sending)}
  {#if whole}<p class="field-error" role="alert">{whole}</p>{/if}
</form>
