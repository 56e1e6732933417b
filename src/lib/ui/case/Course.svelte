<script lang="ts">
  import Pick from '../parts/Pick.svelte';
  import Fold from '../parts/Fold.svelte';
  import Button from '../parts/Button.svelte';
  import { enhance } from '$app/forms';
  import { resolve } from '$app/paths';
  import {
    courseView,
    letterOf,
    numberOf,
    purposeOf,
    type CourseRow,
    type TreatmentState,
  } from '../../core/case';
  import { countWord, TREATMENT_STATE_WORDS, treatmentName, treatmentText } from '../../words';
  import { getMayChange } from '../parts/may';
  import { getShow } from '../parts/show';
  import DotsVerticalOutline from 'flowbite-svelte-icons/DotsVerticalOutline.svelte';
  import ArrowDownOutline from 'flowbite-svelte-icons/ArrowDownOutline.svelte';
  import ArrowUpOutline from 'flowbite-svelte-icons/ArrowUpOutline.svelte';
  import { draggedList, handleOf, movedIn } from './dragged';
  import { getSheet } from './sheet.svelte';

  /** The treatments of a case in their order, what each costs, and what can be done with them. */
  const show = getShow();
  const sheet = getSheet();
  const may = getMayChange();
  const current = $derived(numberOf(sheet.facts));
  const course = $derived(courseView(sheet.facts));
  const { rows, stages } = $derived(course);
  const own = $derived(rows.find(({ treatment }) => treatment.number === current)?.treatment);
  /** What puts nothing down is never logged: it is done when somebody says so. */
  const states = $derived<readonly TreatmentState[]>(
    sheet.view.nothing ? ['planned', 'only-if', 'done'] : ['planned', 'only-if'],
  );
  const action = $derived(`${resolve(`/cases/${sheet.facts.number}/${current}/choose`)}?/course`);
  type Row = CourseRow & { readonly id: number };
  const standing = $derived(rows.map((row): Row => ({ ...row, id: row.treatment.number })));
  /** The order as it is dragged; null where nothing is. */
  let dragged = $state.raw<Row[] | null>(null);
  const list = $derived(dragged ?? standing);
  let moving = $state<HTMLFormElement>();
  async function drop(items: Row[]): Promise<void> {
    const moved = movedIn(
      standing.map(({ id }) => id),
      items.map(({ id }) => id),
    );
    dragged = moved ? items : null;
    if (!moved || !moving) return;
    const fields = { number: moved.number, place: moved.to };
    for (const [name, value] of Object.entries(fields))
      (moving.elements.namedItem(name) as HTMLInputElement).value = String(value);
    moving.requestSubmit();
  }
  const amount = ({ view }: CourseRow): string =>
    view.halts.length > 0 && view.records.length === 0
      ? 'Halt'
      : view.dose
        ? show.quantityText(view.dose.product)
        : '';
</script>

{#if rows.length > 1}
  <section class="border-t-2 border-t-ink pt-2.5 mt-0 mb-2.5 mx-0" id="course" aria-label="The course">
    <h2>
      A course of {countWord(course.standing)}{course.cost > 0
        ? `, ${show.priceText(course.cost)} in all`
        : ''}
    </h2>
    {#if may()}<form
        method="POST"
        {action}
        bind:this={moving}
        use:enhance={() =>
          async ({ update }) => {
            await update({ reset: false });
            dragged = null;
          }}
        hidden
      >
        <input type="hidden" name="act" value="to" /><input type="hidden" name="number" /><input
          type="hidden"
          name="place"
        />
      </form>{/if}
    <ol
      use:draggedList={{
        items: list,
        onorder: (items) => (dragged = items as Row[]),
        ondrop: (items) => void drop(items as Row[]),
      }}
    >
      {#each list as row, i (row.id)}
        {@const { treatment: one, view, facts } = row}
        <li class="entry items-center" class:now={one.number === current} class:off={one.state === 'dropped'}>
          {#if may()}<span
              class="letter h-[1.8rem] place-items-center font-bold handle items-center justify-center cursor-grab pointer-coarse:min-h-11 pointer-coarse:min-w-11"
              use:handleOf
              aria-label="Drag {treatmentName(facts, view)} to another place"
              ><DotsVerticalOutline width="14" height="16" />{row.letter || '–'}</span
            >{:else}<span class="letter h-[1.8rem] place-items-center font-bold" aria-hidden="true"
              >{row.letter || '–'}</span
            >{/if}
          <span class="what grid">
            <a href={resolve(`/cases/${sheet.facts.number}/${one.number}/choose`)} class="figure"
              >{treatmentName(facts, view)}</a
            >
            <span class="soft small">{treatmentText(facts, view, one, show)}</span>
          </span>
          <span class="figure text-right">{amount(row)}</span>
          {#if may()}
            <form method="POST" {action} use:enhance>
              <input type="hidden" name="number" value={one.number} />
              {#if i > 0}<Button class="button-small" name="act" value="up" title="Earlier"
                  ><ArrowUpOutline width="18" height="18" /><span class="visually-hidden">Earlier</span
                  ></Button
                >{/if}
              {#if i < list.length - 1}<Button class="button-small" name="act" value="down" title="Later"
                  ><ArrowDownOutline width="18" height="18" /><span class="visually-hidden">Later</span
                  ></Button
                >{/if}
              {#if view.records.length === 0}
                <Button
                  class="button-small"
                  name="act"
                  value={one.state === 'dropped' ? 'planned' : 'dropped'}
                  >{one.state === 'dropped' ? 'Take in again' : 'Drop'}</Button
                >
              {/if}
            </form>
          {/if}
        </li>
      {/each}
    </ol>
    {#if stages.length > 1 && rows.some(({ view }) => view.label)}
      <h3>Which stage each works on</h3>
      <ul class="stages">
        {#each stages as { id, name, by } (id)}
          <li class:none={by.length === 0}>
            <span>{name}</span>
            <span class="figure">{by.length > 0 ? by.join(', ') : 'nothing of this course'}</span>
          </li>
        {/each}
      </ul>
    {/if}
  </section>
{/if}
{#if may() && (sheet.view.named || purposeOf(sheet.facts) === 'routine') && (rows.length > 1 || sheet.facts.stops.choose)}
  <div class="border-b border-b-rule pb-4 mb-5">
    {#if rows.length > 1}
      <Fold
        says="{letterOf(sheet.facts, current) || 'This one'} is {own?.state === 'only-if'
          ? `done only if ${own.onlyIf || 'needed'}`
          : TREATMENT_STATE_WORDS[sheet.view.records.length > 0 ? 'done' : (own?.state ?? 'planned')]}"
      >
        <form method="POST" {action} use:enhance class="add mt-2.5 mb-0 mx-0">
          <input type="hidden" name="number" value={current} />
          <Pick
            quiet
            label="How {letterOf(sheet.facts, current)} stands"
            name="act"
            value={own?.state ?? 'planned'}
            items={states.map((state) => ({ value: state, name: TREATMENT_STATE_WORDS[state] }))}
          />
          <input
            class="field-input"
            name="onlyIf"
            value={own?.onlyIf ?? ''}
            maxlength="120"
            aria-label="What has to hold before it is done"
            placeholder="more than 2 in the worst trap"
          />
          <Button>Keep that</Button>
        </form>
      </Fold>
    {/if}
    <form method="POST" {action} use:enhance class="add mt-2.5 mb-0 mx-0">
      <input type="hidden" name="number" value={current} />
      <Button name="act" value="add">Add a treatment</Button>
      {#if sheet.view.records.length > 0}
        <Button name="act" value="next-go">Plan its next go</Button>
      {/if}
      <span class="soft small"
        >{rows.length > 1
          ? 'Each has its own ground, hours, mix and entries.'
          : 'Another product or another ground: each with its own hours, mix and entries.'}{sheet.view.records
          .length > 0
          ? ' The next go is the second night of a sheet, the second half of a dose.'
          : ''}</span
      >
    </form>
  </div>
{/if}

<style>
  ol,
  ul {
    list-style: none;
    margin: 0.4rem 0;
    padding: 0;
  }
  .entry {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr) auto auto;
    gap: 0.3rem 0.9rem;
    padding: 0.5rem 0;
    border-top: 1px solid var(--rule);
  }
  .letter {
    width: 1.8rem;
    display: grid;
    border: 1px solid var(--ink);
    border-radius: 4px;
  }
  .handle {
    display: flex;
    width: 2.4rem;
    touch-action: none;
  }
  .now .letter {
    background: var(--petrol);
    color: var(--petrol-ink);
    border-color: var(--petrol);
  }
  .off .what {
    text-decoration: line-through;
  }
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    align-items: center;
  }
  .add {
    gap: 0.6rem;
  }
  .add input {
    display: inline-block;
    width: 16rem;
  }
  .stages li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 1rem;
    padding: 0.3rem 0;
    border-top: 1px solid var(--rule);
  }
  .none {
    color: var(--brick-ink);
  }
  @media (max-width: 600px) {
    .entry {
      grid-template-columns: auto minmax(0, 1fr) auto;
    }
    .entry form {
      grid-column: 2 / 4;
    }
  }
</style>
