<script lang="ts">
  import Pick from '../parts/Pick.svelte';
  import Button from '../parts/Button.svelte';
  import { legEnd, parseLeg, parseSize, type LegUnit, type Point } from '../../core/geometry';
  import { ZONE_WORDS } from '../../words';
  import LengthField from '../parts/LengthField.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import { getShow } from '../parts/show';
  import { METRES, type PlanEditor } from './editor.svelte';

  /** Lengths typed while drawing: every shape can be laid by the keyboard alone. */
  interface Props {
    editor: PlanEditor;
    middle: () => Point;
    finish: () => void;
    lay: (at: Point) => void;
  }
  let { editor, middle, finish, lay }: Props = $props();
  const { manner, entryText } = getShow();
  let typed = $state('');
  let wrong = $state('');
  const unit = $derived(editor.typedIn);
  let field: HTMLInputElement;
  const metres = $derived({ ...METRES, paces: editor.pace.m });
  const legs = $derived(editor.as === 'corners' || editor.as === 'strip' || editor.mode !== 'draw');
  const count = $derived(editor.points.length);
  const least = $derived(editor.mode === 'draw' && editor.as === 'corners' ? 3 : 2);
  const what = $derived(
    editor.mode === 'split'
      ? 'The line that splits it'
      : editor.mode === 'cut'
        ? 'The outline that is cut out'
        : editor.mode === 'mark'
          ? 'Numbered places'
          : `The ${ZONE_WORDS[editor.kind]}`,
  );
  const hint = $derived(
    editor.mode === 'mark'
      ? 'Tap each place, or type it: 3; 4 for 3 across and 4 up from the plan’s origin.'
      : legs
        ? count === 0
          ? 'Tap the first corner, or press Enter to begin in the middle; 3; 4 begins 3 across and 4 up.'
          : `${count} ${count === 1 ? 'corner' : 'corners'}. Tap the next, or type its length and way: 12 e, 18 n, 4 30°, or 3; −2. ${
              count >= least ? 'Enter alone ends it.' : ''
            }`
        : editor.as === 'rectangle'
          ? 'Tap two corners, or type 12 x 5, or 12 x 5 at 3; 4.'
          : editor.as === 'circle'
            ? 'Tap the middle and the edge, or type r 2, or r 2 at 3; 4.'
            : 'Tap the place, or type 3; 4.',
  );

  export const focus = (): void => field.focus();

  function enter(event: KeyboardEvent): void {
    if (event.key === 'Escape') {
      editor.leave();
      return;
    }
    if (event.key === 'Backspace' && typed === '' && count > 0) {
      editor.points = editor.points.slice(0, -1);
      return;
    }
    if (event.key !== 'Enter') return;
    event.preventDefault();
    wrong = '';
    const refused = editor.mode === 'mark' || !legs ? size() : leg();
    wrong = refused ?? '';
    if (!refused) typed = '';
  }

  const doubtful = ([decimal, thousands]: readonly [number, number]): string =>
    `That can be read in two ways. Type ${entryText(decimal)} or ${entryText(thousands)}.`;
  function placeTyped(text: string): Point | null {
    const read = parseSize(text, manner.numbers);
    return read && !('doubt' in read) ? read.at : null;
  }
  function leg(): string | null {
    const last = editor.points[count - 1];
    const text = typed.trim();
    if (!last) {
      const at = text === '' ? middle() : placeTyped(text);
      if (!at) return 'First a place to begin: Enter for the middle, or 3; 4.';
      const m = metres[unit];
      lay(text === '' ? at : [at[0] * m, at[1] * m]);
      return null;
    }
    const read = parseLeg(text, manner.numbers);
    if (text === '' || (read && 'to' in read)) {
      if (count < least)
        return `It needs ${least} corners, so far there ${count === 1 ? 'is' : 'are'} ${count}.`;
      finish();
      return null;
    }
    if (!read) return 'Type a length and its way, like 12 e or 4 30°; or 3; −2.';
    if ('doubt' in read) return doubtful(read.doubt);
    if ('to' in read) return null;
    lay(legEnd([last[0], last[1]], read, metres, unit));
    return null;
  }

  function size(): string | null {
    const read = parseSize(typed, manner.numbers);
    if (!read) return 'That is no size. Type 12 x 5, r 2, or 3; 4 for a place.';
    if ('doubt' in read) return doubtful(read.doubt);
    const m = metres[read.unit ?? unit];
    const first = editor.points[0];
    const at: Point = read.at ? [read.at[0] * m, read.at[1] * m] : first ? [first[0], first[1]] : middle();
    const [a = 0, b = 0] = read.sizes.map((side) => side * m);
    if (editor.mode === 'mark' || editor.as === 'place') lay(at);
    else if (editor.as === 'circle' && read.sizes.length === 1) {
      editor.points = [];
      lay(at);
      lay([at[0] + a, at[1]]);
    } else if (editor.as === 'rectangle' && read.sizes.length === 2) {
      editor.points = [];
      lay(at);
      lay([at[0] + a, at[1] + b]);
    } else if (read.sizes.length === 0) lay(at);
    else return editor.as === 'circle' ? 'Type a radius, like r 2.' : 'Type two sides, like 12 x 5.';
    return null;
  }
  const LEG_UNITS: readonly { value: LegUnit; name: string }[] = (['m', 'ft', 'paces'] as const).map(
    (value) => ({
      value,
      name: value,
    }),
  );
  const BY = [
    { value: 'tape', name: 'by tape' },
    { value: 'paces', name: 'by paces' },
    { value: 'picture', name: 'on the picture' },
    { value: 'eye', name: 'by eye' },
  ] as const;
</script>

<div
  class="flex flex-wrap gap-y-1.5 gap-x-2.5 items-center py-2 px-3 border border-petrol rounded-md bg-petrol-wash"
>
  <label for="typed" class="figure">{what}</label>
  <input
    id="typed"
    class="field-input"
    bind:this={field}
    bind:value={typed}
    onkeydown={enter}
    autocomplete="off"
    aria-describedby="typed-hint"
    aria-invalid={wrong ? 'true' : undefined}
  />
  <Pick
    quiet
    label="Unit of the lengths"
    value={unit}
    items={LEG_UNITS}
    onpick={(one) => editor.typeIn(one)}
  />
  {#if unit === 'paces'}
    <LengthField
      label="1 pace"
      metres={editor.pace.m}
      unit={editor.plan.unit}
      least={0.2}
      most={2}
      width="6rem"
      onmetres={(m) => m !== null && (editor.pace.m = m)}
    />
    <NumberField
      label="off by"
      after="%"
      most={100}
      value={editor.pace.errorPct}
      width="6rem"
      onsettled={(pct) => pct !== null && pct >= 0 && pct <= 50 && (editor.pace.errorPct = pct)}
    />
  {/if}
  <Pick quiet label="How it is measured" bind:value={editor.by} items={BY} />
  {#if editor.as === 'strip' && editor.mode === 'draw'}
    <LengthField
      label="Width"
      metres={editor.stripM}
      unit={editor.plan.unit}
      least={0.05}
      most={500}
      width="6rem"
      onmetres={(m) => m !== null && (editor.stripM = m)}
    />
  {/if}
  {#if legs && count >= least}
    <Button type="button" kind="main" onclick={finish}>End it</Button>
  {/if}
  <p id="typed-hint" class={wrong ? 'field-error' : 'field-hint'} role={wrong ? 'alert' : undefined}>
    {wrong || hint}
  </p>
</div>

<style>
  input {
    width: 12rem;
  }
  p {
    flex-basis: 100%;
    margin: 0;
    max-width: none;
  }
</style>
