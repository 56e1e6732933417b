<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import Table from '../parts/Table.svelte';
  import Button from '../parts/Button.svelte';
  import { enhance } from '$app/forms';
  import { calibrated, type Calibration, type CalibrationKind } from '../../core/equipment';
  import { dayNumber, type CalendarDay } from '../../core/units';
  import { PROCEDURES, READING_WORDS, unitText } from '../../words';
  import { getShow } from '../parts/show';
  import { comesToText } from './comes-to';
  import XyChart from './XyChart.svelte';

  interface Entry extends Calibration {
    readonly id: string;
    readonly product: string;
    readonly note: string;
    readonly doneOn: CalendarDay;
    readonly by: string;
  }
  /** What was measured of one kind, the latest first, and how it moved from time to time. */
  let {
    kind,
    entries,
    today,
    may,
  }: { kind: CalibrationKind; entries: readonly Entry[]; today: string; may: boolean } = $props();
  const show = getShow();
  const told = $derived(
    entries.flatMap((entry) => {
      const result = calibrated(entry);
      return 'ok' in result ? [{ entry, found: result.ok }] : [];
    }),
  );
  /** Repeats of the same thing: trays and gate settings differ of themselves. */
  const onePlace = $derived(kind !== 'pan-test' && kind !== 'weighed-pass');
  /** In one unit only can one be held against another. */
  const alike = $derived(told.filter(({ found }) => found.unit === told[0]?.found.unit));
  const first = $derived(Math.min(...alike.map(({ entry }) => dayNumber(entry.doneOn))));
  const drawn = $derived(kind !== 'weighed-pass' && kind !== 'pan-test' && alike.length > 1);
  /** A nozzle that gives so much more than at first is worn out. */
  const WORN = 1.1;
  const sinceFirst = $derived(
    kind === 'flow' && alike.length > 1
      ? (alike[0]?.found.repeats.mean ?? 0) / (alike.at(-1)?.found.repeats.mean ?? 1)
      : 1,
  );
  const firstDay = $derived(alike.at(-1)?.entry.doneOn ?? today);
</script>

<section aria-label={PROCEDURES[kind].name}>
  <h2 class="section-head">{PROCEDURES[kind].name}</h2>
  <ul class="rule-list">
    {#each told as { entry, found }, i (entry.id)}
      <li>
        <span class="figure">{comesToText(found, kind, show)}</span>
        {#if i === 0}<span class="latest border border-moss text-moss-ink py-0 px-1.5 ml-1.5">in use</span
          >{/if}
        <br />
        <span class="soft small">
          {show.dayText(entry.doneOn, today)}, {entry.by}{entry.product
            ? `, with ${entry.product}`
            : ''}{entry.note ? `. ${entry.note}` : ''}
        </span>
        <Fold class="small" says="Readings{found.repeats.outlier && onePlace ? ', one does not fit' : ''}">
          <Table small class="w-auto!">
            <thead
              ><tr
                ><th>{PROCEDURES[kind].each}</th>{#each Object.keys(entry.readings[0] ?? {}) as key (key)}<th
                    class="number"
                    >{READING_WORDS[key] ?? key}{key === 'amount'
                      ? `, ${unitText(entry.unit || 'count')}`
                      : ''}</th
                  >{/each}</tr
              ></thead
            >
            <tbody>
              {#each entry.readings as reading, r (r)}
                <tr class:odd={found.repeats.outlier?.at === r && onePlace}>
                  <th scope="row">{r + 1}</th>
                  {#each Object.entries(reading) as [key, value] (key)}<td class="number"
                      >{key === 'metres'
                        ? show.lengthText(value)
                        : key === 'mm'
                          ? show.rainText(value)
                          : show.numberText(value)}</td
                    >{/each}
                </tr>
              {/each}
            </tbody>
          </Table>
          {#if may}
            <form method="POST" action="?/strike" use:enhance>
              <input type="hidden" name="entry" value={entry.id} />
              <Button kind="plain">Take this out of the book</Button>
            </form>
          {/if}
        </Fold>
      </li>
    {/each}
  </ul>
  {#if sinceFirst > WORN}
    <p class="small">
      ! {Math.round((sinceFirst - 1) * 100)} % more than when it was first measured: change the nozzle, and calibrate
      the new one.
    </p>
  {/if}
  {#if drawn}
    <XyChart
      lines={[
        {
          name: `${PROCEDURES[kind].name}, ${unitText(alike[0]?.found.unit ?? 'count')}`,
          points: [...alike]
            .reverse()
            .map(({ entry, found }) => ({ x: dayNumber(entry.doneOn) - first, y: found.repeats.mean })),
          as: 'marks',
        },
      ]}
      xName="days since {show.dayText(firstDay, today)}"
      yName={unitText(alike[0]?.found.unit ?? 'count')}
      fromZero={false}
      says="{PROCEDURES[kind].name} over time: {[...alike]
        .reverse()
        .map(
          ({ entry, found }) => `${show.dayText(entry.doneOn, today)} ${show.numberText(found.repeats.mean)}`,
        )
        .join(', ')}"
    />
  {/if}
</section>

<style>
  .latest {
    font-size: 0.85rem;
  }
  .odd {
    font-weight: 700;
    background: var(--saffron-wash);
  }
</style>
