<script lang="ts">
  import Button from '../parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { howMuch } from '../../core/job';
  import { parseJob } from '../../forms';
  import { JOB_METHODS } from '../../words';
  import { getMayChange } from '../parts/may';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';
  import type { KeptJob } from './stop-props';

  /** Jobs that were kept with a case before they became treatments of it: worked out again from what was typed. */
  let { kept, number }: { kept: readonly KeptJob[]; number: number } = $props();
  const show = getShow();
  const may = getMayChange();
  const sheet = getSheet();
  /** Whatever stands against measuring anything out here stands against these figures too. */
  const halted = $derived(sheet.view.halts.length > 0);
  const rows = $derived(
    kept.map(({ id, fields, keptBy }) => {
      const job = parseJob(new Map(Object.entries(fields)));
      const worked = 'ok' in job ? howMuch(job.ok) : null;
      const product = worked && 'ok' in worked ? worked.ok.figures[0]?.value : undefined;
      return {
        ...{ id, keptBy, method: 'ok' in job ? JOB_METHODS[job.ok.method].name : 'Not readable' },
        told: product ? show.quantityText(product) : '',
      };
    }),
  );
</script>

<section aria-label="Kept from “How much”">
  <h2 class="section-head">Kept from “How much”</h2>
  <ul class="rule-list">
    {#each rows as { id, method, told, keptBy } (id)}
      <li>
        <span class="figure">{halted ? 'No amount while a Halt is open' : told}</span>
        <span>{method}, by {keptBy}</span>
        {#if !halted}<a href="{resolve('/how-much')}?kept={id}"
            >Open, and take it into the case as a treatment</a
          >{/if}
        {#if may()}
          <form method="POST" action="{resolve('/how-much')}?/drop">
            <input type="hidden" name="id" value={id} />
            <input type="hidden" name="case" value={number} />
            <Button kind="plain">Take out</Button>
          </form>
        {/if}
      </li>
    {/each}
  </ul>
  <p class="soft small">Figures from somebody’s own label; no clause of it was checked.</p>
</section>

<style>
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.2rem 1rem;
    padding: 0.4rem 0;
  }
</style>
