<script lang="ts">
  import { distance, type Corner } from '../../core/geometry';
  import { halvedEdge, withBow, withEdgeLength, type Zone, type ZoneShape } from '../../core/plan';
  import type { PlanEditor } from './editor.svelte';

  /** The measures of a shape as numbers: sides, radius, or corner by corner with the length of each edge. */
  let { editor, zone }: { editor: PlanEditor; zone: Zone } = $props();
  /** The table is long: it is written only while somebody reads it. */
  let open = $state(false);
  const shape = $derived(zone.shape);
  const round = (n: number): number => Number(n.toFixed(3));
  const numberIn = (text: string): number | null => {
    const value = Number(text.replace(',', '.'));
    return text.trim() !== '' && Number.isFinite(value) ? value : null;
  };
  const put = (next: ZoneShape): void => editor.reshape(zone.id, next);
  const corners = $derived(
    shape.kind === 'polygon' ? shape.corners : shape.kind === 'strip' ? shape.line : [],
  );
  const closed = $derived(shape.kind === 'polygon');
  function withCorners(next: readonly Corner[]): void {
    if (shape.kind === 'polygon') put({ ...shape, corners: next });
    else if (shape.kind === 'strip') put({ ...shape, line: next });
  }
  function setLength(i: number, text: string): void {
    const length = numberIn(text);
    if (length !== null) withCorners(withEdgeLength(corners, i, length));
  }
  const setBow = (i: number, text: string): void => withCorners(withBow(corners, i, numberIn(text) ?? 0));
  const halve = (i: number): void => withCorners(halvedEdge(corners, i));
  const drop = (i: number): void => withCorners(corners.filter((_, k) => k !== i));
  function size(key: 'length' | 'width' | 'radius' | 'turn', text: string): void {
    const value = numberIn(text);
    if (value === null || (key !== 'turn' && value < 0.01)) return;
    put({ ...shape, [key]: value } as ZoneShape);
  }
</script>

{#snippet number(key: 'length' | 'width' | 'radius' | 'turn', label: string, value: number)}
  <label
    >{label}
    <input
      class="field-input"
      inputmode="decimal"
      value={round(value)}
      onchange={(event) => size(key, event.currentTarget.value)}
    /></label
  >
{/snippet}
{#if shape.kind === 'rectangle'}
  <div class="pair">
    {@render number('length', 'Length, m', shape.length)}
    {@render number('width', 'Width, m', shape.width)}
    {@render number('turn', 'Turned, °', shape.turn)}
  </div>
{:else if shape.kind === 'circle'}
  <div class="pair">{@render number('radius', 'Radius, m', shape.radius)}</div>
{:else if corners.length > 0}
  {#if shape.kind === 'strip'}<div class="pair">{@render number('width', 'Width, m', shape.width)}</div>{/if}
  <details bind:open>
    <summary>Corners and edges: {corners.length}</summary>
    {#if open}
      <table class="table small">
        <thead
          ><tr
            ><th>Edge</th><th>Length, m</th><th>Bows out, m</th><th
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
                  ><input
                    class="field-input"
                    aria-label="Length of edge {i + 1}"
                    inputmode="decimal"
                    value={round(distance([corner[0], corner[1]], [next[0], next[1]]))}
                    onchange={(event) => setLength(i, event.currentTarget.value)}
                  /></td
                >
                <td
                  ><input
                    class="field-input"
                    aria-label="Bow of edge {i + 1}"
                    inputmode="decimal"
                    value={round(corner[2] ?? 0)}
                    onchange={(event) => setBow(i, event.currentTarget.value)}
                  /></td
                >
                <td class="two">
                  <button type="button" class="button button-plain" onclick={() => halve(i)}>halve</button>
                  {#if corners.length > (closed ? 3 : 2)}<button
                      type="button"
                      class="button button-plain"
                      aria-label="Remove corner {i + 1}"
                      onclick={() => drop(i)}>✕</button
                    >{/if}
                </td>
              </tr>
            {/if}
          {/each}
        </tbody>
      </table>
    {/if}
  </details>
{/if}

<style>
  .pair {
    display: flex;
    gap: 0.6rem;
    margin: 0.5rem 0;
  }
  .pair label {
    flex: 1;
    min-width: 0;
    font-size: 0.9rem;
    font-weight: 600;
  }
  td .field-input {
    width: 5.2rem;
    min-height: 2.2rem;
    text-align: right;
  }
  td,
  th {
    padding: 0.15rem 0.3rem 0.15rem 0;
    vertical-align: middle;
  }
  .two {
    white-space: nowrap;
  }
  .two .button {
    min-height: 2.2rem;
    padding-inline: 0.25rem;
  }
  summary {
    cursor: pointer;
    color: var(--petrol);
    padding: 0.35rem 0;
  }
</style>
