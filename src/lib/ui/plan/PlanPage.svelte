<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import { onMount, untrack } from 'svelte';
  import { distance, type Corner, type Point } from '../../core/geometry';
  import { cutOut, splitZone, type Asks, type Plan, type PlanSummary, type ZoneShape } from '../../core/plan';
  import { EDIT_WORDS, ZONE_WORDS } from '../../words';
  import { planFigures } from '../../work/plan-figures';
  import ChosenZone from './ChosenZone.svelte';
  import DrawBar from './DrawBar.svelte';
  import { getShow } from '../parts/show';
  import { PlanEditor } from './editor.svelte';
  import Marks from './Marks.svelte';
  import PlanFiles from './PlanFiles.svelte';
  import PlanFollows from './PlanFollows.svelte';
  import PlanSheet from './PlanSheet.svelte';
  import type { PlanJob, PutDownHere } from './job';
  import { PlanSaving } from './saving.svelte';
  import TapeForm from './TapeForm.svelte';
  import TypedLine from './TypedLine.svelte';
  import Underlay from './Underlay.svelte';
  import { SheetView } from './view.svelte';

  interface Props {
    propertyId: string;
    plan: Plan;
    revision: number;
    may: boolean;
    today: string;
    jobs: readonly PlanJob[];
    putDown: readonly PutDownHere[];
    read: (sent: unknown) => Plan | null;
  }
  let { propertyId, plan, revision, may, today, jobs, putDown, read }: Props = $props();
  const at = $derived(`/properties/${propertyId}/plan`);
  const show = getShow();
  /** An empty plan is in the workspace's unit. */
  const editor = untrack(
    () =>
      new PlanEditor(plan.zones.length === 0 && revision === 0 ? { ...plan, unit: show.lengthUnit } : plan),
  );
  const saving = untrack(
    () =>
      new PlanSaving(
        propertyId,
        plan,
        revision,
        () => editor.plan,
        (taken) => editor.replace(taken),
        read,
        editor.newId,
      ),
  );
  let summary = $state.raw<PlanSummary | null>(null);
  const view = new SheetView();
  view.unit = show.lengthUnit;
  let sheet: PlanSheet;
  let line = $state<TypedLine>();
  let wrong = $state('');
  let ready = $state(false);
  let marksOpen = $state(untrack(() => plan.marks.length > 0));
  let figures: ReturnType<typeof planFigures> | undefined;
  const asks = $derived.by((): Asks => ({
    jobs: jobs.map(({ zones, keepOff, band }) => ({ zones, keepOff, band })),
    building:
      editor.one?.kind === 'building'
        ? { id: editor.one.id, limits: { upM: 0.6, outM: 0.6, wallAboveHard: false } }
        : null,
  }));

  onMount(() => {
    figures = planFigures((made) => (summary = made));
    if (may) saving.begin();
    ready = true;
    return () => {
      figures?.stop();
      saving.end();
    };
  });
  $effect(() => {
    const { plan: now } = editor;
    const asked = asks;
    if (ready) figures?.ask(now, asked);
  });
  $effect(() => {
    void editor.plan;
    if (ready && may) untrack(() => saving.changed());
  });

  function nameFor(kind: keyof typeof ZONE_WORDS): string {
    const word = ZONE_WORDS[kind];
    const called = word.charAt(0).toUpperCase() + word.slice(1);
    const taken = new Set(editor.plan.zones.map((zone) => zone.name));
    if (!taken.has(called)) return called;
    for (let i = 2; ; i++) if (!taken.has(`${called} ${i}`)) return `${called} ${i}`;
  }
  const add = (shape: ZoneShape): void => {
    editor.add(shape, nameFor(editor.kind));
    editor.mode = 'look';
  };

  /** A point was laid, by a tap or by typing. */
  function lay(to: Point): void {
    wrong = '';
    if (editor.mode === 'mark') return editor.addMark(to);
    if (editor.mode === 'scale') {
      editor.points = [...editor.points.slice(-1), to];
      return;
    }
    const first = editor.points[0];
    const start: Point | null = first ? [first[0], first[1]] : null;
    if (editor.mode === 'draw' && editor.as === 'place') return add({ kind: 'place', at: to });
    if (editor.mode === 'draw' && start && editor.as === 'circle') {
      const radius = distance(start, to);
      if (radius >= 0.01) add({ kind: 'circle', at: start, radius });
      return;
    }
    if (editor.mode === 'draw' && start && editor.as === 'rectangle') {
      const [length, width] = [Math.abs(to[0] - start[0]), Math.abs(to[1] - start[1])];
      const corner: Point = [Math.min(start[0], to[0]), Math.min(start[1], to[1])];
      if (length >= 0.01 && width >= 0.01) add({ kind: 'rectangle', at: corner, length, width, turn: 0 });
      return;
    }
    // Back on the first corner: the outline is closed.
    if (start && editor.points.length >= 3 && distance(start, to) < 1e-6) return finish();
    editor.points = [...editor.points, to as Corner];
    if (editor.mode === 'split' && editor.points.length === 2) finish();
  }

  function finish(): void {
    const { points, mode } = editor;
    const one = editor.one;
    const xy = points.map(([x, y]): Point => [x, y]);
    if (mode === 'draw' && editor.as === 'strip' && points.length >= 2)
      return add({ kind: 'strip', line: points, width: editor.stripM });
    if (mode === 'draw' && points.length >= 3) return add({ kind: 'polygon', corners: points, holes: [] });
    const [a, b] = xy;
    if (mode === 'split' && one && a && b) {
      const result = splitZone(one, a, b, editor.newId);
      if ('ok' in result) editor.swap([one.id], result.ok);
      wrong = 'ok' in result ? '' : EDIT_WORDS[result.refused[0]?.code ?? 'line-misses'];
    } else if (mode === 'cut' && one && points.length >= 3) {
      const result = cutOut(one, { ...one, shape: { kind: 'polygon', corners: points, holes: [] } });
      if ('ok' in result) editor.reshape(one.id, result.ok.shape);
      wrong = 'ok' in result ? '' : EDIT_WORDS[result.refused[0]?.code ?? 'line-misses'];
    }
    editor.leave();
  }

  function keys(event: KeyboardEvent): void {
    const typing = (event.target as Element).closest('input, select, textarea');
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && may && !typing) {
      event.preventDefault();
      if (event.shiftKey) editor.redo();
      else editor.undo();
    } else if (event.key === 'Escape') editor.leave();
    else if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
    else if (event.key === '+' || event.key === '=') view.closer(1.4);
    else if (event.key === '-') view.closer(1 / 1.4);
    else if (SHIFT[event.key] && !event.defaultPrevented && (event.target as Element) === document.body) {
      event.preventDefault();
      const [dx, dy] = SHIFT[event.key] ?? [0, 0];
      view.shift(dx, dy);
    } else if (event.key === 'Delete' && may) editor.remove();
  }
  /** Arrow keys move the sheet while no zone or corner has the focus. */
  const SHIFT: Readonly<Record<string, readonly [number, number]>> = {
    ...{ ArrowLeft: [60, 0], ArrowRight: [-60, 0], ArrowUp: [0, 60], ArrowDown: [0, -60] },
  };
  const STATE = {
    saved: 'Saved',
    waiting: 'Not saved yet',
    sending: 'Saving …',
    'kept-here': 'No connection: kept in this browser',
    refused: 'Not saved',
  } as const;
  const typed = $derived(
    editor.mode === 'draw' || editor.mode === 'split' || editor.mode === 'cut' || editor.mode === 'mark',
  );
  $effect(() => {
    if (typed) line?.focus();
  });
</script>

<svelte:window
  onkeydown={keys}
  onbeforeunload={(event) => {
    if (saving.state === 'refused') event.preventDefault();
  }}
/>

<DrawBar {editor} {may} fit={() => sheet.fit()} closer={(by) => view.closer(by)} />
{#if wrong}<p class="field-error" role="alert">{wrong}</p>{/if}
<div class="grid grid-cols-[minmax(0,1fr)_21rem] gap-5 mt-3 max-[900px]:grid-cols-1">
  <div
    class="h-[max(26rem,calc(100vh_-_15.5rem))] sticky top-2 flex flex-col gap-2 max-[900px]:h-[62vh] max-[900px]:min-h-[24rem] max-[900px]:static"
  >
    {#if typed}
      <TypedLine bind:this={line} {editor} middle={() => view.middle()} {finish} {lay} />
    {/if}
    <PlanSheet bind:this={sheet} {editor} {view} {summary} {may} pictures="{at}/picture" {lay} />
  </div>
  <aside>
    {#if may}
      <p class="state mt-0 mb-2.5 mx-0 small" role="status" data-saving={saving.state}>
        <span class="figure">{STATE[saving.state]}.</span>
        {saving.told}
      </p>
    {/if}
    <ChosenZone {editor} {summary} {may} {putDown} {today} typing={() => line?.focus()} />
    <PlanFollows {editor} {summary} {jobs} />
    {#if may}
      <Fold class="ruled" says="An irregular yard, by two tapes">
        <TapeForm
          {editor}
          done={(points) => {
            editor.by = 'tape';
            editor.add({ kind: 'polygon', corners: points, holes: [] }, nameFor(editor.kind));
            sheet.fit();
          }}
        />
      </Fold>
      <Fold class="ruled" says="A picture under it">
        <Underlay
          {editor}
          to="{at}/picture"
          middle={() => view.middle()}
          pair={editor.mode === 'scale' ? editor.points.map(([x, y]): Point => [x, y]) : []}
          clear={() => editor.leave()}
        />
      </Fold>
    {/if}
    <Fold class="ruled" bind:open={marksOpen} says="Numbered places and their counts">
      <Marks {editor} {may} {today} />
    </Fold>
    <Fold class="ruled" says="North and place, files">
      <PlanFiles {editor} {may} out="{at}/export" />
    </Fold>
  </aside>
</div>

<style>
  .state[data-saving='kept-here'],
  .state[data-saving='refused'] {
    border-left: 4px solid var(--saffron);
    padding-left: 0.5rem;
  }
</style>
