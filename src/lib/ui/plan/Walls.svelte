<script lang="ts">
  import Pick from '../parts/Pick.svelte';
  import Fold from '../parts/Fold.svelte';
  import Button from '../parts/Button.svelte';
  import type { Opening, PlanSummary, Zone } from '../../core/plan';
  import { EDGE_WORDS, OPENING_WORDS } from '../../words';
  import { getShow } from '../parts/show';
  import LengthField from '../parts/LengthField.svelte';
  import type { PlanEditor } from './editor.svelte';

  /** The walls of a building: what lies along each, its openings, and the band around it. */
  let { editor, zone, summary }: { editor: PlanEditor; zone: Zone; summary: PlanSummary | null } = $props();
  const show = getShow();
  const walls = $derived(summary?.walls ?? null);
  const band = $derived(walls?.band ?? null);
  let edge = $state(0);
  let kind = $state<Opening['kind']>('door');
  let from = $state(1);
  let width = $state(0.9);
  let height = $state(2);
  const unit = $derived(editor.plan.unit);
  const edges = $derived([...new Set(walls?.runs.map((run) => run.edge))]);
  function add(): void {
    if (!(width > 0) || !(height > 0) || !(from >= 0)) return;
    editor.changeZone(zone.id, { openings: [...zone.openings, { edge, from, width, height, kind }] });
  }
  const m2 = (value: number): string => show.areaText(value);
  const KINDS = (Object.entries(OPENING_WORDS) as [keyof typeof OPENING_WORDS, string][]).map(
    ([value, name]) => ({
      value,
      name,
    }),
  );
</script>

<Fold says="Walls, openings and the band">
  {#if walls && band}
    <ul class="rule-list small">
      {#each walls.runs as run, i (i)}
        <li>
          <span class="figure">Wall {run.edge + 1}</span>
          {show.lengthText(run.lengthM)}:
          {run.stretches.map((s) => `${show.lengthText(s.to - s.from)} ${EDGE_WORDS[s.edge]}`).join(', ')}
        </li>
      {/each}
    </ul>
    <p class="small">
      A band of {show.lengthText(0.6)} up and {show.lengthText(0.6)} out:
      <span class="figure">{m2(band.areaM2)}</span>
      ({m2(band.wallM2)} of wall,
      {m2(band.groundM2)} of ground), and {show.lengthText(band.crackM)} along hard ground where only cracks may
      be treated. The label’s own heights decide.
    </p>
  {/if}
  <LengthField
    label="Eaves stand out"
    metres={zone.eaves ?? null}
    unit={editor.plan.unit}
    most={10}
    optional
    onmetres={(eaves) => editor.changeZone(zone.id, { eaves })}
  />
  {#if walls?.eaves}<p class="small">
      Eaves: {show.lengthText(walls.eaves.lengthM)} of edge, {m2(walls.eaves.underM2)} under them.
    </p>{/if}
  {#each zone.openings as opening, i (i)}
    <p class="small">
      {OPENING_WORDS[opening.kind]} in wall {opening.edge + 1}, {show.lengthText(opening.width)} × {show.lengthText(
        opening.height,
      )}
      <Button
        type="button"
        kind="plain"
        onclick={() => editor.changeZone(zone.id, { openings: zone.openings.filter((_, k) => k !== i) })}
        >remove</Button
      >
    </p>
  {/each}
  <div class="flex flex-wrap gap-1.5 items-end">
    <Pick quiet label="Opening" bind:value={kind} items={KINDS} />
    <Pick label="wall" bind:value={edge} items={edges.map((e) => ({ value: e, name: String(e + 1) }))} />
    <LengthField label="from" metres={from} {unit} width="5rem" onmetres={(m) => (from = m ?? from)} />
    <LengthField
      label="wide"
      metres={width}
      {unit}
      least={0.05}
      width="5rem"
      onmetres={(m) => (width = m ?? width)}
    />
    <LengthField
      label="high"
      metres={height}
      {unit}
      least={0.05}
      width="5rem"
      onmetres={(m) => (height = m ?? height)}
    />
    <Button type="button" onclick={add}>Add</Button>
  </div>
</Fold>

<style>
  p {
    margin: 0.25rem 0;
  }
</style>
