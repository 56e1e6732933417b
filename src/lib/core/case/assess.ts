import { familyRows, rankLabels, type ChooseSituation, type EntryInUse } from '../choose';
import { inHand, measuredFor, methodOf, type Site } from '../labels';
import { isIndoors, type Candidate } from '../identify';
import type { MethodRow, Placing } from '../method';
import { quarterMarks, refillPoints } from '../place';
import { lanesOn } from './kept-lanes';
import { onGround, standing, type ApplicationRecord, type OnGround } from '../record';
import { underRules } from '../rules';
import { dueAfter, dueKey, judgeHours, type JudgedHours } from '../schedule';
import { NOTHING_COUNTED, type Ground } from '../ground';
import { cautionKey, isAfterDark } from '../safety';
import { cautionsOf } from './cautions-of';
import { factsFor, goOf, numberOf, standingCourse } from './course';
import { courseCautions, coveredByOthers } from './course-cautions';
import { dayOfWork } from './day-of-work';
import { seriesOf } from '../review';
import { densityIn, nameOf, rankingOf, readingsOf, stagesThere, thresholdIn, type Name } from './diagnosis';
import { purposeOf, type CaseFacts } from './facts';
import { groundOf } from './ground-of';
import { allowanceOf, inOneVolume, madeUp, mixOf } from './mix-of';
import { nightsOf } from './nights';
import { passesOver, perMetreOf } from './passes';
import { pointsOf } from './points-of';
import { reviewOf } from './review-of';
import { inSharedTank } from './shared-tank';
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
  const hours = hoursOf(facts, chosen, name.named);
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
  const review = reviewOf(facts, shelf, chosen, { threshold, lawn, ground });
  const families = name.named ? familyRows(facts.guide[name.named.id] ?? null, options) : [];
  const test = facts.tests.find(({ id }) => id === facts.stops.look?.test);
  const partial = {
    density,
    basis: test?.basis ?? 'm2',
    each: test?.each ?? 'spot',
    series: facts.stops.look ? seriesOf(readingsOf(facts.stops.look)) : null,
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

function hoursOf(facts: CaseFacts, chosen: EntryInUse | null, named: Candidate | null): JudgedHours | null {
  if (!chosen || !facts.forecast) return null;
  const { hours: byMethod, weather } = methodOf(chosen.label, chosen.label.use);
  const hours = isAfterDark(named) ? 'dark' : byMethod;
  return judgeHours(chosen.label.use, facts.forecast, {
    avoidTowards: facts.property.avoidTowards,
    hours,
    jobHours: weather && hours === 'night' ? 1 : 2,
    indoors: isIndoors(facts.stops.look?.surrounding ?? 'lawn'),
  });
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

function lanesOf(
  { stops, trimPass }: CaseFacts,
  lawn: Ground | null,
  method: MethodRow | null,
): Pick<CaseView, 'lanes' | 'crossed'> {
  if (!lawn || lawn.rings.length === 0 || !stops.place || (method && !LANED.has(method.placing)))
    return { lanes: null, crossed: null };
  const { rings } = lawn;
  return {
    lanes: lanesOn(rings, stops.place, false, trimPass),
    crossed: method?.placing === 'crossed' ? lanesOn(rings, stops.place, true, trimPass) : null,
  };
}

/** Ways of placing that go over the ground lane by lane. */
const LANED: ReadonlySet<Placing> = new Set(['lanes', 'crossed']);
