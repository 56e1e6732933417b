<script lang="ts" module>
  /** Rarely needed, so that it comes when it is; where the page is written it must be there at once. */
  const load = async () => (await import('./Conflict.svelte')).default;
  const written = import.meta.env.SSR ? await load() : null;
</script>

<script lang="ts">
  import NotDone from '../parts/NotDone.svelte';
  import Notice from '../parts/Notice.svelte';
  import Button from '../parts/Button.svelte';
  import { enhance } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import { navigating } from '$app/state';
  import type { ComponentProps, Snippet } from 'svelte';
  import type { AnsweredStop } from '../../core/case';
  import { STOPS } from '../../core/labels';
  import { STOP_NAMES } from '../../words';
  import Draft from '../parts/Draft.svelte';
  import { setErrors } from '../parts/errors';
  import { getMayChange } from '../parts/may';
  import type Conflict from './Conflict.svelte';
  import { getSheet, type FieldError } from './sheet.svelte';

  interface Props {
    stop: AnsweredStop;
    errors: readonly FieldError[];
    savedAt: string | null;
    /** There is something to answer here. */
    ready?: boolean;
    /** Somebody else saved meanwhile. */
    conflict?: ComponentProps<typeof Conflict> | null;
    onmerged?: () => void;
    children: Snippet;
  }
  let { stop, errors, savedAt, ready = true, conflict = null, onmerged, children }: Props = $props();
  const sheet = getSheet();
  const all = $derived(sheet.typing.length > 0 ? sheet.typing : errors);
  const next = $derived(STOPS[STOPS.indexOf(stop) + 1] ?? null);
  setErrors((path) => all.find((error) => error.path === path)?.message);
  let form: HTMLFormElement;
  let saving = $state(false);
  let savedNow = $state(0);
  let trouble = $state<string | null>(null);
  let Shown = $state(written);
  $effect(() => {
    if (conflict && !Shown) void load().then((loaded) => (Shown = loaded));
  });
  const may = getMayChange();
  /** The page is closed or loaded anew: other stops of the case keep what was typed, the browser does not. */
  const leaving = (event: BeforeUnloadEvent): void => {
    if (sheet.isDraft(stop) && may()) event.preventDefault();
  };
  let typedWhile = false;
  const typed = (): void => {
    if (saving) typedWhile = true;
    void sheet.propose(stop, form);
  };
</script>

<svelte:window onbeforeunload={leaving} />
<form
  bind:this={form}
  method="POST"
  action="?/save"
  novalidate
  oninput={typed}
  onchange={typed}
  use:enhance={({ action }) => {
    // A button that is for the course saves nothing of what is typed here, and loses nothing of it.
    if (!action.search.startsWith('?/save')) return ({ update }) => update({ reset: false });
    saving = true;
    typedWhile = false;
    trouble = null;
    const merging = conflict !== null;
    const at = location.pathname;
    const key = sheet.keyOf(stop);
    return async ({ result, update }) => {
      const revision = result.type === 'success' ? (result.data?.revision as unknown) : undefined;
      if (result.type === 'success' || result.type === 'redirect') {
        savedNow += 1;
        // Whoever pressed another stop meanwhile goes there, wherever the save would lead; what was typed since stays.
        if (navigating.to !== null || location.pathname !== at) {
          if (!typedWhile) sheet.forget(stop, key);
          await navigating.complete?.catch(() => undefined);
          await invalidateAll();
          if (typeof revision === 'number') sheet.builtOn(stop, revision, key);
          saving = false;
          return;
        }
        sheet.forget(stop, key);
      }
      if (result.type === 'error')
        trouble = (result.error as { message?: string })?.message ?? 'The server does not answer. Try again.';
      else await update({ reset: false });
      // What was typed while the save was on its way is laid over what was saved.
      if (typedWhile && result.type === 'success') await sheet.propose(stop, form);
      if (typeof revision === 'number') sheet.builtOn(stop, revision);
      // Not before the page knows what was saved: the next save is built on it.
      saving = false;
      if (merging && result.type === 'success') onmerged?.();
    };
  }}
>
  {#if conflict}{#if Shown}<Shown {...conflict} />{/if}{:else}
    <input type="hidden" name="basedOn" value={sheet.baseOf(stop)} />{/if}
  {#if may()}<Draft name={stop} taken={savedNow > 0 ? savedNow : undefined} guard={false} />{/if}
  {@render children()}
  <NotDone
    says="Not saved yet: {all.length === 1 ? 'one thing' : `${all.length} things`} to put right"
    lines={all.map(({ message }) => message)}
  />
  {#if trouble}
    <Notice heard="alert"><p class="figure">Not saved yet. {trouble}</p></Notice>
  {/if}
  {#if ready && !may()}
    <p class="soft">You read here: figures can be tried, but not saved.</p>
  {:else if ready && !conflict}
    <div class="actions">
      {#if next}
        <Button kind="main" name="then" value="next" disabled={saving}>
          Save, on to {STOP_NAMES[next]}
        </Button>
      {/if}
      <Button name="then" value="stay" disabled={saving}>Save</Button>
      <span class="soft small" role="status">
        {#if saving}Saving …{:else if sheet.isDraft(stop)}Not saved yet{:else if savedAt}Saved{/if}
      </span>
    </div>
  {/if}
</form>
