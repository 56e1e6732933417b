<script lang="ts">
  import Button from './Button.svelte';
  import { beforeNavigate } from '$app/navigation';
  import { page } from '$app/state';
  import { onMount, tick } from 'svelte';
  import { DraftKeeper, type FormDraft, type FormState } from '../../offline/form-draft';
  import { DRAFT_TAKEN, fillForm } from './fill';
  import { getShow } from './show';
  import { getZone } from './today';

  /**
   * Stands inside a form: keeps in this browser what is typed there, offers it again after a reload, and asks before it is
   * left. The form tells by `taken` once it was taken.
   */
  interface Props {
    /** What the form is, where a page has several. */
    name?: string;
    /** Changes once the form was taken. */
    taken?: unknown;
    /** Rows that a draft needs are made before its fields are filled in. */
    prepare?: (fields: FormState) => void | Promise<void>;
    /** Asks before it is left; a stop of a case keeps what was typed while other stops are open. */
    guard?: boolean;
  }
  let { name = '', taken, prepare, guard = true }: Props = $props();
  const show = getShow();
  const zone = getZone();
  const AFTER_MS = 400;
  /** A way of measuring makes its rows, a row's kind its fields. */
  const PASSES = 3;
  let root: HTMLElement;
  let keeper: DraftKeeper | null = null;
  let offer = $state.raw<FormDraft | null>(null);
  let said = $state<'' | 'kept' | 'not-kept'>('');
  let timer: ReturnType<typeof setTimeout> | undefined;
  let leaving = false;
  const form = (): HTMLFormElement | null => root.closest('form');
  /** Not the marks of the fields, nor what the page itself sends along. */
  const OWN = /~|^__superform|^(requestKey|sendKey|basedOn|seen|revision)$|password|^again$/;
  const stateOf = (): FormState => {
    const at = form();
    if (!at) return [];
    return [...new FormData(at)].flatMap(([key, value]) =>
      typeof value === 'string' && !OWN.test(key) ? [[key, value] as const] : [],
    );
  };
  function shelf(): Storage | null {
    try {
      return localStorage;
    } catch {
      return null;
    }
  }
  onMount(() => {
    const at = form();
    const who = `${page.data.workspace ?? ''} ${page.data.person ?? ''}`;
    keeper = new DraftKeeper(`${who} ${page.url.pathname} ${name}`, stateOf(), shelf(), () => Date.now());
    offer = keeper.offered();
    const keep = (): void => {
      clearTimeout(timer);
      keeper?.typed(stateOf());
      said = keeper?.dirty ? (keeper.kept ? 'kept' : 'not-kept') : '';
    };
    const typed = (): void => {
      leaving = false;
      clearTimeout(timer);
      timer = setTimeout(keep, AFTER_MS);
    };
    // What is sent is kept first: once it was taken, nothing that was typed before may be kept after it.
    const sent = (): void => {
      keep();
      leaving = true;
    };
    at?.addEventListener('input', typed);
    at?.addEventListener('change', typed);
    at?.addEventListener('submit', sent);
    return () => {
      clearTimeout(timer);
      at?.removeEventListener('input', typed);
      at?.removeEventListener('change', typed);
      at?.removeEventListener('submit', sent);
    };
  });
  // What was refused is typed on; what was taken is done.
  $effect(() => {
    leaving = false;
    if (taken === undefined || taken === null || taken === false) return;
    clearTimeout(timer);
    keeper?.taken(stateOf());
    said = '';
  });
  beforeNavigate((navigation) => {
    if (!guard) return;
    if (leaving || !keeper?.dirty) {
      // Sent, and answered with another page: it was taken.
      if (leaving && navigation.type !== 'form') keeper?.forget();
      return;
    }
    if (navigation.willUnload) navigation.cancel();
    else if (
      !confirm(
        'What was typed here is not saved. It stays in this browser as a draft. Leave the page all the same?',
      )
    )
      navigation.cancel();
  });
  async function take(): Promise<void> {
    const draft = offer;
    const at = form();
    if (!draft || !at) return;
    await prepare?.(draft.fields);
    const fields = new Map(draft.fields);
    // What is chosen in one field makes others, and rows; they are filled in once they are there.
    for (let pass = 0; pass < PASSES; pass++) {
      at.dispatchEvent(new CustomEvent(DRAFT_TAKEN, { detail: [...fields.keys()] }));
      await tick();
      fillForm(at, fields, (name) => OWN.test(name));
      await tick();
    }
    offer = null;
  }
  function drop(): void {
    keeper?.forget();
    offer = null;
  }
</script>

<div bind:this={root} class="draft">
  {#if offer}
    <p
      class="flex flex-wrap gap-2 items-center border-l-5 border-l-saffron bg-saffron-wash py-2 px-3"
      role="status"
    >
      There is a draft from {show.instantText(new Date(offer.at).toISOString(), zone())} that was not saved.
      <Button type="button" onclick={take}>Take it up</Button>
      <Button type="button" kind="plain" onclick={drop}>Drop it</Button>
    </p>
  {:else if said !== ''}
    <p class="soft small" role="status">
      {said === 'kept'
        ? 'Kept in this browser as you type; not saved yet.'
        : 'Not saved yet, and this browser keeps no draft.'}
    </p>
  {/if}
</div>

<style>
  .draft p {
    margin: 0.4rem 0;
  }
</style>
