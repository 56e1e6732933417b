<script lang="ts">
  import { resolve } from '$app/paths';
  import { rankingOf } from '../../core/case';
  import {
    askingOf,
    CANNOT_TELL,
    drawnWith,
    hangsOnOne,
    NONE_OF_THESE,
    partedBy,
    questionsAhead,
    type FirstSeen,
    type Sign,
  } from '../../core/identify';
  import { effortText, percentText } from '../../words';
  import Button from '../parts/Button.svelte';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';

  /** One question a screen: the sign that tells most now, its answers large enough for a thumb, the likeliest names below. */
  interface Props {
    signs: readonly Sign[];
    first: FirstSeen | null;
    onanswer: (sign: string, value: string) => Promise<void>;
  }
  let { signs, first, onanswer }: Props = $props();
  const { prose } = getShow();
  const sheet = getSheet();
  const NAMES = 3;
  let skipped = $state.raw<ReadonlySet<string>>(new Set());
  /** What was answered or passed over here, the last one last. */
  let asked = $state.raw<readonly string[]>([]);
  let heading = $state<HTMLElement>();
  const ranking = $derived(sheet.view.ranking);
  const now = $derived(askingOf(ranking, signs, { skipped, first }));
  const sign = $derived(signs.find(({ id }) => id === now.ask) ?? null);
  /** The question that is asked, of about so many. */
  const ahead = $derived(
    sign &&
      questionsAhead(
        { candidates: sheet.facts.candidates, signs },
        (found) => rankingOf(sheet.facts, found),
        sheet.facts.stops.look?.signs ?? {},
        { skipped, first },
      ),
  );
  const candidateOf = (id: string) => sheet.facts.candidates.find((one) => one.id === id);
  const nameOf = (id: string | undefined): string => (id && candidateOf(id)?.name) ?? '';
  const parted = $derived(sign ? partedBy(sign, sheet.facts.candidates, ranking) : null);
  const answers = $derived(
    sign === null
      ? []
      : sign.values === null
        ? [
            { id: 'yes', name: 'Yes, it is so', drawn: null },
            { id: 'no', name: 'No, looked for and not so', drawn: null },
          ]
        : sign.values.map(({ id, name }) => ({
            id,
            name,
            drawn: drawnWith(sign, id, sheet.facts.candidates),
          })),
  );
  const title = $derived(
    sign
      ? prose(sign.name)
      : now.end === 'named'
        ? `${nameOf(ranking.ranked[0]?.id)}, ${percentText(ranking.ranked[0]?.p ?? 0)}`
        : ranking.hangsOn !== null
          ? `${nameOf(ranking.ranked[0]?.id)}, ${percentText(ranking.ranked[0]?.p ?? 0)}, by one reading alone`
          : 'Not sure, and no other question would change much',
  );
  /** Somebody answered here: not before does the focus move. */
  let touched = false;
  // Whoever answered is at the next question, once it is there.
  $effect(() => {
    const at = [now.ask, now.end];
    if (at.length > 0 && touched) heading?.focus();
  });

  async function say(value: string): Promise<void> {
    if (!sign) return;
    touched = true;
    asked = [...asked, sign.id];
    await onanswer(sign.id, value);
  }
  function skip(): void {
    if (!sign) return;
    touched = true;
    asked = [...asked, sign.id];
    skipped = new Set([...skipped, sign.id]);
  }
  async function back(): Promise<void> {
    const last = asked.at(-1);
    if (last === undefined) return;
    touched = true;
    asked = asked.slice(0, -1);
    if (skipped.has(last)) skipped = new Set([...skipped].filter((id) => id !== last));
    else await onanswer(last, '');
  }
</script>

<section class="max-w-[40rem]" aria-label="One question at a time">
  {#if sign}<p class="soft small">
      Question {asked.length + 1}{ahead ? ` of about ${asked.length + ahead}` : ''}
    </p>{/if}
  <h2 bind:this={heading} tabindex="-1">{title}</h2>
  {#if sign}
    <p class="soft small">
      {prose(sign.how)}, {effortText(sign)}.
      {hangsOnOne(ranking)
        ? `It bears out or upsets ${nameOf(ranking.ranked[0]?.id).toLowerCase()}, which hangs on one reading so far.`
        : parted
          ? `Tells most now: it parts ${nameOf(parted[0])} from ${nameOf(parted[1])}.`
          : 'Tells most now.'}
    </p>
    {#if sign.drawn}<img
        class="sign mt-0 mb-2.5 mx-auto"
        src={resolve('/drawings/[name]', { name: `${sign.id}.svg` })}
        alt=""
        width="168"
        height="112"
      />{/if}
    <div class="answers grid-cols-[repeat(auto-fill,minmax(min(17rem,100%),1fr))]">
      {#each answers as { id, name, drawn } (`${sign.id} ${id}`)}
        <Button type="button" class="asked-answer" onclick={() => say(id)}>
          {#if drawn}<img
              src="{resolve('/drawings/[name]', { name: `${drawn}.svg` })}?close=yes"
              alt=""
              width="96"
              height="64"
            />{/if}
          <span>{name}</span>
        </Button>
      {/each}
    </div>
    <div class="others flex-wrap my-3 mx-0">
      {#if sign.values !== null}<Button type="button" kind="plain" onclick={() => say(NONE_OF_THESE)}
          >None of these</Button
        >{/if}
      <Button type="button" kind="plain" onclick={() => say(CANNOT_TELL)}>Cannot tell</Button>
      <Button type="button" kind="plain" onclick={skip}>Skip</Button>
    </div>
  {:else if now.end === 'named'}
    <p>More questions would change nothing. Count now, or save and look at the name.</p>
  {:else}
    {#if ranking.hangsOn !== null}<p>
        One more mark has to bear it out: read it again, or look down the list.
      </p>{/if}
    <p>
      <a href={resolve('/cases/[number]/ask', { number: String(sheet.facts.number) })}
        >A sheet to ask an expert</a
      > has all that was seen on it. Not sure is a fine end.
    </p>
  {/if}
  <div class="sticky bottom-0 bg-paper border-t border-t-ink py-2 px-0" aria-live="polite">
    <ol>
      {#each ranking.ranked.slice(0, NAMES) as { id, p } (id)}
        <li>
          <span>{nameOf(id)}</span>
          <span class="bar" aria-hidden="true"><span style:width="{Math.max(1, p * 100)}%"></span></span>
          <span class="figure">{percentText(p)}</span>
        </li>
      {/each}
    </ol>
    {#if ranking.hangsOn !== null}<p class="soft small">
        It hangs on one reading so far; one more mark has to bear it out.
      </p>{/if}
    {#if asked.length > 0}<Button type="button" kind="plain" onclick={back}>Back</Button>{/if}
  </div>
</section>

<style>
  h2 {
    font-size: 1.5rem;
    margin: 0 0 0.2rem;
  }
  h2:focus {
    outline: none;
  }
  p {
    margin: 0 0 0.5rem;
  }
  .sign {
    display: block;
  }
  .answers {
    display: grid;
    gap: 0.6rem;
  }
  .answers :global(.asked-answer) {
    display: flex;
    align-items: center;
    justify-content: flex-start;
    gap: 1rem;
    min-height: 3.5rem;
    width: 100%;
    text-align: left;
    white-space: normal;
  }
  .others {
    display: flex;
    gap: 0.4rem 1.4rem;
  }
  ol {
    list-style: none;
    margin: 0 0 0.3rem;
    padding: 0;
  }
  li {
    display: grid;
    grid-template-columns: 1fr minmax(5rem, 36%) 5rem;
    gap: 0.6rem;
    align-items: center;
  }
  .bar span {
    display: block;
    height: 12px;
    background: var(--petrol);
  }
  li .figure {
    text-align: right;
  }
</style>
