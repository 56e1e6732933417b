<script lang="ts">
  import Pick from '../parts/Pick.svelte';
  import Button from '../parts/Button.svelte';
  import { tick } from 'svelte';
  import type { LabelFigure } from '../../forms/label-text';
  import { LABEL_FIGURE_WORDS, labelFigureText } from '../../words';
  import { fillField } from '../parts/fill';
  import { getShow } from '../parts/show';

  /** A label's text is pasted; the figures found in it are offered, each beside its sentence, to be taken or not. Native as `Fold` is: the form round it is found from here. */
  let { uses }: { uses: number } = $props();
  const show = getShow();
  let root: HTMLElement;
  let text = $state('');
  let found = $state.raw<readonly LabelFigure[]>([]);
  let into = $state(0);
  let taken = $state.raw<ReadonlySet<LabelFigure>>(new Set());
  let unfilled = $state.raw<LabelFigure | null>(null);
  let turn = 0;
  async function read(): Promise<void> {
    const now = ++turn;
    const { figuresIn } = await import('../../forms/label-text');
    if (now !== turn) return;
    found = figuresIn(text, show.manner.units === 'uk');
    taken = new Set();
  }
  async function take(figure: LabelFigure): Promise<void> {
    const form = root.closest('form');
    if (!form) return;
    const at = figure.of === 'use' ? `uses.${Math.min(into, uses - 1)}.` : '';
    let all = true;
    for (const [name, value] of figure.fields) {
      all = fillField(form, `${at}${name}`, value) && all;
      // A choice may bring other fields.
      await tick();
    }
    const words = form.elements.namedItem(`clauses.${figure.clause ?? ''}.text`);
    if (words instanceof HTMLInputElement && words.value === '') fillField(form, words.name, figure.sentence);
    taken = new Set([...taken, figure]);
    unfilled = all ? null : figure;
  }
</script>

<details class="paste" bind:this={root}>
  <summary>Paste the label’s text, and take its figures from it</summary>
  <label class="field-label" for="pasted">The text of the label, in English</label>
  <!-- Not a part of the card: it has no name and is not sent. -->
  <textarea id="pasted" class="field-input" rows="5" bind:value={text} oninput={() => void read()}></textarea>
  {#if uses > 1}
    <Pick
      label="Figures of a use go into"
      bind:value={into}
      items={Array.from({ length: uses }, (_, i) => ({ value: i, name: `use ${i + 1}` }))}
    />
  {/if}
  {#if text.trim() !== ''}
    <p class="soft small" role="status">
      {found.length === 0
        ? 'No figure was recognised: read the label, and type what it says.'
        : `${found.length} figures were recognised. Read each beside its sentence; what is not here has to be typed.`}
    </p>
  {/if}
  <ul>
    {#each found as figure (figure)}
      <li>
        <div>
          <strong>{LABEL_FIGURE_WORDS[figure.what]}</strong>{labelFigureText(figure.what, figure.fields)
            ? `: ${labelFigureText(figure.what, figure.fields)}`
            : ''}
          <q>{figure.sentence}</q>
        </div>
        {#if taken.has(figure)}<span class="soft">taken</span>
        {:else}<Button type="button" onclick={() => take(figure)}
            >Take<span class="sr-only"> {LABEL_FIGURE_WORDS[figure.what]}</span></Button
          >{/if}
      </li>
      {#if unfilled === figure}<li class="field-error">
          Not all of it has a place in the form as it stands: look at the fields, and type what is missing.
        </li>{/if}
    {/each}
  </ul>
</details>

<style>
  summary {
    cursor: pointer;
    color: var(--petrol);
    padding: 0.45rem 0;
  }
  textarea {
    width: 100%;
    height: auto;
  }
  ul {
    list-style: none;
    margin: 0.3rem 0;
    padding: 0;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0.8rem;
    align-items: center;
    padding: 0.45rem 0;
    border-top: 1px solid var(--rule);
  }
  q {
    display: block;
    color: var(--soft);
    font-size: 0.9rem;
    overflow-wrap: anywhere;
  }
</style>
