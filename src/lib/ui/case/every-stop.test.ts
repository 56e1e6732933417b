import { PREMISES_KEYS } from '../../core/premises';
import { render } from 'svelte/server';
import type { Component } from 'svelte';
import { describe, expect, it } from 'vitest';
import { CANDIDATES, DEMONSTRATION_LABELS, FIELD_TESTS, GUIDE, SIGNS } from '../../catalog';
import { assess, type CaseFacts, type CaseView, type MeasureBody, type StopBodies } from '../../core/case';
import { SURROUNDINGS, usualFrame, type Surrounding } from '../../core/identify';
import { inHand, type LabelCard } from '../../core/labels';
import type { Forecast } from '../../core/schedule';
import type { CalendarDay } from '../../core/units';
import { PLAIN_MANNER, type Manner } from '../../words';
import Choose from './Choose.svelte';
import Follows from './Follows.svelte';
import Log from './Log.svelte';
import Look from './Look.svelte';
import Measure from './Measure.svelte';
import Mix from './Mix.svelte';
import MixCosts from './MixCosts.svelte';
import MixTools from './MixTools.svelte';
import Name from './Name.svelte';
import Place from './Place.svelte';
import Recheck from './Recheck.svelte';
import SharedTank from './SharedTank.svelte';
import StopInTest from './StopInTest.svelte';
import Walk from './Walk.svelte';
import When from './When.svelte';

const NOON = Date.parse('2027-09-15T12:00:00Z') / 3_600_000;
const TODAY = '2027-09-15' as CalendarDay;
const forecast: Forecast = {
  ...{ startHour: NOON - 12, issuedHour: NOON, source: 'typed' },
  hours: Array.from({ length: 96 }, () => ({
    ...{ tempC: 16, soilC: 16, windKmh: 9, windFromDeg: 250, rainMm: 0 },
  })),
};
const tape = { how: 'tape', length: 12.5, width: 10, paces: [0, 0], walked: 0, walkedPaces: 0 } as const;
const plan = {
  ...{ zones: ['z'], waterM: 0, hardM: 0, ediblesM: 0, areaM2: 0, lowM2: 0, highM2: 0, keptOffM2: 0 },
  ...{ lengthM: 0, widthM: 0, places: 0, edgeM: 0, volumeM3: 0, waterGapM: null },
};
/** Every way of measuring, each with what it finds. */
const MEASURED: Readonly<Record<string, MeasureBody>> = {
  tape: { ...tape, unit: 'm', paceErrorPct: 0, strip: 0, plan: null },
  feet: { ...tape, unit: 'ft', length: 60, width: 40, paceErrorPct: 0, strip: 3, plan: null },
  paces: {
    ...tape,
    ...{ how: 'paces', unit: 'm', paces: [40, 30], walked: 30, walkedPaces: 40, paceErrorPct: 5, strip: 1 },
    plan: null,
  },
  places: {
    ...tape,
    ...{ how: 'plan', unit: 'm', paceErrorPct: 0, strip: 0, plan: { ...plan, places: 24 } },
  },
  area: {
    ...tape,
    ...{ how: 'plan', unit: 'm', paceErrorPct: 0, strip: 0 },
    plan: { ...plan, areaM2: 320, lowM2: 310, highM2: 330, lengthM: 20, widthM: 16 },
  },
  walls: { ...tape, ...{ how: 'plan', unit: 'm', paceErrorPct: 0, strip: 0, plan: { ...plan, edgeM: 46 } } },
  void: {
    ...tape,
    ...{ how: 'plan', unit: 'm', paceErrorPct: 0, strip: 0, plan: { ...plan, volumeM3: 0.4 } },
  },
};

function factsOf(card: LabelCard, surrounding: Surrounding, measure: MeasureBody, mixed: boolean): CaseFacts {
  const use = card.uses.find((one) => one.targets.length > 0) ?? card.uses[0];
  const pest = use?.targets[0]?.pest ?? 'chafer-grub';
  const label = inHand(card, { pest, stage: null, surrounding });
  const test = FIELD_TESTS.find((one) => one.places.includes(surrounding)) ?? FIELD_TESTS[0]!;
  const stops: Partial<StopBodies> = {
    look: {
      ...{ surrounding, lengthMm: 12, where: 'here', signs: {}, test: test.id, frame: test.frame },
      ...{ counts: [9, 11, 8, null, 10], vigour: 'fair', flowering: true, damp: 'dry', note: '' },
    },
    name: { candidate: pest, stage: null, also: [] },
    choose: { label: card.id, reason: '', wishes: [], budget: null },
    measure,
    when: { hour: NOON + 2 },
    recheck: { counts: [2, 1, 3, null, 2], control: null, countedOn: TODAY, note: '' },
    place: { swathM: 1.5, overlap: 0, direction: 0, start: 'this-end' },
    ...(mixed && label
      ? {
          mix: {
            ...{
              rate: label.use.rate.min,
              severity: null,
              tankName: 'Knapsack 15 l',
              tank: { value: 15, unit: 'l' },
            },
            ...{
              tankMark: null,
              measureName: 'Syringe 30 ml',
              step: { value: 1, unit: 'ml' },
              holds: { value: 30, unit: 'ml' },
            },
            ...{ before: 'clean', carriedOn: null, carryOver: null, split: 'fill', lot: 'T1' },
          },
        }
      : {}),
  };
  return {
    ...{ rules: [], ownThresholds: [], number: 4, title: 't', openedOn: TODAY, today: TODAY, nowHour: NOON },
    licence: {
      category: 'all',
      covers: ['turf', 'household', 'wood', 'health'],
      number: '1',
      by: 'b',
      until: null,
    },
    ...{ real: false, elsewhere: 0, states: {}, settled: {}, ground: null, records: [] },
    property: {
      name: 'p',
      hemisphere: 'north',
      byWater: true,
      avoidTowards: null,
      history: {},
      premises: {
        answers: Object.fromEntries(PREMISES_KEYS.map((key) => [key, 'no'])),
        askedOn: '2027-09-01' as never,
      },
    },
    stops,
    shelf: [
      {
        label: card,
        containers: [
          {
            ...{ lot: 'T1', size: card.container.size, left: card.container.size, price: 30, keptIn: 'shed' },
            ...{ expiresOn: null, boughtOn: null, openedOn: null, until: null },
          },
        ],
      },
    ],
    ...{
      forecast,
      candidates: CANDIDATES,
      signs: SIGNS,
      tests: FIELD_TESTS,
      guide: Object.fromEntries(GUIDE),
    },
  };
}

const tool = (kind: string, name: string, size: number, unit: string) => ({
  ...{ kind, name, size, unit, calibratedOn: null, holds: kind === 'measure' ? 30 : null, undrawn: null },
  ...{ swathM: 1.5, price: 40, lifeJobs: 100, proven: {} },
});
const GIVEN = {
  equipment: [tool('tank', 'Knapsack 15 l', 15, 'l'), tool('measure', 'Syringe 30 ml', 1, 'ml')],
  ...{
    swathM: 1.5,
    errors: [],
    person: 'R. Hallow',
    licence: '',
    time: '07:30',
    requestKey: 'k',
    sharedTank: SharedTank,
    action: '',
  },
};
type Screen = Component<Record<string, unknown>>;
const SCREENS = {
  Look,
  Name,
  Choose,
  Measure,
  When,
  Mix,
  Place,
  Log,
  Recheck,
  Follows,
} as unknown as Readonly<Record<string, Screen>>;
/** What comes only when it is opened, once there is a dose. */
const LATER = { MixCosts, MixTools, Walk } as unknown as Readonly<Record<string, Screen>>;
const REQUEST = {
  page: {
    url: new URL('http://x/cases/4/mix'),
    params: { number: '4' },
    data: { propertyId: 'p' },
    form: null,
  },
};

function written(
  facts: CaseFacts,
  view: CaseView,
  screen: Screen,
  given: Record<string, unknown>,
  manner: Manner,
): string {
  return render(StopInTest as unknown as Component<Record<string, unknown>>, {
    props: { facts, view, manner, screen, given },
    context: new Map([['__request__', REQUEST]]),
  }).body;
}

/** What is the same however it is measured and mixed: read once for each card and place. */
const BEFORE_MEASURING = new Set(['Look', 'Name', 'When']);

/** Each screen of a case as the server writes it, by name. */
function screensOf(
  facts: CaseFacts,
  manner: Manner,
  but: ReadonlySet<string> = new Set(),
): ReadonlyMap<string, string> {
  const view = assess(facts);
  const dose = { label: view.label, dose: view.dose, product: view.dose?.product };
  return new Map([
    ...Object.entries(SCREENS)
      .filter(([name]) => !but.has(name))
      .map(([name, screen]) => [name, written(facts, view, screen, GIVEN, manner)] as const),
    ...(view.dose && view.label
      ? Object.entries(LATER).map(
          ([name, screen]) => [name, written(facts, view, screen, { ...GIVEN, ...dose }, manner)] as const,
        )
      : []),
  ]);
}

/** Places that any use of a card names; all of them where none is fit. */
function placesOf(card: LabelCard): readonly Surrounding[] {
  const fit = SURROUNDINGS.filter(
    (surrounding) => inHand(card, { pest: null, stage: null, surrounding })?.siteFits,
  );
  return fit.length > 0 ? fit : SURROUNDINGS;
}

describe('every stop opens', { timeout: 60_000 }, () => {
  it.each(DEMONSTRATION_LABELS.map((card) => [card.name, card] as const))(
    'with %s, however it is measured, wherever it is for',
    (_, card) => {
      let opened = 0;
      // Every place with every way of measuring, every second one of them mixed, by turns; the first place with both.
      for (const [row, surrounding] of placesOf(card).entries())
        for (const [column, [how, measure]] of Object.entries(MEASURED).entries())
          for (const mixed of row === 0 ? [false, true] : [(row + column) % 2 === 1]) {
            const again = column > 0 || (row === 0 && mixed);
            const screens = screensOf(
              factsOf(card, surrounding, measure, mixed),
              PLAIN_MANNER,
              again ? BEFORE_MEASURING : undefined,
            );
            opened += screens.size;
            for (const [name, html] of screens)
              expect(
                html.match(/NaN|undefined|Infinity|\[object/)?.[0],
                `${name}, ${surrounding}, ${how}`,
              ).toBe(undefined);
          }
      expect(opened).toBeGreaterThan(100);
    },
  );

  it('without anything answered yet', () => {
    const [card] = DEMONSTRATION_LABELS;
    const facts = { ...factsOf(card!, 'lawn', MEASURED.tape!, false), stops: {} };
    for (const [name, html] of screensOf(facts, PLAIN_MANNER)) expect(html.length, name).toBeGreaterThan(50);
  });
});

/** The words of a page: without its tags, and without the units that its choices offer. */
function textOf(html: string): string {
  const named = [...html.matchAll(/(?:aria-label|placeholder|alt)="([^"]*)"/g)].map(([, text]) => text);
  return `${html.replace(/<select[\s\S]*?<\/select>/g, ' ').replace(/<[^>]*>/g, ' ')} ${named.join(' ')}`
    .replace(/&amp;/g, '&')
    .replace(/\s+/g, ' ');
}

const AMERICAN: Readonly<Record<string, string>> = {
  ...{ ml: 'floz', l: 'gal', g: 'oz', kg: 'lb', m2: 'ft2', m: 'ft', m3: 'ft3' },
};
/** A card as it would be printed elsewhere: every amount in the units of that place. */
const printedIn = <T>(card: T, units: Readonly<Record<string, string>>): T =>
  JSON.parse(
    JSON.stringify(card, (key, value: unknown) =>
      key === 'unit' && typeof value === 'string' ? (units[value] ?? value) : value,
    ),
    (key, value: unknown) => (key === 'clauses' ? {} : value),
  ) as T;

const WALKS = {
  us: {
    manner: { ...PLAIN_MANNER, units: 'us', dates: 'month-day' },
    units: AMERICAN,
    measured: ['feet', 'area', 'places', 'walls'],
    tools: [tool('tank', 'Knapsack 15 l', 3, 'gal'), tool('measure', 'Syringe 30 ml', 0.25, 'floz')],
    foreign: /\d\s?(m²|ml|l|kg|g|km\/h|°C|mm|cm|m)(?![\p{L}\d²³/])|, (m|m²|km\/h|°C|mm)(?= )/u,
  },
  uk: {
    manner: { ...PLAIN_MANNER, units: 'uk' },
    units: {},
    measured: ['tape', 'area', 'places', 'walls'],
    tools: GIVEN.equipment,
    foreign:
      /\d\s?(ft²|ft|fl oz(?! \(UK\))|gal(?! \(UK\))|°F|in|lb|oz|km\/h)(?![\p{L}\d²³/])|, (ft|km\/h|°F)(?= )/u,
  },
  german: {
    manner: { ...PLAIN_MANNER, numbers: '1.234,5', dates: 'day-month' },
    units: {},
    measured: ['tape', 'area', 'places', 'walls'],
    tools: GIVEN.equipment,
    // A decimal point, or a comma between thousands.
    foreign: /(?<![\d.,])\d+\.\d{1,2}(?![\d.])|(?<![\d,])[1-9]\d{0,2},\d{3}(?!\d)|\d\s?(ft²|ft|mph|°F)\b/u,
  },
} as const;

describe('every stop is written in the manner of the workspace', { timeout: 60_000 }, () => {
  it.each(Object.entries(WALKS))('%s', (_, { manner, units, measured, tools, foreign }) => {
    let read = 0;
    const wrong: string[] = [];
    for (const card of DEMONSTRATION_LABELS) {
      const printed = printedIn(card, units);
      const [surrounding = 'lawn'] = placesOf(card);
      for (const how of measured) {
        const measure = { ...MEASURED[how]!, ...(units === AMERICAN ? { unit: 'ft' as const } : {}) };
        const here = factsOf(printed, surrounding, measure, false);
        const look = here.stops.look!;
        const test = FIELD_TESTS.find(({ id }) => id === look.test)!;
        const facts = {
          ...here,
          stops: { ...here.stops, look: { ...look, frame: usualFrame(test, manner.units) } },
        };
        const view = assess(facts);
        const dose = { label: view.label, dose: view.dose, product: view.dose?.product };
        const all = view.dose && view.label ? { ...SCREENS, ...LATER } : SCREENS;
        for (const [name, screen] of Object.entries(all)) {
          const text = textOf(written(facts, view, screen, { ...GIVEN, ...dose, equipment: tools }, manner));
          // Names of tools and of products are their own.
          const own = text.replaceAll(/Knapsack 15 l|Syringe 30 ml|clause [\d.]+/g, '');
          const found = foreign.exec(own);
          if (found)
            wrong.push(
              `${name}, ${card.name}: …${own.slice(Math.max(0, found.index - 50), found.index + 40)}…`,
            );
          const stamp = /\d{4}-\d{2}-\d{2}/.exec(own)?.[0];
          if (stamp) wrong.push(`${name}, ${card.name}: ${stamp}`);
          read += 1;
        }
      }
    }
    expect([...new Set(wrong)]).toEqual([]);
    expect(read).toBeGreaterThan(900);
  });
});
