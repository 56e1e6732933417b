<script lang="ts">
  import { page } from '$app/state';
  import { onMount, untrack, type Snippet } from 'svelte';
  import { superForm, type SuperValidated } from 'sveltekit-superforms/client';
  import Draft from './Draft.svelte';
  import { setErrors } from './errors';
  import { stateOf } from './form-state';

  interface Props {
    action?: string;
    /** Which form it is, where a page has several for one action. */
    id?: string;
    /** Sends files. */
    files?: boolean;
    /** Opens the next page anew: what every page is shown by has changed. */
    reload?: boolean;
    /** Empties the form once it was taken. */
    reset?: boolean;
    label?: string;
    /** Keeps no draft: what is sent at once, or must not be kept. */
    plain?: boolean;
    /** Rows that a draft needs are made before its fields are filled in. */
    prepare?: (fields: readonly (readonly [name: string, value: string])[]) => void | Promise<void>;
    /** The element, for whoever reads along. */
    element?: HTMLFormElement | undefined;
    oninput?: () => void;
    children: Snippet<[boolean]>;
  }
  let {
    action,
    id: own,
    files = false,
    reset = false,
    reload = false,
    label,
    plain = false,
    prepare,
    element = $bindable(),
    oninput,
    children,
  }: Props = $props();
  const id = untrack(() => own ?? action ?? 'form');
  const guarded = untrack(() => !plain);
  type Typed = Record<string, string>;
  /** Where the page came back without scripts, it says what was wrong. */
  const answered = untrack(() => {
    const said = (page.form as { form?: SuperValidated<Typed> } | null)?.form;
    return said?.id === id ? said : { id, valid: false, posted: false, errors: {}, data: {} as Typed };
  });
  let taken = $state(0);
  let trouble = $state<string | null>(null);
  const typed = superForm<Typed>(answered, {
    id,
    resetForm: false,
    clearOnSubmit: 'errors-and-message',
    scrollToError: 'auto',
    timeoutMs: 10_000,
    taintedMessage: guarded
      ? 'What was typed here is not saved. It stays in this browser as a draft. Leave the page all the same?'
      : false,
    onSubmit: () => {
      trouble = null;
    },
    onResult: ({ result, formElement, cancel }) => {
      if (result.type !== 'success' && result.type !== 'redirect') return;
      taken += 1;
      if (reset && result.type === 'success') formElement.reset();
      clean(formElement);
      if (result.type === 'redirect' && reload) {
        cancel();
        location.assign(result.location);
        return;
      }
      if (result.type === 'success') {
        const validated = { id, valid: true, posted: true, errors: {}, data: stateOf(formElement) };
        result.data = { ...result.data, form: validated };
      }
    },
    onError: ({ result }) => {
      trouble =
        (result.error as { message?: string } | undefined)?.message ??
        'The server does not answer. Try again.';
    },
  });
  const { errors, submitting, timeout, enhance } = typed;
  /** What stands in the fields is what is saved: from here on it is measured against that. */
  function clean(at: HTMLFormElement): void {
    typed.restore({ ...answered, constraints: {}, errors: {}, data: stateOf(at), tainted: undefined });
  }
  const follow = (at: HTMLFormElement): void => typed.form.set(stateOf(at));
  onMount(() => {
    if (!element) return;
    typed.restore({ ...answered, constraints: {}, data: stateOf(element), tainted: undefined });
  });
  setErrors((path) => ($errors as Record<string, string[] | undefined>)[path]?.[0]);
  const whole = $derived(trouble ?? $errors._errors?.[0] ?? null);
</script>

<!-- What was typed stays in the page, whatever the answer is: also where the server is away or the session ended. -->
<form
  bind:this={element}
  method="POST"
  {action}
  novalidate
  aria-label={label}
  enctype={files ? 'multipart/form-data' : undefined}
  use:enhance
  oninput={(event) => {
    follow(event.currentTarget);
    oninput?.();
  }}
  onchange={(event) => follow(event.currentTarget)}
>
  <input type="hidden" name="__superform_id" value={id} />
  <input type="hidden" name="sendKey" value={(page.data as { sendKey?: string }).sendKey ?? ''} />
  {#if guarded}<Draft
      name={own ?? action ?? ''}
      taken={taken > 0 ? taken : undefined}
      guard={false}
      {prepare}
    />{/if}
  {@render children($submitting)}
  {#if whole}<p class="field-error" role="alert">{whole}</p>{/if}
  {#if $timeout}<p class="soft small" role="status">
      The server takes long to answer. What was typed stays here.
    </p>{/if}
</form>
