import { familyRows, rankLabels, type ChooseSituation, type EntryInUse } from '../choose';
import { capOf, inHand, measuredFor, methodOf, type CardInUse, type Site } from '../labels';
import { dose, stockOf, wholePacks, type DoseAnswer, type Packs, type Stock } from '../dose';
import {
  againstThreshold,
  densityOf,
  isIndoors,
  northernMonth,
  rankCase,
  stagesOf,
  unexplained,
  thresholdFor,
  type Candidate,
  type CaseRanking,
  type Circumstances,
  type Density,
  type LifeStage,
} from '../identify';
import type { MethodRow, Placing } from '../method';
import { lanesOverPieces, quarterMarks, refillPoints, type Lanes } from '../place';
import { applicationsOf, onGround, standing, type ApplicationRecord, type OnGround } from '../record';
import { doneOf } from './done-of';
import { invalid, isRefused, type Refusal } from '../result';
import { ownThreshold, underRules } from '../rules';
import { judgeRecheck, recheckDue } from '../review';
import { dueAfter, dueKey, judgeHours, nextDate, type JudgedHours } from '../schedule';
import { NOTHING_COUNTED, targetFor, type Ground } from '../ground';
import { inYearOf, monthOf, quantity, sameDimension, valueIn, type Quantity } from '../units';
import { cautionKey } from '../safety';
import { cautionsOf } from './cautions-of';
import { factsFor, goOf, numberOf, standingCourse } from './course';
import { courseCautions, coveredByOthers } from './course-cautions';
import { dayOfWork } from './day-of-work';
import { purposeOf, type CaseFacts } from './facts';
import { groundOf } from './ground-of';
import { lotInUse } from './lot-in-use';
import { nightsOf } from './nights';
import { passesOver, perMetreOf } from './passes';
import { pointsOf } from './points-of';
import { cardIn, carrierOfBoth, inSharedTank, partnerOf } from './shared-tank';
import { trailOf } from './trail';
import type { CaseView } from './view';

/** Walking with a sprayer or spreader, where nobody calibrated a person's speed. */
const WALK_M_PER_MIN = 55;
const MINUTES_PER_REFILL = 8;

const ASSESSED = new WeakMap<CaseFacts, CaseView>();

/**
 * Everything that follows from the facts of a case, stop by stop. The same on the page and on the server; worked out
 * once for the same facts.
 */
export function assess(facts: CaseFacts): CaseView {
  const before = ASSESSED.get(facts);
  if (before) return before;
  const view = inCourse(facts);
  ASSESSED.set(facts, view);
  return view;
}

const ALONE = new WeakMap<CaseFacts, CaseView>();

/** What follows from a treatment as if there were no other. */
function alone(facts: CaseFacts): CaseView {
  const view = ALONE.get(facts) ?? workOut(facts);
  ALONE.set(facts, view);
  return view;
}

/** What follows from a treatment among the others of its course. */
function inCourse(facts: CaseFacts): CaseView {
  const view = alone(facts);
  if (standingCourse(facts).length < 2) return view;
  const found = courseCautions(facts, view, alone, (number) => factsFor(facts, number));
  const covered = coveredByOthers(facts, view, alone, (number) => factsFor(facts, number));
  const own = view.cautions.filter(({ key }) => !covered.includes(key));
  if (found.length === 0 && own.length === view.cautions.length) return view;
  const cautions = [
    ...own,
    ...found.map((caution) => {
      const key = cautionKey(caution);
      return { caution, key, settled: caution.settledBy === 'tick' ? (facts.settled[key] ?? null) : null };
    }),
  ];
  const halts = cautions.filter((c) => c.caution.rank === 'halt' && c.settled === null);
  const trail = trailOf(facts, halts, {
    ...{ records: view.records.length, nothing: view.nothing },
    unmixed: view.label?.use.instruction != null,
  });
  return { ...view, cautions, halts, trail, nextStop: nextOf(trail) };
}

const nextOf = (trail: CaseView['trail']): CaseView['nextStop'] =>
  trail.find((t) => t.state !== 'answered')?.stop ?? 'recheck';

function workOut(own: CaseFacts): CaseView {
  const facts = inSharedTank(own);
  const density = densityIn(facts);
  const ranking = rankingOf(facts);
  const name = nameOf(facts, ranking);
  const threshold = thresholdIn(facts, name.named, density);
  const { lawn, refused: lawnRefused } = groundOf(facts.stops.measure, facts.ground);
  const ground = onGround(facts.records, facts.ground?.cells ?? null, lawn?.area ?? null, {
    known: facts.property.grounds ?? [],
    name: facts.stops.measure?.name,
  });
  const situation = chooseSituation(facts, name, lawn, ground);
  const readable = shelfInHand(facts, name);
  // A round goes to no nest that nobody found.
  const shelf =
    purposeOf(facts) === 'routine' && !name.named
      ? readable.filter(({ label }) => !label.use.sites.every((site) => AT_A_NEST.has(site)))
      : readable;
  const options = situation ? rankLabels(shelf, situation) : [];
  const chosen = inOneVolume(
    facts,
    madeUp(
      shelf.find((entry) => entry.label.id === facts.stops.choose?.label) ?? null,
      facts.stops.mix?.make ?? null,
      lawn,
    ),
    name,
  );
  const nothing = facts.stops.choose !== undefined && facts.stops.choose.label === null;
  const hours = hoursOf(facts, chosen);
  const mixed = mixOf(facts, chosen, lawn, ground);
  const method = chosen ? methodOf(chosen.label, chosen.label.use) : null;
  const { lanes, crossed } = lanesOf(facts, lawn, method);
  const perMetre = perMetreOf(mixed.dose, lanes, crossed);
  const passes = passesOver(lanes, crossed, lawn, {
    swathM: facts.stops.place?.swathM ?? 0,
    rate: mixed.dose?.actualRate ?? 0,
  });
  const cautions = cautionsOf({
    facts,
    passes,
    perMetre,
    ranking,
    named: name.named,
    situation,
    ground,
    options,
    chosen,
    lawn,
    dose: mixed.dose,
    rate: mixed.rate,
    hours,
    threshold,
  });
  const halts = cautions.filter((c) => c.caution.rank === 'halt' && c.settled === null);
  const all = standing(facts.records).filter(
    (record) => record.caseNumber === facts.number && (record.treatment ?? 1) === numberOf(facts),
  );
  const records = all.filter((record) => (record.go ?? 1) === goOf(facts));
  const review = reviewOf(facts, shelf, chosen, { threshold: threshold?.limit ?? null, lawn, ground });
  const families = name.named ? familyRows(facts.guide[name.named.id] ?? null, options) : [];
  const partial = {
    density,
    basis: facts.tests.find((test) => test.id === facts.stops.look?.test)?.basis ?? 'm2',
    ranking,
    ...name,
    threshold,
    unusable: facts.shelf.flatMap(({ label: { id, name: called } }) =>
      readable.some((entry) => entry.label.id === id) ? [] : [{ id, name: called }],
    ),
    options,
    families,
    chosen,
    nothing,
    label: chosen?.label ?? null,
    method,
    measured: chosen && method ? measuredFor(chosen.label, method) : null,
    points: pointsOf(facts.stops.measure, lawn, mixed.dose),
    lawn,
    lawnRefused,
    hours,
    dose: mixed.dose,
    doseRefused: mixed.refused,
    rate: mixed.rate,
    stock: mixed.stock,
    lanes,
    crossed,
    marks: lanes ? quarterMarks(lanes) : [],
    refills:
      lanes && mixed.dose
        ? refillPoints(
            lanes,
            mixed.dose.loads.map(({ covers }) => covers.value),
          )
        : [],
    perMetre,
    passes,
    minutesOnLawn: lanes
      ? Math.ceil(
          (lanes.pathLength + (crossed?.pathLength ?? 0)) / WALK_M_PER_MIN +
            Math.max(0, (mixed.dose?.loads.length ?? 1) - 1) * MINUTES_PER_REFILL,
        )
      : null,
    allowance: allowanceOf(mixed.dose, chosen, mixed.used),
    records,
    dues: duesOf(facts, records, chosen, method),
    nights:
      method?.progress === 'nights'
        ? nightsOf(
            all.filter(({ label }) => label.id === chosen?.label.id),
            facts.settled,
          )
        : null,
    earlierGoes: all.filter((record) => !records.includes(record)),
    ...review,
    cautions,
    halts,
  };
  const trail = trailOf(facts, halts, {
    ...{ records: records.length, nothing },
    unmixed: chosen?.label.use.instruction != null,
  });
  return {
    ...partial,
    trail,
    nextStop: nextOf(trail),
  };
}

const AT_A_NEST: ReadonlySet<Site> = new Set(['nest', 'mound']);

/** The shelf as it may be used here: of each card the use for this pest, stage and place, under the local rules. */
function shelfInHand({ shelf, rules, stops }: CaseFacts, { named, stage }: Name): EntryInUse[] {
  const wanted = {
    pest: named?.id ?? null,
    stage: stage?.id ?? null,
    surrounding: stops.look?.surrounding ?? 'lawn',
    severity: stops.mix?.severity ?? null,
  };
  return shelf.flatMap(({ label, containers }) => {
    const card = inHand(label, wanted);
    return card ? [{ label: rules.length === 0 ? card : underRules(card, rules), containers }] : [];
  });
}

interface Name {
  readonly named: Candidate | null;
  readonly confirmed: boolean;
  readonly stage: LifeStage | null;
  readonly unexplained: readonly string[];
}

function densityIn({ stops }: CaseFacts): Density | null {
  const counts = (stops.look?.counts ?? []).filter((count) => count !== null);
  const result = stops.look ? densityOf(counts, stops.look.frame) : null;
  return result && 'ok' in result ? result.ok : null;
}

/** When and where the case is, as its ranking takes it. */
export function circumstancesOf({ stops, today, property }: CaseFacts): Circumstances {
  return {
    month: monthOf(today),
    hemisphere: property.hemisphere,
    surrounding: stops.look?.surrounding ?? 'lawn',
    history: property.history,
    lengthMm: stops.look?.lengthMm ?? null,
  };
}

const rankingOf = (facts: CaseFacts): CaseRanking =>
  rankCase(facts.candidates, facts.signs, facts.stops.look?.signs ?? {}, circumstancesOf(facts));

function nameOf(facts: CaseFacts, ranking: CaseRanking): Name {
  const { stops, candidates, today, property } = facts;
  const purpose = purposeOf(facts);
  // On a routine visit nothing is named unless somebody names it; what is prevented is named by whoever expects it.
  const told = purpose === 'control' && ranking.sure ? ranking.ranked[0]?.id : undefined;
  const id = stops.name?.candidate || told;
  const named = candidates.find((candidate) => candidate.id === id) ?? null;
  const confirmed = stops.name !== undefined && named !== null;
  const stage = named
    ? (named.stages.find((s) => s.id === stops.name?.stage) ??
      stagesOf(named, monthOf(today), property.hemisphere, stops.look?.lengthMm ?? null)[0]?.stage ??
      null)
    : null;
  const causes = candidates.filter((c) => c === named || stops.name?.also.includes(c.id));
  return {
    named,
    confirmed,
    stage,
    unexplained: named ? unexplained(causes, facts.signs, stops.look?.signs ?? {}) : [],
  };
}

function thresholdIn(
  { stops, ownThresholds, tests }: CaseFacts,
  named: Candidate | null,
  density: Density | null,
): CaseView['threshold'] {
  const threshold = named && ownThreshold(named, ownThresholds);
  if (!threshold || !stops.look) return null;
  const limit = thresholdFor(threshold, stops.look.vigour);
  const sameTest = threshold.test === stops.look.test;
  const { at, source } = threshold;
  const test = tests.find((t) => t.id === threshold.test);
  return {
    at,
    basis: test?.basis ?? 'm2',
    test: test?.name ?? threshold.test,
    source,
    limit,
    sameTest,
    verdict: density && sameTest ? againstThreshold(density, limit) : 'cannot-tell',
  };
}

function chooseSituation(
  facts: CaseFacts,
  { named, stage }: Name,
  lawn: Ground | null,
  ground: OnGround,
): ChooseSituation | null {
  const purpose = purposeOf(facts);
  if (!named && purpose !== 'routine') return null;
  return {
    pest: named,
    purpose,
    stage: stage?.id ?? null,
    ...stagesThere(facts, named, stage),
    hemisphere: facts.property.hemisphere,
    surrounding: facts.stops.look?.surrounding ?? 'lawn',
    licence: facts.licence,
    real: facts.real,
    today: dayOfWork(facts),
    flowering: facts.stops.look?.flowering ?? false,
    // Water that is drawn on the plan counts as well as what was ticked at the place.
    byWater: facts.property.byWater || (facts.stops.measure?.plan?.waterGapM ?? null) !== null,
    damp: facts.stops.look?.damp ?? null,
    area: lawn?.area ?? null,
    counted: lawn?.counted ?? NOTHING_COUNTED,
    records: ground.touching,
    parts: ground.parts,
    rules: facts.rules,
    wishes: {
      are: new Set(facts.stops.choose?.wishes ?? []),
      budget: facts.stops.choose?.budget ?? null,
    },
    guide: new Map(
      (facts.guide[named?.id ?? '']?.families ?? []).map(({ family, grade, note }) => [
        family,
        { grade, note },
      ]),
    ),
  };
}

/** The stages that somebody found or means to prevent; where nobody did, all that the calendar has now. */
function stagesThere(
  { stops, today, property }: CaseFacts,
  named: Candidate | null,
  stage: LifeStage | null,
): { stages: readonly string[] | undefined; stagesSeen: boolean } {
  if (!named || !stage) return { stages: undefined, stagesSeen: false };
  const found = stops.name?.stages ?? [];
  if (found.length > 0) return { stages: found, stagesSeen: true };
  if (stops.name?.stage === stage.id) return { stages: [stage.id], stagesSeen: true };
  const month = northernMonth(monthOf(today), property.hemisphere);
  const now = named.stages.filter(({ months }) => months.includes(month)).map(({ id }) => id);
  return { stages: now.includes(stage.id) ? now : [stage.id, ...now], stagesSeen: false };
}

function hoursOf(facts: CaseFacts, chosen: EntryInUse | null): JudgedHours | null {
  if (!chosen || !facts.forecast) return null;
  const { hours, weather } = methodOf(chosen.label, chosen.label.use);
  return judgeHours(chosen.label.use, facts.forecast, {
    avoidTowards: facts.property.avoidTowards,
    hours,
    jobHours: weather && hours === 'night' ? 1 : 2,
    indoors: isIndoors(facts.stops.look?.surrounding ?? 'lawn'),
  });
}

/**
 * A dilution that does not say how much mix goes where is made up as much as somebody wants of it: that is its finished mix for
 * the whole of what is treated.
 */
function madeUp(chosen: EntryInUse | null, make: Quantity | null, lawn: Ground | null): EntryInUse | null {
  if (!chosen || !make || !lawn || chosen.label.use.carrier || chosen.label.use.rate.basis !== 'mix')
    return chosen;
  const whole = doneOf(lawn, measuredFor(chosen.label, methodOf(chosen.label, chosen.label.use)));
  if (!(whole.value > 0)) return chosen;
  const use = { ...chosen.label.use, carrier: { amount: make, per: whole } };
  return { ...chosen, label: { ...chosen.label, use } };
}

/** In a tank that is shared there is one finished volume, within what both labels let theirs be made up to. */
function inOneVolume(facts: CaseFacts, chosen: EntryInUse | null, { named }: Name): EntryInUse | null {
  const pest = named?.id ?? null;
  const partner = chosen?.label.use.carrier ? partnerOf(facts, pest) : null;
  const other = partner && cardIn(facts, pest, partner.label);
  const carrier = chosen && other && carrierOfBoth(chosen.label.use, other.use);
  return carrier ? { ...chosen, label: { ...chosen.label, use: { ...chosen.label.use, carrier } } } : chosen;
}

function duesOf(
  facts: CaseFacts,
  records: readonly ApplicationRecord[],
  chosen: EntryInUse | null,
  method: MethodRow | null,
): CaseView['dues'] {
  if (!chosen || !method) return [];
  return records
    .filter(({ label }) => label.id === chosen.label.id)
    .flatMap((record) => dueAfter(record, chosen.label, method))
    .map((due) => ({ due, done: facts.settled[dueKey(due)] ?? null }));
}

const wholeFor = (lawn: Ground, per: Quantity): Quantity =>
  sameDimension(per, lawn.area) ? lawn.area : targetFor(lawn, per);

interface Mixed {
  readonly dose: DoseAnswer | null;
  readonly refused: readonly Refusal[];
  readonly rate: number | null;
  readonly used: number;
  readonly stock: Stock | null;
}

function mixOf(facts: CaseFacts, chosen: EntryInUse | null, lawn: Ground | null, ground: OnGround): Mixed {
  if (!chosen || !lawn) return { dose: null, refused: [], rate: null, used: 0, stock: null };
  const { use, id } = chosen.label;
  // By its instruction: nothing is reckoned, and what was used is weighed or counted at Log.
  if (use.instruction !== null) return { dose: null, refused: [], rate: null, used: 0, stock: null };
  if (use.rate.basis === 'mix' && !use.carrier)
    return { dose: null, refused: [invalid('make', 'needed')], rate: null, used: 0, stock: null };
  const mix = facts.stops.mix;
  const rate = mix?.rate ?? use.rate.min;
  const container = lotInUse(chosen, facts);
  const used = Math.max(
    ...ground.parts.map((records) =>
      applicationsOf(records, id, use.rate.unit)
        .filter((a) => inYearOf(a.date, dayOfWork(facts), 'rolling'))
        .reduce((sum, a) => sum + a.amount, 0),
    ),
  );
  const capped = capOf(use, 'product');
  // What is made up for the whole is for the whole, however that is measured.
  const target =
    use.rate.basis === 'mix' && use.carrier ? wholeFor(lawn, use.carrier.per) : targetFor(lawn, use.rate.per);
  const part = partOfRate(use.rate, rate, mix?.half === true);
  const packed = packsFor(chosen, target, part, mix?.packs ?? 'whole', container?.size ?? null);
  const result = dose({
    rate: packed ? { ...part, chosen: packed.rate } : part,
    ...(use.carrier ? { carrier: use.carrier } : {}),
    target,
    rounding: 'inside',
    ...(lawn.areaLow && lawn.areaHigh && target === lawn.area
      ? { mergeRest: quantity((lawn.areaHigh.value - lawn.areaLow.value) / 2, lawn.area.unit) }
      : {}),
    ...(use.carrier && mix?.tank
      ? { tank: { capacity: mix.tank, ...(mix.carryOver ? { carryOver: mix.carryOver } : {}) } }
      : {}),
    split: mix?.split ?? 'fill',
    ...(mix?.step ? { measureStep: mix.step } : {}),
    ...(mix?.holds && mix.step && sameDimension(mix.holds, mix.step) ? { measureHolds: mix.holds } : {}),
    ...(container && container.price !== null && sameDimension(container.size, use.rate)
      ? { container: { size: container.size, price: container.price } }
      : {}),
    ...(capped ? { cap: { ...capped, used: quantity(used, use.rate.unit) } } : {}),
  });
  if (isRefused(result)) return { dose: null, refused: result.refused, rate, used, stock: null };
  const loads = result.ok.loads.map(({ product }) => product.value);
  return {
    ...{ dose: result.ok, refused: [], rate, used },
    stock: packed ? stockOf(packed, packed.pack, packed.litresEach, loads) : null,
  };
}

/** The rate of one go: all of it, or half where the dose is put down in two. */
const partOfRate = <R extends { readonly min: number; readonly max: number }>(
  rate: R,
  chosen: number,
  half: boolean,
): R & { chosen: number } =>
  half ? { ...rate, min: rate.min / 2, max: rate.max / 2, chosen: chosen / 2 } : { ...rate, chosen };

/** What comes in packs that are rinsed out into stock: how many, and the rate that they come to; null for all else. */
function packsFor(
  { label: { form, use, container } }: EntryInUse,
  target: Quantity,
  rate: { readonly min: number; readonly max: number; readonly chosen: number },
  wish: 'whole' | 'exact',
  size: Quantity | null,
): (Packs & { pack: number; litresEach: number; rate: number }) | null {
  const litresEach = Number(use.more?.stockLitres ?? 0);
  const pack = size ?? container.size;
  if (form !== 'nematodes' || !(litresEach > 0) || !sameDimension(pack, use.rate)) return null;
  if (!sameDimension(target, use.rate.per) || use.rate.basis !== 'target') return null;
  const times = valueIn(target, use.rate.per.unit) / use.rate.per.value;
  const held = valueIn(pack, use.rate.unit);
  if (!(times > 0) || !(held > 0)) return null;
  const need = rate.chosen * times;
  const packs =
    wish === 'exact'
      ? { ...wholePacks({ need, least: need, most: 0, pack: held }), laid: need, whole: false }
      : wholePacks({ need, least: rate.min * times, most: rate.max * times, pack: held });
  return { ...packs, pack: held, litresEach, rate: packs.laid / times };
}

function lanesOf(
  { stops }: CaseFacts,
  lawn: Ground | null,
  method: MethodRow | null,
): Pick<CaseView, 'lanes' | 'crossed'> {
  if (!lawn || lawn.rings.length === 0 || !stops.place || (method && !LANED.has(method.placing)))
    return { lanes: null, crossed: null };
  const { swathM, overlap, direction, edges = 'cover' } = stops.place;
  const passes = (square: boolean): Lanes | null => {
    const found = lanesOverPieces({ figure: lawn.rings, swath: swathM, overlap, direction, edges }, square);
    return isRefused(found) ? null : found.ok;
  };
  return { lanes: passes(false), crossed: method?.placing === 'crossed' ? passes(true) : null };
}

/** Ways of placing that go over the ground lane by lane. */
const LANED: ReadonlySet<Placing> = new Set(['lanes', 'crossed']);

function allowanceOf(
  answer: DoseAnswer | null,
  chosen: EntryInUse | null,
  used: number,
): CaseView['allowance'] {
  if (!answer?.cap || !chosen) return null;
  const unit = chosen.label.use.rate.unit;
  const carried = answer.cap.allowed.value - answer.cap.left.value - used;
  return { allowed: answer.cap.allowed, used: quantity(used, unit), now: quantity(carried, unit) };
}

/** What the last treatment used, and the year's most of the product on this ground, in the rate's unit. */
function yearOfCap(
  { use }: CardInUse,
  lawn: Ground | null,
  last: ApplicationRecord,
): { amount?: number; capAmount?: number } {
  const cap = capOf(use, 'product');
  if (!cap || !lawn || !sameDimension(last.product, use.rate)) return {};
  if (!sameDimension(lawn.area, cap.per) || !sameDimension(cap.amount, use.rate)) return {};
  return {
    amount: valueIn(last.product, use.rate.unit),
    capAmount: (valueIn(cap.amount, use.rate.unit) * valueIn(lawn.area, cap.per.unit)) / cap.per.value,
  };
}

function reviewOf(
  facts: CaseFacts,
  shelf: readonly EntryInUse[],
  chosen: EntryInUse | null,
  { threshold, lawn, ground }: { threshold: number | null; lawn: Ground | null; ground: OnGround },
): Pick<CaseView, 'recheckDue' | 'recheck' | 'nextAllowed'> {
  const own = standing(facts.records).filter((record) => record.caseNumber === facts.number);
  const last = own.reduce<(typeof own)[number] | null>(
    (latest, r) => (latest === null || r.doneOn > latest.doneOn ? r : latest),
    null,
  );
  const label = shelf.find((entry) => entry.label.id === last?.label.id)?.label ?? chosen?.label;
  if (!last || !label) return { recheckDue: null, recheck: null, nextAllowed: null };
  const applications = applicationsOf(ground.touching, label.id, label.use.rate.unit);
  const { look, recheck } = facts.stops;
  const again = yearOfCap(label, lawn, last);
  return {
    recheckDue: recheckDue(last.doneOn, label.use),
    nextAllowed: nextDate({ use: label.use, today: facts.today, applications, ...again }),
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
            ...again,
          })
        : null,
  };
}
