<script lang="ts">
  import { resolve } from '$app/paths';
  import { FAMILY_WORDS, FORM_WORDS } from '$lib/words';
  import { getShow } from '$lib/ui/parts/show';
  import { getMayChange } from '$lib/ui/parts/may';
  import type { PageProps } from './$types';
  const { dayText, numberText, priceText, quantityText, rateText } = getShow();

  let { data }: PageProps = $props();
  const may = getMayChange();
</script>

<svelte:head><title>Shelf · Nimsy</title></svelte:head>
<div class="page">
  <div class="top">
    <h1>Shelf</h1>
    {#if may()}<a class="button button-main" href={resolve('/shelf/new')}>Copy a label</a>{/if}
  </div>
  {#each data.shelf as { label, containers } (label.id)}
    <section>
      <h2 class="section-head">
        <a class="plain-link" href={resolve('/shelf/[label]', { label: label.id })}>{label.name}</a>
        <span class="soft small"
          >{FORM_WORDS[label.form]} · {FAMILY_WORDS[label.family]}{label.demonstration
            ? ' · demonstration label'
            : ''}</span
        >
      </h2>
      <p class="soft small">
        {label.actives.map((a) => `${a.name}${a.percent ? ` ${numberText(a.percent)} %` : ''}`).join(', ')} · {numberText(
          label.use.rate.min,
        )} to {rateText(label.use.rate.max, label.use.rate.unit, label.use.rate.per)}
      </p>
      {#if containers.length === 0}<p>No container on the shelf.</p>{:else}
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
                <td class:late={c.expiresOn !== null && c.expiresOn < data.today}
                  >{c.expiresOn
                    ? `${dayText(c.expiresOn, data.today)}${c.expiresOn < data.today ? ', expired' : ''}`
                    : 'not stated'}</td
                >
                <td>{c.keptIn}</td>
                <td class="number">{priceText(c.price)}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      {/if}
    </section>
  {:else}<p>No label yet.</p>{/each}
</div>

<style>
  .top {
    display: flex;
    justify-content: space-between;
    gap: 1rem;
    align-items: center;
    flex-wrap: wrap;
  }
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
