import { rankLabels, situationOf, timingHalts, type ChooseSituation, type ShelfEntry } from '../choose';
import { dose, type DoseAnswer } from '../dose';
import {
  againstThreshold,
  densityOf,
  rankCase,
  stageInMonth,
  thresholdFor,
  type Candidate,
  type CaseRanking,
  type Density,
  type LifeStage,
} from '../identify';
import { STOPS, type Caution, type Stop } from '../labels';
import { checkpointsOf, rectangleLanes, type RectangleLanes } from '../place';
import { applicationsOf, standing } from '../record';
import { expectAnswer, isRefused, type Refusal } from '../result';
import { judgeRecheck, nextAllowed, recheckDue } from '../review';
import { cautionKey, doseCautions, handlingCautions, nameCautions } from '../safety';
import { inWindow, judgeHours, type JudgedHours } from '../schedule';
import type { MeasuredLawn } from '../site';
import { monthOf, quantity, type CalendarDay } from '../units';
import { isStale, type CaseFacts } from './facts';
import { lawnOf } from './lawn-of';
import type { CaseView, SettledCaution, TrailStop } from './view';
import { workingsOf } from './workings';

/** Walking with a sprayer or spreader, where nobody calibrated a person's speed. */
const WALK_M_PER_MIN = 55;
const MINUTES_PER_REFILL = 8;

/** Everything that follows from the facts of a case, stop by stop. The same on the page and on the server. */
export function assess(facts: CaseFacts): CaseView {
  const density = densityIn(facts);
  const ranking = rankingOf(facts);
  const name = nameOf(facts, ranking);
  const threshold = thresholdIn(facts, name.named, density);
  const { lawn, refused: lawnRefused } = lawnOf(facts.stops.measure);
  const situation = chooseSituation(facts, name, lawn);
  const options = situation ? rankLabels(facts.shelf, situation) : [];
  const chosen = facts.shelf.find((entry) => entry.label.id === facts.stops.choose?.label) ?? null;
  const nothing = facts.stops.choose !== undefined && facts.stops.choose.label === null;
  const hours = hoursOf(facts, chosen);
  const mixed = mixOf(facts, chosen, lawn);
  const lanes = lanesOf(facts, lawn);
  const cautions = cautionsOf({
    facts,
    ranking,
    name,
    situation,
    chosen,
    lawn,
    dose: mixed.dose,
    rate: mixed.rate,
    hours,
    threshold,
  });
  const halts = cautions.filter((c) => c.caution.rank === 'halt' && c.settled === null);
  const records = standing(facts.records).filter((record) => record.caseNumber === facts.number);
  const review = reviewOf(facts, chosen, threshold?.limit ?? null);
  const partial = {
    density,
    ranking,
    ...name,
    threshold,
    options,
    chosen,
    nothing,
    label: chosen?.label ?? null,
    lawn,
    lawnRefused,
    hours,
    dose: mixed.dose,
    doseRefused: mixed.refused,
    rate: mixed.rate,
    lanes,
    checkpoints: lanes ? checkpointsOf(lanes) : [],
    minutesOnLawn: lanes
      ? Math.ceil(
          lanes.pathM / WALK_M_PER_MIN +
            Math.max(0, (mixed.dose?.loads.length ?? 1) - 1) * MINUTES_PER_REFILL,
        )
      : null,
    allowance: allowanceOf(mixed.dose, chosen, mixed.used),
    records,
    ...review,
    cautions,
    halts,
  };
  const trail = trailOf(facts, halts, { records: records.length, nothing });
  return {
    ...partial,
    trail,
    nextStop: trail.find((t) => t.state !== 'answered')?.stop ?? 'recheck',
    workings: workingsOf(facts, partial),
  };
}

interface Name {
  readonly named: Candidate | null;
  readonly confirmed: boolean;
  readonly stage: LifeStage | null;
}

function densityIn({ stops }: CaseFacts): Density | null {
  const counts = (stops.look?.counts ?? []).filter((count) => count !== null);
  const result = stops.look ? densityOf(counts, stops.look.frame) : null;
  return result && 'ok' in result ? result.ok : null;
}

function rankingOf({ candidates, signs, stops, today, property }: CaseFacts): CaseRanking {
  const known = new Set(signs.map((sign) => sign.id));
  const seen = Object.fromEntries(
    Object.entries(stops.look?.signs ?? {}).filter(([sign]) => known.has(sign)),
  );
  return expectAnswer(
    rankCase(candidates, signs, seen, {
      month: monthOf(today),
      hemisphere: property.hemisphere,
      history: property.history,
    }),
  );
}

function nameOf({ stops, candidates, today, property }: CaseFacts, ranking: CaseRanking): Name {
  const id = stops.name?.candidate ?? (ranking.sure ? ranking.ranked[0]?.id : undefined);
  const named = candidates.find((candidate) => candidate.id === id) ?? null;
  const confirmed = stops.name !== undefined && named !== null;
  const stage = named
    ? (named.stages.find((s) => s.id === stops.name?.stage) ??
      stageInMonth(named, monthOf(today), property.hemisphere))
    : null;
  return { named, confirmed, stage };
}

function thresholdIn(
  { stops }: CaseFacts,
  named: Candidate | null,
  density: Density | null,
): CaseView['threshold'] {
  if (!named?.threshold || !stops.look) return null;
  const limit = thresholdFor(named.threshold, stops.look.vigour);
  const sameTest = named.threshold.test === stops.look.test;
  return { limit, sameTest, verdict: density && sameTest ? againstThreshold(density, limit) : 'cannot-tell' };
}

function chooseSituation(
  facts: CaseFacts,
  { named, stage }: Name,
  lawn: MeasuredLawn | null,
): ChooseSituation | null {
  if (!named) return null;
  return {
    pest: named,
    stage: stage?.id ?? null,
    real: facts.real,
    today: dayOfWork(facts),
    flowering: facts.stops.look?.flowering ?? false,
    byWater: facts.property.byWater,
    area: lawn?.area ?? null,
    records: facts.records,
  };
}

/** The day on which the work is planned: that of the chosen hour, else today. */
function dayOfWork(facts: CaseFacts): CalendarDay {
  const hour = facts.stops.when?.hour;
  const day =
    hour === undefined ? facts.today : (new Date(hour * 3_600_000).toISOString().slice(0, 10) as CalendarDay);
  return day > facts.today ? day : facts.today;
}

function hoursOf(facts: CaseFacts, chosen: ShelfEntry | null): JudgedHours | null {
  if (!chosen || !facts.forecast) return null;
  return judgeHours(chosen.label.use, facts.forecast, {
    avoidTowards: facts.property.avoidTowards,
    jobHours: 2,
  });
}

function mixOf(
  facts: CaseFacts,
  chosen: ShelfEntry | null,
  lawn: MeasuredLawn | null,
): { dose: DoseAnswer | null; refused: readonly Refusal[]; rate: number | null; used: number } {
  if (!chosen || !lawn) return { dose: null, refused: [], rate: null, used: 0 };
  const { use, id } = chosen.label;
  const mix = facts.stops.mix;
  const rate = mix?.rate ?? use.rate.min;
  const container = chosen.containers.find((c) => c.lot === mix?.lot) ?? chosen.containers[0];
  const used = applicationsOf(facts.records, id, use.rate.unit)
    .filter((a) => inWindow(a.date, dayOfWork(facts), 'rolling'))
    .reduce((sum, a) => sum + a.amount, 0);
  const result = dose({
    rate: { ...use.rate, chosen: rate },
    ...(use.carrier ? { carrier: use.carrier } : {}),
    target: lawn.area,
    ...(use.carrier && mix?.tank
      ? { tank: { capacity: mix.tank, ...(mix.carryOver ? { carryOver: mix.carryOver } : {}) } }
      : {}),
    split: mix?.split ?? 'fill',
    ...(mix?.step ? { measureStep: mix.step } : {}),
    ...(container ? { container: { size: container.size, price: container.price } } : {}),
    ...(use.cap ? { cap: { ...use.cap, used: quantity(used, use.rate.unit) } } : {}),
  });
  return isRefused(result)
    ? { dose: null, refused: result.refused, rate, used }
    : { dose: result.ok, refused: [], rate, used };
}

function lanesOf({ stops }: CaseFacts, lawn: MeasuredLawn | null): RectangleLanes | null {
  if (!lawn || !stops.place) return null;
  const { swathM, overlap, direction } = stops.place;
  const lanes = rectangleLanes({ lengthM: lawn.lengthM, widthM: lawn.widthM, swathM, overlap, direction });
  return isRefused(lanes) ? null : lanes.ok;
}

function allowanceOf(
  answer: DoseAnswer | null,
  chosen: ShelfEntry | null,
  used: number,
): CaseView['allowance'] {
  if (!answer?.cap || !chosen) return null;
  const unit = chosen.label.use.rate.unit;
  const carried = answer.cap.allowed.value - answer.cap.left.value - used;
  return { allowed: answer.cap.allowed, used: quantity(used, unit), now: quantity(carried, unit) };
}

function cautionsOf(known: {
  facts: CaseFacts;
  ranking: CaseRanking;
  name: Name;
  situation: ChooseSituation | null;
  chosen: ShelfEntry | null;
  lawn: MeasuredLawn | null;
  dose: DoseAnswer | null;
  rate: number | null;
  hours: JudgedHours | null;
  threshold: CaseView['threshold'];
}): SettledCaution[] {
  const { facts, ranking, name, situation, chosen, lawn, rate, hours, threshold } = known;
  const found: Caution[] = nameCautions(ranking, facts.candidates, name.named);
  if (chosen && situation && name.named?.kind === 'insect') {
    const option = rankLabels([chosen], situation)[0];
    found.push(...(option?.halts ?? []), ...(option?.notes ?? []));
    if (threshold?.verdict === 'below')
      found.push({
        code: 'below-threshold',
        rank: 'care',
        stop: 'choose',
        settledBy: 'tick',
        clause: null,
        facts: { limit: threshold.limit },
      });
    if (lawn) found.push(...handlingCautions(situationOf(chosen, situation), lawn.stripM));
    found.push(...hourCautions(facts, chosen, hours));
    if (lawn && known.dose && rate !== null)
      found.push(...doseCautions(chosen.label, known.dose, lawn, rate));
  } else if (chosen)
    found.push(...timingHalts(chosen.label, { records: facts.records, today: dayOfWork(facts) }));
  return found.map((caution) => {
    const key = cautionKey(caution);
    return { caution, key, settled: caution.settledBy === 'tick' ? (facts.settled[key] ?? null) : null };
  });
}

/** What the chosen hour raises; without any known weather the limits have to be checked by whoever does the work. */
function hourCautions(facts: CaseFacts, chosen: ShelfEntry, hours: JudgedHours | null): Caution[] {
  const { use, clauses } = chosen.label;
  if (!facts.forecast)
    return [
      {
        code: 'no-weather-known',
        rank: 'care',
        stop: 'when',
        settledBy: 'tick',
        clause: clauses.weather ?? null,
        facts: {},
      },
    ];
  const at = facts.stops.when?.hour;
  const hour = hours?.hours.find((h) => h.hour === at);
  const soil = at === undefined ? undefined : facts.forecast.hours[at - facts.forecast.startHour]?.soilC;
  const found: Caution[] = [];
  if (hour?.because.includes('calm-air'))
    found.push({
      code: 'calm-air',
      rank: 'care',
      stop: 'when',
      settledBy: 'tick',
      clause: clauses.weather ?? null,
      facts: {},
    });
  if (use.soilC && soil !== undefined && (soil < use.soilC[0] || soil > use.soilC[1]))
    found.push({
      code: 'soil-out-of-range',
      rank: 'halt',
      stop: 'when',
      settledBy: 'change',
      clause: clauses.soil ?? null,
      facts: { soil, from: use.soilC[0], to: use.soilC[1] },
    });
  return found;
}

function reviewOf(
  facts: CaseFacts,
  chosen: ShelfEntry | null,
  threshold: number | null,
): Pick<CaseView, 'recheckDue' | 'recheck' | 'nextAllowed'> {
  const own = standing(facts.records).filter((record) => record.caseNumber === facts.number);
  const last = own.reduce<(typeof own)[number] | null>(
    (latest, r) => (latest === null || r.doneOn > latest.doneOn ? r : latest),
    null,
  );
  const label = facts.shelf.find((entry) => entry.label.id === last?.label.id)?.label ?? chosen?.label;
  if (!last || !label) return { recheckDue: null, recheck: null, nextAllowed: null };
  const applications = applicationsOf(facts.records, label.id, label.use.rate.unit);
  const { look, recheck } = facts.stops;
  return {
    recheckDue: recheckDue(last.doneOn, label.use),
    nextAllowed: nextAllowed({ use: label.use, today: facts.today, applications }),
    recheck:
      look && recheck
        ? judgeRecheck({
            doneOn: last.doneOn,
            today: recheck.countedOn,
            use: label.use,
            frame: look.frame,
            before: look.counts.filter((count) => count !== null),
            after: recheck.counts.filter((count) => count !== null),
            control: recheck.control,
            threshold,
            applications,
          })
        : null,
  };
}

function trailOf(
  facts: CaseFacts,
  halts: readonly SettledCaution[],
  done: { records: number; nothing: boolean },
): TrailStop[] {
  return STOPS.map((stop): TrailStop => {
    // Once the work is logged, an interval that runs halts the next treatment, not this trail.
    const planning = stop === 'mix' || stop === 'place';
    const halted = halts.some((h) => h.caution.stop === stop) || (planning && halts.length > 0);
    if (halted && (done.records === 0 || stop === 'name')) return { stop, state: 'halted' };
    if (stop === 'log') return { stop, state: done.records > 0 ? 'answered' : 'open' };
    if (isStale(stop, facts)) return { stop, state: 'stale' };
    return {
      stop,
      state: facts.stops[stop] !== undefined || skipped(stop, done.nothing) ? 'answered' : 'open',
    };
  });
}

/** With nothing to put down, the stops that prepare it have nothing to answer. */
const skipped = (stop: Stop, nothing: boolean): boolean =>
  nothing && (stop === 'when' || stop === 'mix' || stop === 'place' || stop === 'measure');
