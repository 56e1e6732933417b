<script lang="ts">
  import MinusOutline from 'flowbite-svelte-icons/MinusOutline.svelte';
  import PlusOutline from 'flowbite-svelte-icons/PlusOutline.svelte';
  import RedoOutline from 'flowbite-svelte-icons/RedoOutline.svelte';
  import UndoOutline from 'flowbite-svelte-icons/UndoOutline.svelte';
  import Pick from '../parts/Pick.svelte';
  import Button from '../parts/Button.svelte';
  import {
    GROUND_KINDS,
    INDOOR_KINDS,
    MARK_KINDS,
    PLACE_KINDS,
    type Layer,
    type ZoneKind,
  } from '../../core/plan';
  import { layerText, MARK_WORDS, ZONE_WORDS } from '../../words';
  import type { DrawAs, PlanEditor } from './editor.svelte';

  /** What is drawn next, as a sentence: a lawn, by its corners, outside. */
  interface Props {
    editor: PlanEditor;
    may: boolean;
    fit: () => void;
    closer: (by: number) => void;
  }
  let { editor, may, fit, closer }: Props = $props();
  const AS: readonly (readonly [DrawAs, string])[] = [
    ['corners', 'by its corners'],
    ['rectangle', 'as a rectangle'],
    ['circle', 'as a circle'],
    ['strip', 'as a strip'],
  ];
  const FLOORS = [0, 1, 2, 3, 4, 5, -1, -2];
  const LAYERS: readonly Layer[] = ['outside', ...FLOORS.map((n): Layer => `floor:${n}`), 'roof'];
  let what = $state<ZoneKind | `mark:${(typeof MARK_KINDS)[number]}`>('lawn');
  let as = $state<DrawAs>('corners');
  const place = $derived((PLACE_KINDS as readonly string[]).includes(what));
  const mark = $derived(what.startsWith('mark:'));
  const busy = $derived(editor.mode !== 'look');

  function begin(): void {
    if (mark) {
      editor.markKind = what.slice(5) as (typeof MARK_KINDS)[number];
      editor.mode = 'mark';
      editor.points = [];
    } else editor.draw(what as ZoneKind, place ? 'place' : as);
  }
</script>

<div class="flex flex-wrap gap-2 items-center" role="toolbar" aria-label="Drawing">
  <span class="font-[650]">On</span>
  <Pick
    quiet
    label="Layer"
    bind:value={editor.layer}
    items={LAYERS.map((layer) => ({ value: layer, name: layerText(layer) }))}
  />
  {#if may}
    <span class="font-[650]">draw</span>
    <Pick quiet label="What to draw" bind:value={what}>
      <optgroup label="Ground">
        {#each GROUND_KINDS as kind (kind)}<option value={kind}>{ZONE_WORDS[kind]}</option>{/each}
      </optgroup>
      <optgroup label="Inside">
        {#each INDOOR_KINDS as kind (kind)}<option value={kind}>{ZONE_WORDS[kind]}</option>{/each}
      </optgroup>
      <optgroup label="Places">
        {#each PLACE_KINDS as kind (kind)}<option value={kind}>{ZONE_WORDS[kind]}</option>{/each}
      </optgroup>
      <optgroup label="Counted again and again">
        {#each MARK_KINDS as kind (kind)}<option value="mark:{kind}">{MARK_WORDS[kind]}, numbered</option
          >{/each}
      </optgroup>
    </Pick>
    {#if !place && !mark}
      <Pick
        quiet
        class="as"
        label="How it is drawn"
        bind:value={as}
        items={AS.map(([value, name]) => ({ value, name }))}
      />
    {/if}
    {#if busy}
      <Button type="button" onclick={() => editor.leave()}>End drawing</Button>
    {:else}
      <Button type="button" kind="main" onclick={begin}>Draw it</Button>
    {/if}
    <span class="flex-1 max-[700px]:hidden"></span>
    <Button type="button" disabled={!editor.canUndo} onclick={() => editor.undo()}
      ><UndoOutline width="18" height="18" />Undo</Button
    >
    <Button type="button" disabled={!editor.canRedo} onclick={() => editor.redo()}
      ><RedoOutline width="18" height="18" />Redo</Button
    >
  {:else}<span class="flex-1 max-[700px]:hidden"></span>{/if}
  <Button type="button" aria-label="Further away" onclick={() => closer(1 / 1.4)}
    ><MinusOutline width="18" height="18" /></Button
  >
  <Button type="button" aria-label="Closer" onclick={() => closer(1.4)}
    ><PlusOutline width="18" height="18" /></Button
  >
  <Button type="button" onclick={fit}>Show all</Button>
</div>
