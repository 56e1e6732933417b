<script lang="ts">
  import { untrack } from 'svelte';
  import type { UseInHand } from '../../core/labels';
  import { clockText, dayOfHour, endsText, groundText, hourField, hourReason, hourText } from '../../words';
  import { getShow } from '../parts/show';
  import Choice from '../parts/Choice.svelte';
  import DateField from '../parts/DateField.svelte';
  import TimeField from '../parts/TimeField.svelte';
  import HourStrip from '../parts/HourStrip.svelte';
  import StripKey from '../parts/StripKey.svelte';
  import { getErrors } from '../parts/errors';
  import { getSheet } from './sheet.svelte';
  const show = getShow();
  const { dayText } = show;

  const sheet = getSheet();
  const errorFor = getErrors();
  const view = $derived(sheet.view);
  let picked = $state(untrack(() => sheet.facts.stops.when?.hour ?? null));
  let startDay = $state(untrack(() => (picked === null ? '' : hourField(picked).slice(0, 10))));
  let startTime = $state(untrack(() => (picked === null ? '' : hourField(picked).slice(11))));
  let hourInput = $state<HTMLInputElement>();
  /** The hour stands in its field after the next update only. */
  const told = (): void =>
    void setTimeout(() => hourInput?.form && void sheet.propose('when', hourInput.form));
  const DAYS = [0, 1, 2] as const;
  const days = $derived(
    DAYS.map((d) => ({ d, hours: view.hours?.hours.slice(d * 24, d * 24 + 24) ?? [] })).filter(
      (day) => day.hours.length > 0,
    ),
  );
  const windows = $derived(
    (view.hours?.windows ?? []).filter(
      (w) => w.to > sheet.facts.nowHour && w.from < (view.hours?.hours[0]?.hour ?? 0) + 72,
    ),
  );
  const starts = $derived(
    windows.flatMap((w) =>
      Array.from({ length: w.to - w.from }, (_, i) => w.from + i)
        .filter((hour) => hour >= sheet.facts.nowHour)
        .map((hour) => ({ value: hourField(hour), name: `${hourText(hour)}, window to ${clockText(w.to)}` })),
    ),
  );
  const kept = $derived(picked !== null && !starts.some((s) => s.value === hourField(picked ?? 0)));
  const judged = $derived(view.hours?.hours.find((h) => h.hour === picked) ?? null);
  const weather = $derived(
    picked === null || !sheet.facts.forecast
      ? null
      : (sheet.facts.forecast.hours[picked - sheet.facts.forecast.startHour] ?? null),
  );
  const most = (hours: (typeof days)[number]['hours']): string => {
    const count = new Map<string, number>();
    for (const hour of hours)
      for (const code of hour.because)
        if (code !== 'out-of-hours') count.set(code, (count.get(code) ?? 0) + 1);
    const top = [...count].sort((a, b) => b[1] - a[1]).slice(0, 2);
    return top.map(([code, n]) => `${hourReason(code)} ${n} h`).join(', ');
  };
  const limits = (use: UseInHand): string[] => [
    ...(use.maxWindKmh
      ? [`wind at most ${show.windText(use.maxWindKmh)}, and under ${show.windText(5)} look for drift first`]
      : []),
    ...(use.rainFreeHours ? [`no rain for ${use.rainFreeHours} hours after`] : []),
    ...(use.tempC ? [`air ${endsText(use.tempC, show.degreesText)}`] : []),
    ...(use.soilC
      ? [`soil ${endsText(use.soilC, show.degreesText)}, by a probe ${show.prose('5 cm')} deep`]
      : []),
    ...(use.keepFromSun ? ['not in sunshine: after 17:00 or before 09:00'] : []),
    ...(use.wateringIn
      ? [
          `${show.rainText(use.wateringIn.mm)} of water within ${use.wateringIn.withinHours} hours, by rain or sprinkler`,
        ]
      : []),
    ...(use.waterBufferM
      ? [`${show.lengthText(use.waterBufferM)} from open water; the wind must not blow towards it`]
      : []),
    'no bees flying on what is treated; people and pets away',
  ];
</script>

{#if view.nothing}
  <p>Nothing is put down, so no hour is needed.</p>
{:else if !view.label}
  <p class="soft">The hours depend on the label’s limits. Choose a remedy first.</p>
{:else if view.hours}
  <StripKey />
  {#each days as { d, hours } (d)}
    {@const day = dayOfHour(hours[0]?.hour ?? 0)}
    {@const dawn = hours[0]?.hour ?? 0}
    {@const own = windows.filter((w) => w.from < dawn + 24 && w.to > dawn)}
    <div class="mt-4 mb-1.5 mx-0 max-w-[46rem]">
      <p class="head flex flex-wrap gap-y-1 gap-x-4 items-center">
        <span class="figure">{d === 0 ? 'Today' : dayText(day, sheet.facts.today)}</span>
        {#if own.length > 0}
          <!-- Native: a week of hours is a list of hundreds. -->
          {#each own as w (w.from)}
            <button
              type="button"
              class="window border border-moss rounded-md py-1.5 px-3 min-h-[2.4rem] font-bold cursor-pointer"
              class:on={picked !== null && picked >= w.from && picked < w.to}
              onclick={(event) => {
                picked = Math.max(w.from, sheet.facts.nowHour, dawn);
                const form = event.currentTarget.form;
                queueMicrotask(() => form && sheet.propose('when', form));
              }}
              >{clockText(Math.max(w.from, sheet.facts.nowHour, dawn))} to {clockText(w.to)}{w.waterInMm
                ? `, then ${show.rainText(w.waterInMm)}`
                : ''}</button
            >
          {/each}
        {:else}<span>no window</span>{/if}
        <span class="soft small">{most(hours)}</span>
      </p>
      <HourStrip
        {hours}
        now={sheet.facts.nowHour}
        chosen={picked}
        label="Hours of {dayText(day)}: {own.length} windows"
      />
    </div>
  {/each}
  <p class="soft small">
    Simulated forecast of the demonstration, issued {sheet.facts.nowHour -
      (sheet.facts.forecast?.issuedHour ?? 0)} h ago; its error grows with the hours ahead.
  </p>
  <div class="fields">
    {#key picked}
      <Choice
        label="Start at"
        name="hour"
        value={picked === null ? '' : hourField(picked)}
        items={[
          { value: '', name: 'choose an hour' },
          ...(kept && picked !== null
            ? [{ value: hourField(picked), name: `${hourText(picked)}, no longer in a window` }]
            : []),
          ...starts,
        ]}
        width="20rem"
        onchange={(value) =>
          (picked = value === '' ? null : Math.round(Date.parse(`${value}:00Z`) / 3_600_000))}
      />
    {/key}
  </div>
  {#if judged}
    <p class="go border-l-5 border-l-moss bg-moss-wash py-2.5 px-3 {judged.state}" aria-live="polite">
      <span class="figure"
        >{judged.state === 'fits' ? '✓ Go' : judged.state === 'care' ? '! Go with a Care' : '✕ No go'}</span
      >
      {hourText(judged.hour)}{judged.because.length > 0
        ? `: ${judged.because.map(hourReason).join(', ')}`
        : ''}
      {#if weather}<span class="soft"
          >· {show.degreesText(weather.tempC)}, wind {show.windText(weather.windKmh)} from {weather.windFromDeg}°,
          soil {show.degreesText(weather.soilC)}, rain {show.rainText(weather.rainMm)}</span
        >{/if}
    </p>
  {/if}
{:else}
  <div class="none border-l-5 border-l-saffron bg-saffron-wash py-2.5 px-4 mb-4">
    <p class="figure">No weather is known.</p>
    <p>
      Nimsy does not invent any. Check these limits of {view.label.name} yourself, at the place and at the hour:
    </p>
    <ul>
      {#each limits(view.label.use) as limit, i (i)}<li>{limit}</li>{/each}
    </ul>
  </div>
  <div class="w-[16rem] max-w-full">
    <div class="fields">
      <DateField
        label="Start on"
        value={startDay}
        onday={(day) => {
          startDay = day ?? '';
          told();
        }}
      />
      <TimeField
        label="at"
        value={startTime}
        ontime={(time) => {
          startTime = time ?? '';
          told();
        }}
      />
    </div>
    <input
      type="hidden"
      name="hour"
      bind:this={hourInput}
      value={startDay && startTime ? `${startDay}T${startTime}` : ''}
    />
    {#if errorFor('hour')}<p class="field-error">{errorFor('hour')}</p>{/if}
  </div>
{/if}
{#if view.label && view.lawn && view.dose?.finished && view.halts.length === 0}
  <p class="soft small">
    {view.minutesOnLawn === null
      ? 'The time on the lawn is known once the lanes are drawn'
      : `The job takes about ${view.minutesOnLawn} min for ${groundText(view.lawn, view.method?.noun ?? 'spot', show)}`};
    a window is at least two hours long.
  </p>
{/if}

<style>
  .head {
    margin: 0 0 0.35rem;
  }
  .window {
    background: var(--moss-wash);
    color: var(--moss-ink);
  }
  .window.on {
    background: var(--moss);
    color: var(--field);
  }
  .go {
    margin: 1rem 0 0.6rem;
  }
  .go.no {
    border-color: var(--brick);
    background: var(--brick-wash);
  }
  .go.care {
    border-color: var(--saffron);
    background: var(--saffron-wash);
  }
  .none p {
    margin: 0 0 0.3rem;
  }
</style>
