<script lang="ts">
  import Table from '../parts/Table.svelte';
  import Button from '../parts/Button.svelte';
  import { untrack } from 'svelte';
  import { grid } from '../../core/equipment';
  import { gridOver, isPlace, outlineOf, withReading } from '../../core/plan';
  import { MARK_WORDS } from '../../words';
  import { getShow } from '../parts/show';
  import DateField from '../parts/DateField.svelte';
  import LengthField from '../parts/LengthField.svelte';
  import NumberInput from '../parts/NumberInput.svelte';
  import type { PlanEditor } from './editor.svelte';

  /** Numbered places and their counts; a grid of them over a zone. */
  let { editor, may, today }: { editor: PlanEditor; may: boolean; today: string } = $props();
  const show = getShow();
  const marks = $derived(editor.plan.marks.filter((mark) => mark.layer === editor.layer));
  let on = $state(untrack(() => today));
  let counts = $state<Record<string, number | null>>({});
  let radius = $state<number | null>(null);
  let wrong = $state('');
  const one = $derived(
    editor.one && !isPlace(editor.one) && editor.one.kind !== 'building' ? editor.one : null,
  );

  function note(): void {
    const typed = marks.flatMap((mark) => {
      const count = counts[mark.id] ?? null;
      return count === null ? [] : [{ mark, count }];
    });
    if (typed.length === 0 || typed.some(({ count }) => !(count >= 0 && count <= 100_000))) {
      wrong = 'Type at least one count; a count is 0 or more.';
      return;
    }
    wrong = '';
    const read = new Map(typed.map(({ mark, count }) => [mark.id, count]));
    editor.change({
      ...editor.plan,
      marks: editor.plan.marks.map((mark) => {
        const count = read.get(mark.id);
        return count === undefined ? mark : withReading(mark, on, count);
      }),
    });
    counts = {};
  }

  function lay(): void {
    if (!one) return;
    const spacing = grid({ radius: { value: radius ?? 0, unit: 'm' } });
    if (!('ok' in spacing)) {
      wrong = 'Type how far a lure draws, above 0.';
      return;
    }
    const points = gridOver(outlineOf(one.shape).rings, spacing.ok.spacing.value);
    if (points.length === 0 || points.length + editor.plan.marks.length > 3000) {
      wrong =
        points.length === 0 ? 'No point of the grid falls into the zone.' : 'That would be too many points.';
      return;
    }
    wrong = '';
    const first = Math.max(0, ...editor.plan.marks.map((mark) => mark.number)) + 1;
    editor.change({
      ...editor.plan,
      marks: [
        ...editor.plan.marks,
        ...points.map((at, i) => ({
          ...{
            id: editor.newId(),
            number: first + i,
            kind: 'lure' as const,
            at,
            layer: one.layer,
            readings: [],
          },
        })),
      ],
    });
  }
</script>

{#if marks.length > 0}
  <div class="max-h-[16rem] overflow-auto">
    <Table small>
      <thead
        ><tr
          ><th>No.</th><th>Counts so far</th>{#if may}<th>Now</th><th
              ><span class="visually-hidden">Remove</span></th
            >{/if}</tr
        ></thead
      >
      <tbody>
        {#each marks as mark (mark.id)}
          <tr>
            <th scope="row">{mark.number} {MARK_WORDS[mark.kind]}</th>
            <td
              >{mark.readings
                .slice(-3)
                .map((r) => `${show.numberText(r.count)} (${show.dayText(r.on, today)})`)
                .join(', ') || 'none'}</td
            >
            {#if may}
              <td
                ><NumberInput
                  label="Count at {mark.number}"
                  whole
                  value={counts[mark.id] ?? null}
                  onnumber={(count) => (counts[mark.id] = count)}
                /></td
              >
              <td
                ><Button
                  type="button"
                  kind="plain"
                  aria-label="Remove {mark.number}"
                  onclick={() => editor.changeMark(mark.id, null)}>✕</Button
                ></td
              >
            {/if}
          </tr>
        {/each}
      </tbody>
    </Table>
  </div>
  {#if may}
    <p class="flex flex-wrap gap-2 items-end my-1.5 mx-0">
      <DateField label="Read on" value={on} onday={(day) => day && (on = day)} />
      <Button type="button" onclick={note}>Note the counts</Button>
    </p>
  {/if}
{:else}<p class="small soft">
    None on this layer. Draw spots, lures, traps, monitors or flaps; they keep their numbers.
  </p>{/if}
{#if may}
  {#if one}
    <p class="flex flex-wrap gap-2 items-end my-1.5 mx-0">
      <LengthField
        label="A grid of lures over {one.name}; each draws from"
        metres={radius}
        unit={editor.plan.unit}
        width="17rem"
        optional
        live
        onmetres={(m) => (radius = m)}
      />
      <Button type="button" onclick={lay}>Lay the grid</Button>
    </p>
  {:else}<p class="small soft">Choose a zone to lay a grid of lures over it.</p>{/if}
{/if}
{#if wrong}<p class="field-error" role="alert">{wrong}</p>{/if}

<style>
  td :global(.field-input) {
    width: 4rem;
    min-height: 2.3rem;
  }
  td,
  th {
    vertical-align: middle;
    padding: 0.2rem 0.4rem 0.2rem 0;
  }
</style>
