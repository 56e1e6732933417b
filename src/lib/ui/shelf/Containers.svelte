<script lang="ts">
  import type { ShelfContainer } from '../../core/choose';
  import { getShow } from '../parts/show';

  /** The containers of one label, nearest expiry first. */
  let { containers, today }: { containers: readonly ShelfContainer[]; today: string } = $props();
  const { dayText, numberText, priceText, quantityText } = getShow();
</script>

{#if containers.length === 0}<p class="soft small">No container on the shelf.</p>{:else}
  <table class="table">
    <thead
      ><tr><th>Lot</th><th>Left</th><th>Use before</th><th>Kept in</th><th class="number">Price</th></tr
      ></thead
    >
    <tbody>
      {#each containers as c (c.lot)}
        <tr>
          <td>{c.lot}</td>
          <td>
            <span class="left" aria-hidden="true"
              ><span style:width="{(c.left.value / c.size.value) * 100}%"></span></span
            >
            {numberText(c.left.value)} of {quantityText(c.size)}
          </td>
          <td class:late={c.expiresOn !== null && c.expiresOn < today}
            >{c.expiresOn
              ? `${dayText(c.expiresOn, today)}${c.expiresOn < today ? ', expired' : ''}`
              : 'not stated'}</td
          >
          <td>{c.keptIn}</td>
          <td class="number">{priceText(c.price)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}

<style>
  .left {
    display: inline-block;
    width: 70px;
    height: 12px;
    border: 1px solid var(--ink);
    margin-right: 0.5rem;
    vertical-align: -1px;
  }
  .left span {
    display: block;
    height: 100%;
    background: var(--water-deep);
  }
  .late {
    color: var(--brick-ink);
    font-weight: 700;
  }
</style>
