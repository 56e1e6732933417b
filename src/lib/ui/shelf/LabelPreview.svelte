<script lang="ts">
  import { checkLabel, type LabelCard } from '../../core/labels';
  import { FINDING_WORDS, METHOD_WORDS, RULE_WORDS, SITE_WORDS, useText } from '../../words';
  import { getShow } from '../parts/show';

  /** A card in plain words, and what the label check finds in it. */
  let { card, pestName }: { card: LabelCard; pestName: (id: string) => string } = $props();
  const show = getShow();
  const found = $derived(checkLabel(card));
  const MARKS = { contradiction: '✕', gap: '○', hint: '?' };
</script>

<section aria-label="In plain words">
  <h2 class="section-head">In plain words</h2>
  {#each card.uses as use, i (i)}
    <div class="use border-b border-b-rule pt-1 pb-2 px-0">
      <p class="figure">
        {card.uses.length > 1 ? `Use ${i + 1}: ` : ''}{use.sites.map((s) => SITE_WORDS[s]).join('; ') ||
          'no place yet'}
      </p>
      <p>{METHOD_WORDS[use.method]}: {useText(use, show, (id) => pestName(id).toLowerCase())}.</p>
      <p class="soft small">
        {use.targets.map((t) => pestName(t.pest).toLowerCase()).join(', ') || 'no pest yet'}
      </p>
    </div>
  {/each}
</section>
<section aria-label="Label check">
  <h2 class="section-head">
    Label check <span class="soft small"
      >{found.length === 0 ? 'nothing found' : `${found.length} to look at`}</span
    >
  </h2>
  <ul class="findings list-none p-0 m-0">
    {#each found as f (`${f.rule}${f.use}`)}
      <li class={f.rank}>
        <span class="figure"
          ><span aria-hidden="true">{MARKS[f.rank]}</span>
          {FINDING_WORDS[f.rank]}{f.use !== null && card.uses.length > 1 ? `, use ${f.use + 1}` : ''}:</span
        >
        {RULE_WORDS[f.rule]}
      </li>
    {/each}
  </ul>
</section>

<style>
  .use p {
    margin: 0.1rem 0;
  }
  .findings li {
    border-left: 4px solid var(--rule);
    padding: 0.1rem 0 0.1rem 0.6rem;
    margin: 0.45rem 0;
  }
  .findings .contradiction {
    border-color: var(--brick);
  }
  .findings .gap {
    border-color: var(--saffron);
  }
</style>
