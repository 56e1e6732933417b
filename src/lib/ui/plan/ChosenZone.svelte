<script lang="ts">
  import Pick from '../parts/Pick.svelte';
  import Button from '../parts/Button.svelte';
  import {
    cutOut,
    joinZones,
    mirroredShape,
    movedShape,
    ZONE_KINDS,
    HOWS,
    isPlace,
    type PlanSummary,
    type Zone,
  } from '../../core/plan';
  import { EDIT_WORDS, HOW_WORDS, OUTLINE_WORDS, REPAIR_WORDS, ZONE_WORDS } from '../../words';
  import { getShow } from '../parts/show';
  import LengthField from '../parts/LengthField.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import Corners from './Corners.svelte';
  import type { PlanEditor } from './editor.svelte';
  import type { PutDownHere } from './job';
  import ZoneHistory from './ZoneHistory.svelte';
  import Walls from './Walls.svelte';

  /** What is chosen on the sheet: its name, its figures, and what can be done with it. */
  interface Props {
    putDown: readonly PutDownHere[];
    today: string;
    editor: PlanEditor;
    summary: PlanSummary | null;
    may: boolean;
    typing: () => void;
  }
  let { editor, summary, may, typing, putDown, today }: Props = $props();
  const show = getShow();
  const one = $derived(editor.one);
  const chosen = $derived(editor.chosen);
  const figures = $derived(summary?.zones.find((zone) => zone.id === one?.id) ?? null);
  let wrong = $state('');
  const area = (m2: number): string => show.areaText(m2);
  const set = (to: Partial<Zone>, under: string | null = null): void => {
    if (one) editor.changeZone(one.id, to, under);
  };

  function copy(): void {
    const copies = chosen.map((zone) => ({
      ...zone,
      id: editor.newId(),
      name: `${zone.name} copy`,
      shape: movedShape(zone.shape, 1, -1),
      from: [],
      foreign: null,
    }));
    editor.change({ ...editor.plan, zones: [...editor.plan.zones, ...copies] });
    editor.selected = copies.map((zone) => zone.id);
  }
  function mirror(): void {
    for (const zone of chosen) editor.reshape(zone.id, mirroredShape(zone.shape), 'mirror');
    editor.rest();
  }
  function join(): void {
    const result = joinZones(chosen, editor.newId);
    if ('ok' in result) editor.swap(editor.selected, [result.ok]);
    wrong = 'ok' in result ? '' : EDIT_WORDS[result.refused[0]?.code ?? 'not-touching'];
  }
  function cut(): void {
    const [keep, cutter] = chosen;
    if (!keep || !cutter) return;
    const result = cutOut(keep, cutter);
    if ('ok' in result) editor.reshape(keep.id, result.ok.shape);
    wrong = 'ok' in result ? '' : EDIT_WORDS[result.refused[0]?.code ?? 'line-misses'];
  }
  function start(mode: 'split' | 'cut'): void {
    editor.mode = mode;
    editor.points = [];
    typing();
  }
</script>

{#if one}
  <section aria-label="The chosen zone">
    {#if may}
      <input
        class="field-input called"
        aria-label="Name"
        value={one.name}
        maxlength="80"
        oninput={(event) => set({ name: event.currentTarget.value }, `name-${one.id}`)}
      />
    {:else}<h2>{one.name}</h2>{/if}
    {#if figures && !isPlace(one)}
      {#if figures.refused.length > 0}
        {#each figures.refused as refused, i (i)}<p class="field-error">
            {OUTLINE_WORDS[refused.code as keyof typeof OUTLINE_WORDS]}
          </p>{/each}
      {:else}
        <p class="sum" aria-live="polite">
          <span class="figure font-title text-[1.5rem]">{area(figures.areaM2)}</span>
          {#if one.measured.errorPct > 0}<span class="soft"
              >between {area(figures.lowM2)} and {area(figures.highM2)}</span
            >{/if}
        </p>
        <p class="small soft">
          {#if figures.grossM2 - figures.areaM2 > 0.01}{area(figures.grossM2)} drawn, {area(
              figures.grossM2 - figures.areaM2,
            )} of it under other zones.&nbsp;
          {/if}Edge {show.lengthText(figures.perimeterM)}.
          {#if figures.wallM2 !== null}Walls {area(figures.wallM2)}.{/if}
          {#if figures.volumeM3 !== null}Volume {show.quantityText({
              value: figures.volumeM3,
              unit: 'm3',
            })}.{/if}
        </p>
        {#each figures.repairs as repair, i (i)}<p class="small">! {REPAIR_WORDS[repair.what]}.</p>{/each}
      {/if}
    {/if}
    {#if may}
      <div class="flex gap-2.5 my-2 mx-0">
        <Pick
          label="Kind"
          value={one.kind}
          items={ZONE_KINDS.map((kind) => ({ value: kind, name: ZONE_WORDS[kind] }))}
          onpick={(kind) => set({ kind })}
        />
        {#if one.kind === 'building' || one.kind === 'room' || one.kind === 'void'}
          <LengthField
            label="Height"
            metres={one.height}
            unit={editor.plan.unit}
            least={0.01}
            most={200}
            optional
            onmetres={(height) => set({ height })}
          />
        {/if}
      </div>
      {#if !isPlace(one)}
        <div class="flex gap-2.5 my-2 mx-0">
          <Pick
            label="Measured"
            value={one.measured.how}
            items={HOWS.map((how) => ({ value: how, name: HOW_WORDS[how] }))}
            onpick={(how) => set({ measured: { ...one.measured, how } })}
          />
          <NumberField
            label="Lengths off by"
            after="%"
            most={100}
            value={one.measured.errorPct}
            onsettled={(errorPct) => {
              if (errorPct !== null && errorPct >= 0 && errorPct <= 50)
                set({ measured: { ...one.measured, errorPct } });
            }}
          />
        </div>
        <Corners {editor} zone={one} />
      {/if}
      {#if one.kind === 'building'}<Walls {editor} zone={one} {summary} />{/if}
      <p class="acts flex flex-wrap gap-1.5">
        {#if !isPlace(one)}
          <Button type="button" onclick={() => start('split')}>Split</Button>
          <Button type="button" onclick={() => start('cut')}>Cut out</Button>
          <Button type="button" onclick={mirror}>Mirror</Button>
        {/if}
        <Button type="button" onclick={copy}>Copy</Button>
        <Button type="button" onclick={() => editor.remove()}>Remove</Button>
      </p>
      <label class="small"
        >Note
        <input
          class="field-input"
          value={one.note}
          maxlength="500"
          oninput={(event) => set({ note: event.currentTarget.value }, `note-${one.id}`)}
        /></label
      >
    {:else if one.note}<p>{one.note}</p>{/if}
    {#if !isPlace(one)}<ZoneHistory zone={one} {putDown} {today} />{/if}
  </section>
{:else if chosen.length > 1}
  <section aria-label="The chosen zones">
    <h2>{chosen.length} zones</h2>
    <p class="small">{chosen.map((zone) => zone.name).join(', ')}</p>
    {#if may}
      <p class="acts flex flex-wrap gap-1.5">
        <Button type="button" onclick={join}>Join</Button>
        {#if chosen.length === 2}<Button type="button" onclick={cut}
            >Cut {chosen[1]?.name} out of {chosen[0]?.name}</Button
          >{/if}
        <Button type="button" onclick={copy}>Copy</Button>
        <Button type="button" onclick={() => editor.remove()}>Remove</Button>
      </p>
    {/if}
  </section>
{/if}
{#if wrong}<p class="field-error" role="alert">{wrong}</p>{/if}

<style>
  .called {
    font-weight: 700;
    font-size: 1.1rem;
  }
  .sum {
    margin: 0.5rem 0 0.1rem;
  }
  .acts {
    margin: 0.7rem 0;
  }
  .acts :global(.button) {
    padding: 0.3rem 0.7rem;
  }
  p {
    margin: 0.2rem 0;
  }
</style>
