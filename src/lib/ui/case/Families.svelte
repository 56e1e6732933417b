<script lang="ts">
  import Table from '../parts/Table.svelte';
  import type { FamilyRow } from '../../core/choose';
  import { FAMILY_NAMES } from '../../words';
  import { getShow } from '../parts/show';

  /** The families of remedy side by side, mildest that will work first. */
  let { rows, area }: { rows: readonly FamilyRow[]; area: boolean } = $props();
  const show = getShow();
  const { priceText } = show;
  const BURDEN = ['none', 'little', 'some', 'much'];
  const works = (row: FamilyRow): boolean => row.grade === 'strong' || row.grade === 'fair';
  const first = $derived(rows.find(works)?.family);
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="overflow-x-auto" role="region" aria-label="Families side by side" tabindex="0">
  <Table>
    <thead
      ><tr
        ><th>Family</th><th>Evidence</th><th>Works in, days</th><th>Protects, days</th><th class="number"
          >Once</th
        ><th class="number">Season</th><th>Burden</th></tr
      ></thead
    >
    <tbody>
      {#each rows as row (row.family)}
        <tr class:weak={!works(row)}>
          <td
            ><span class="figure">{FAMILY_NAMES[row.family]}</span>{#if row.family === first}<span
                class="first rounded-md py-0 px-1.5 ml-2 text-[0.85rem] whitespace-nowrap"
                >mildest that works</span
              >{/if}
            {#if row.note}<span class="soft small block">{show.prose(row.note)}</span>{/if}
            {#if row.cards[0]}<span class="small block"
                >{row.cards[0].label.name}{row.cards.length > 1
                  ? ` and ${row.cards.length - 1} more`
                  : ''}</span
              >{:else if row.halted > 0}<span class="small block"
                >✕ {row.halted} {row.halted === 1 ? 'card is' : 'cards are'} halted</span
              >{/if}
          </td>
          <td>{row.grade}</td>
          <td>{row.daysToEffect[1] === 0 ? 'at once' : `${row.daysToEffect[0]}–${row.daysToEffect[1]}`}</td>
          <td>{row.protectsDays === null ? '' : row.protectsDays}</td>
          <td class="number">{row.costOnce === null ? '' : priceText(row.costOnce)}</td>
          <td class="number">{row.costSeason === null ? '' : priceText(row.costSeason)}</td>
          <td>{BURDEN[row.burden]}</td>
        </tr>
      {/each}
    </tbody>
  </Table>
</div>
<p class="soft small">
  {area
    ? 'Costs are for the measured area, with the best card of each family that has a price; a season is half a year.'
    : 'Costs come with the measured area.'} Burden is on people, pets, bees and water.
</p>

<style>
  .first {
    border: 1px solid var(--moss, currentcolor);
  }
  .weak td {
    color: var(--soft);
  }
  td {
    vertical-align: top;
  }
</style>
