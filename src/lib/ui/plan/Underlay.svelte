<script lang="ts">
  import Button from '../parts/Button.svelte';
  import type { Point } from '../../core/geometry';
  import { scaledBy, type Underlay } from '../../core/plan';
  import LengthField from '../parts/LengthField.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import type { PlanEditor } from './editor.svelte';

  /** A picture or scan under the drawing: taken in, scaled by two places of known distance, turned, faded. */
  interface Props {
    editor: PlanEditor;
    /** Where pictures are sent. */
    to: string;
    middle: () => Point;
    /** Two places of the picture that were tapped. */
    pair: readonly Point[];
    clear: () => void;
  }
  let { editor, to, middle, pair, clear }: Props = $props();
  const FIRST_WIDTH_M = 40;
  let wrong = $state('');
  let sending = $state(false);
  let apart = $state<number | null>(null);
  const u = $derived(editor.plan.underlay);
  const unit = $derived(editor.plan.unit);
  const set = (next: Partial<Underlay>, under: string | null = null): void => {
    if (u) editor.change({ ...editor.plan, underlay: { ...u, ...next } }, under);
  };

  async function take(event: Event): Promise<void> {
    const input = event.currentTarget as HTMLInputElement;
    const [file] = input.files ?? [];
    if (!file) return;
    sending = true;
    wrong = '';
    const answer = await fetch(to, { method: 'POST', body: file }).catch(() => null);
    const said = (await answer?.json().catch(() => null)) as {
      id?: string;
      width?: number;
      height?: number;
      message?: string;
    } | null;
    sending = false;
    input.value = '';
    if (!answer?.ok || !said?.id || !said.width || !said.height) {
      wrong = said?.message ?? 'The picture was not taken. Try again when there is a network.';
      return;
    }
    const [x, y] = middle();
    const ratio = said.height / said.width;
    editor.change({
      ...editor.plan,
      underlay: {
        ...{ picture: said.id, width: FIRST_WIDTH_M, ratio, turn: 0, strength: 0.6, scaled: false },
        at: [x - FIRST_WIDTH_M / 2, y - (FIRST_WIDTH_M * ratio) / 2],
      },
    });
  }

  function scale(): void {
    const [a, b] = pair;
    const known = apart ?? 0;
    if (!u || !a || !b || !(known > 0)) {
      wrong = 'Tap two places on the picture, and type how far apart they are.';
      return;
    }
    const scaled = scaledBy(u, a, b, known);
    if (!scaled) {
      wrong = 'The two places lie on each other, or the distance is no distance. Tap two others.';
      return;
    }
    wrong = '';
    set(scaled);
    apart = null;
    clear();
  }
</script>

<p class="flex flex-wrap gap-2 items-end my-1.5 mx-0">
  <label class="button">
    {u ? 'Another picture' : 'Choose a picture or scan'}
    <input type="file" accept="image/*" class="visually-hidden" onchange={take} disabled={sending} />
  </label>
  {#if sending}<span role="status">Taking it in …</span>{/if}
  {#if u}<Button type="button" onclick={() => editor.change({ ...editor.plan, underlay: null })}
      >Take it away</Button
    >{/if}
</p>
{#if u}
  {#if !u.scaled}<p class="small">! Not to scale yet. Tap two places whose distance you know.</p>{/if}
  <p class="flex flex-wrap gap-2 items-end my-1.5 mx-0">
    {#if editor.mode === 'scale'}
      <LengthField
        label="{pair.length} of 2 places tapped. They are apart"
        metres={apart}
        {unit}
        width="16rem"
        optional
        live
        onmetres={(m) => (apart = m)}
      />
      <Button type="button" kind="main" onclick={scale}>Scale it</Button>
      <Button type="button" onclick={clear}>Leave it</Button>
    {:else}
      <Button
        type="button"
        onclick={() => {
          editor.mode = 'scale';
          editor.points = [];
        }}>Scale by two places</Button
      >
    {/if}
  </p>
  <div class="pair flex gap-2.5 my-1.5 mx-0">
    <NumberField
      label="Turned"
      after="°"
      signed
      value={u.turn}
      onnumber={(turn) => turn !== null && Math.abs(turn) <= 360 && set({ turn }, 'turn')}
    />
    <label
      >Strength<input
        type="range"
        min="0"
        max="1"
        step="0.05"
        value={u.strength}
        oninput={(event) => set({ strength: Number(event.currentTarget.value) }, 'fade')}
      /></label
    >
  </div>
  <div class="pair flex gap-2.5 my-1.5 mx-0">
    <LengthField
      label="Move right"
      metres={u.at[0]}
      {unit}
      least={-5000}
      signed
      live
      onmetres={(m) => m !== null && set({ at: [m, u.at[1]] }, 'move')}
    />
    <LengthField
      label="Move up"
      metres={u.at[1]}
      {unit}
      least={-5000}
      signed
      live
      onmetres={(m) => m !== null && set({ at: [u.at[0], m] }, 'move')}
    />
  </div>
{/if}
{#if wrong}<p class="field-error" role="alert">{wrong}</p>{/if}

<style>
  .pair label {
    flex: 1;
    font-size: 0.9rem;
  }
  input[type='range'] {
    width: 100%;
    min-height: 2.6rem;
    accent-color: var(--petrol);
  }
</style>
