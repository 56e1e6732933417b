<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import Table from '../parts/Table.svelte';
  import Button from '../parts/Button.svelte';
  import { distance, type Corner } from '../../core/geometry';
  import { halvedEdge, withBow, withEdgeLength, type Zone, type ZoneShape } from '../../core/plan';
  import { valueIn } from '../../core/units';
  import LengthField from '../parts/LengthField.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import NumberInput from '../parts/NumberInput.svelte';
  import type { PlanEditor } from './editor.svelte';

  /** The measures of a shape as numbers: sides, radius, or corner by corner with the length of each edge. */
  let { editor, zone }: { editor: PlanEditor; zone: Zone } = $props();
  /** The table is long: it is written only while somebody reads it. */
  let open = $state(false);
  const shape = $derived(zone.shape);
  const put = (next: ZoneShape): void => editor.reshape(zone.id, next);
  const corners = $derived(
    shape.kind === 'polygon' ? shape.corners : shape.kind === 'strip' ? shape.line : [],
  );
  const closed = $derived(shape.kind === 'polygon');
  function withCorners(next: readonly Corner[]): void {
    if (shape.kind === 'polygon') put({ ...shape, corners: next });
    else if (shape.kind === 'strip') put({ ...shape, line: next });
  }
  const setLength = (i: number, m: number): void => withCorners(withEdgeLength(corners, i, m));
  const setBow = (i: number, m: number): void => withCorners(withBow(corners, i, m));
  const halve = (i: number): void => withCorners(halvedEdge(corners, i));
  const drop = (i: number): void => withCorners(corners.filter((_, k) => k !== i));
  const size = (key: 'length' | 'width' | 'radius' | 'turn', value: number | null): void => {
    if (value !== null) put({ ...shape, [key]: value } as ZoneShape);
  };
  const unit = $derived(editor.plan.unit);
  const inUnit = (m: number): number => Number(valueIn({ value: m, unit: 'm' }, unit).toFixed(3));
  const inMetres = (value: number): number => valueIn({ value, unit }, 'm');
</script>

{#snippet number(key: 'length' | 'width' | 'radius', label: string, value: number)}
  <LengthField {label} metres={value} {unit} least={0.01} onmetres={(m) => size(key, m)} />
{/snippet}
{#if shape.kind === 'rectangle'}
  <div class="flex gap-2.5 my-2 mx-0">
    {@render number('length', 'Length', shape.length)}
    {@render number('width', 'Width', shape.width)}
    <NumberField
      label="Turned"
      after="°"
      value={shape.turn}
      signed
      width="6rem"
      onsettled={(turn) => size('turn', turn)}
    />
  </div>
{:else if shape.kind === 'circle'}
  <div class="flex gap-2.5 my-2 mx-0">{@render number('radius', 'Radius', shape.radius)}</div>
{:else if corners.length > 0}
  {#if shape.kind === 'strip'}<div class="flex gap-2.5 my-2 mx-0">
      {@render number('width', 'Width', shape.width)}
    </div>{/if}
  <Fold bind:open says="Corners and edges: {corners.length}">
    {#if open}
      <Table small>
        <thead
          ><tr
            ><th>Edge</th><th>Length, {unit}</th><th>Bows out, {unit}</th><th
              ><span class="visually-hidden">Change</span></th
            ></tr
          ></thead
        >
        <tbody>
          {#each corners as corner, i (i)}
            {@const next = corners[(i + 1) % corners.length]}
            {#if next && (closed || i < corners.length - 1)}
              <tr>
                <th scope="row">{i + 1}–{((i + 1) % corners.length) + 1}</th>
                <td
                  ><NumberInput
                    label="Length of edge {i + 1}"
                    most={900}
                    {unit}
                    value={inUnit(distance([corner[0], corner[1]], [next[0], next[1]]))}
                    onsettled={(value) => value !== null && setLength(i, inMetres(value))}
                  /></td
                >
                <td
                  ><NumberInput
                    label="Bow of edge {i + 1}"
                    most={900}
                    {unit}
                    signed
                    value={inUnit(corner[2] ?? 0)}
                    onsettled={(value) => setBow(i, inMetres(value ?? 0))}
                  /></td
                >
                <td class="two whitespace-nowrap">
                  <Button type="button" kind="plain" onclick={() => halve(i)}>halve</Button>
                  {#if corners.length > (closed ? 3 : 2)}<Button
                      type="button"
                      kind="plain"
                      aria-label="Remove corner {i + 1}"
                      onclick={() => drop(i)}>✕</Button
                    >{/if}
                </td>
              </tr>
            {/if}
          {/each}
        </tbody>
      </Table>
    {/if}
  </Fold>
{/if}

<style>
  td :global(.field-input) {
    width: 5.2rem;
    min-height: 2.2rem;
    text-align: right;
  }
  td,
  th {
    padding: 0.15rem 0.3rem 0.15rem 0;
    vertical-align: middle;
  }
  .two :global(.button) {
    min-height: 2.2rem;
    padding-inline: 0.25rem;
  }
</style>
