import type { Licence, Premises } from '../../core/premises';
import { CANDIDATES, FIELD_TESTS, GUIDE, SIGNS } from '../../catalog';
import { isOfTreatment, type CaseFacts, type Treatment } from '../../core/case';
import { trimPass } from '../../core/clip';
import { candidatesIn, isYearRound, regionOf } from '../../core/identify';
import { fitsSite } from '../../core/labels';
import type { ShelfEntry } from '../../core/choose';
import type { Plan } from '../../core/plan';
import type { ApplicationRecord } from '../../core/record';
import type { CalendarDay } from '../../core/units';
import type { Settings } from '../../forms';
import * as t from '../db/schema';
import type { WeatherSource } from '../outside/weather';
import { localDay, localHour } from '../session/clock';
import { groundOf, groundsOnPlan } from './ground';
import { settledFromRows, stopsFromRows } from './rows';

export interface Surroundings {
  readonly now: Date;
  /** The day in the workspace's own zone. */
  readonly today: CalendarDay;
  readonly zone: string;
  readonly weather: WeatherSource;
  readonly real: boolean;
  readonly settings: Settings;
  /** That of whoever asks; null for none, and in a household. */
  readonly licence: Licence | null;
}

/** What is drawn on a plan counts by itself, whatever was answered. */
function drawnOn(plan: Plan | null): Premises['answers'] {
  if (plan === null) return {};
  const kinds = new Set(plan.zones.map((zone) => zone.kind));
  return {
    ...(kinds.has('edible-bed') ? { edibles: 'yes' } : {}),
    ...(kinds.has('play') ? { playArea: 'yes' } : {}),
  };
}

/** What a case is computed from, of the rows that were read for it. */
export function factsOf(known: {
  row: typeof t.cases.$inferSelect;
  property: typeof t.properties.$inferSelect;
  history: Record<string, number>;
  around: Surroundings;
  shelf: ShelfEntry[];
  plan: Plan | null;
  records: ApplicationRecord[];
  stops: (typeof t.caseStops.$inferSelect)[];
  settlements: (typeof t.settlements.$inferSelect)[];
  treatments: (typeof t.treatments.$inferSelect)[];
}): CaseFacts {
  const { row, property, around } = known;
  const nowHour = localHour(around.now, property.timeZone);
  const region = property.region ?? regionOf(property.timeZone, property.latitude);
  return {
    number: row.number,
    title: row.title,
    openedOn: row.openedOn as CalendarDay,
    today: localDay(around.now, property.timeZone),
    nowHour,
    real: around.real,
    licence: around.licence,
    property: {
      name: property.name,
      hemisphere: property.latitude < 0 ? 'south' : 'north',
      region,
      ...(isYearRound(property.latitude) ? { yearRound: true } : {}),
      byWater: property.byWater,
      avoidTowards:
        property.avoidFromDeg === null || property.avoidToDeg === null
          ? null
          : { fromDeg: property.avoidFromDeg, toDeg: property.avoidToDeg },
      history: known.history,
      premises: {
        answers: { ...property.premises, ...drawnOn(known.plan) },
        askedOn: property.premisesAskedOn as CalendarDay | null,
      },
      ...(property.grounds.length > 0
        ? { grounds: groundsOnPlan(known.plan, property.grounds, known.records) }
        : {}),
    },
    ...courseFrom(known),
    trimPass,
    records: known.records,
    ...shelfFor(
      known.shelf,
      stopsFromRows(known.stops.filter(({ stop }) => stop === 'look')).stops.look,
      known.stops.flatMap(({ stop, body }) =>
        stop === 'choose' ? [(body as { label?: string | null }).label] : [],
      ),
      known.records,
    ),
    forecast: around.weather.forecast(property, nowHour),
    rules: around.settings.rules,
    ownThresholds: around.settings.thresholds,
    candidates: candidatesIn(CANDIDATES, region, isYearRound(property.latitude)),
    signs: SIGNS,
    tests: FIELD_TESTS,
    guide: GUIDE_FAMILIES,
  };
}

/** The treatments of a case in their order, and the first one's answers as the case's own. */
function courseFrom(known: {
  stops: (typeof t.caseStops.$inferSelect)[];
  settlements: (typeof t.settlements.$inferSelect)[];
  treatments: (typeof t.treatments.$inferSelect)[];
  plan: Plan | null;
  property: typeof t.properties.$inferSelect;
  records: ApplicationRecord[];
}): Pick<CaseFacts, 'treatment' | 'go' | 'course' | 'stops' | 'states' | 'settled' | 'ground'> {
  const first = { number: 1, position: 0, state: 'planned' as const, onlyIf: '', go: 1 };
  const rows = known.treatments.some(({ number }) => number === 1)
    ? known.treatments
    : [first, ...known.treatments];
  const ofCase = known.stops.filter(({ stop }) => !isOfTreatment(stop));
  const course = rows.map(({ number, state, onlyIf, go }): Treatment => {
    const own = known.stops.filter(
      (row) => isOfTreatment(row.stop) && row.treatment === number && row.go === go,
    );
    const { stops, states } = stopsFromRows(own);
    return {
      ...{ number, state, onlyIf, go, stops, states },
      settled: settledFromRows(
        known.settlements.filter(
          // What an entry left to do is of that entry: nights before this one are counted together with it.
          (tick) =>
            tick.treatment === 0 ||
            (tick.treatment === number && (tick.go === go || tick.key.startsWith('due '))),
        ),
      ),
      ground: groundOf(known.plan, stops.measure, known.records, known.property.grounds),
    };
  });
  // An address without a number is that of the first that there was, whatever its place in the order.
  const lead = course.find(({ number }) => number === 1) ?? course[0];
  const shared = stopsFromRows(ofCase);
  return {
    ...{ treatment: lead?.number ?? 1, go: lead?.go ?? 1 },
    ...(course.length > 1 ? { course } : {}),
    stops: { ...lead?.stops, ...shared.stops },
    states: { ...lead?.states, ...shared.states },
    settled: lead?.settled ?? {},
    ground: lead?.ground ?? null,
  };
}

const GUIDE_FAMILIES: CaseFacts['guide'] = Object.fromEntries(
  [...GUIDE].map(([id, { families }]) => [id, { families }]),
);

/** What of the shelf bears on a case: uses for places like its own, and whatever it chose or used before. */
function shelfFor(
  shelf: readonly ShelfEntry[],
  look: CaseFacts['stops']['look'],
  chosen: readonly (string | null | undefined)[],
  records: readonly ApplicationRecord[],
): Pick<CaseFacts, 'shelf' | 'elsewhere'> {
  const surrounding = look?.surrounding ?? 'lawn';
  const named = new Set([...chosen, ...records.map((r) => r.label.id)]);
  const here = shelf.flatMap(({ label, containers }) => {
    const uses = label.uses.filter((use) => fitsSite(use, surrounding));
    if (uses.length > 0) return [{ label: { ...label, uses }, containers }];
    return named.has(label.id) ? [{ label, containers }] : [];
  });
  return { shelf: here, elsewhere: shelf.length - here.length };
}
