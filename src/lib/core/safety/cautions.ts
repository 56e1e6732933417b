import type { DoseAnswer, DoseProblem } from '../dose';
import {
  hasOwnMark,
  isRuledOut,
  northernMonth,
  RULE_OUT_ABOVE,
  type Candidate,
  type CaseRanking,
  type Finding,
  type Hemisphere,
  type Sign,
  type Surrounding,
} from '../identify';
import {
  capOf,
  type Caution,
  type CautionCode,
  cautionOf,
  type FactsOf,
  type CautionRank,
  type ClauseKey,
  type Form,
  type CardInUse,
  type Stop,
  type TargetOnLabel,
} from '../labels';
import { licenceLack, type Licence } from '../premises';
import { passesMostOnSmallEnd, type Ground } from '../ground';
import { inBase, isAbove, monthOf, type CalendarDay } from '../units';
import { licenceFor, worksUnder } from './licence-for';
import { nestCautions } from './nest-steps';

/** The key under which a caution is settled: its code, and whom or what it is about. */
export function cautionKey(caution: Pick<Caution, 'code' | 'facts'>): string {
  return caution.facts.about === undefined ? caution.code : `${caution.code}:${caution.facts.about}`;
}

/** Where a caution rests, and the facts of its code; none where it has none. */
type Rests<Code extends CautionCode> = {
  label?: CardInUse | undefined;
  at?: ClauseKey;
} & (object extends FactsOf<Code> ? { facts?: FactsOf<Code> } : { facts: FactsOf<Code> });

/** Raises a caution, with the words of the label's clause where it rests on one. */
function caution<Code extends CautionCode>(
  code: Code,
  rank: CautionRank,
  stop: Stop,
  settledBy: 'tick' | 'change',
  { label, at, facts }: Rests<Code>,
): Caution {
  const clause = (at && label?.clauses[at]) ?? null;
  return cautionOf(code, rank, stop, settledBy, facts ?? ({} as FactsOf<Code>), clause);
}

/**
 * What the name demands before anything is planned: what is protected, useful, to be reported or dangerous is a Halt
 * above a small probability, until the sign by which it is known was looked for and found otherwise; and so is a
 * treatment against something that is no animal.
 */
export function nameCautions(
  ranking: CaseRanking,
  candidates: readonly Candidate[],
  signs: readonly Sign[],
  named: Candidate | null,
  found: Readonly<Record<string, Finding>>,
  when: {
    readonly month: number;
    readonly hemisphere: Hemisphere;
    /** Something is expected and not there yet: what nobody saw is not held against it. */
    readonly expected?: boolean;
    /** What is to be reported elsewhere and ordinary in this place: no Halt for it here. */
    readonly livesWith?: readonly string[];
  },
  /** Who asks, on which day the work is, and where. */
  work: {
    readonly licence: Licence | null;
    readonly day: CalendarDay;
    readonly surrounding: Surrounding;
  } | null = null,
): Caution[] {
  // Before anything was looked at there is nothing but the season to go by, and nothing that could be planned.
  const looked = (named !== null && when.expected !== true) || Object.keys(found).length > 0;
  const possible = ranking.ranked
    .filter(({ id, p }) => (looked && p > RULE_OUT_ABOVE) || id === named?.id)
    .flatMap(({ id, p }) =>
      candidates
        .filter((c) => c.id === id && c.status !== 'pest' && !isOrdinary(c, when.livesWith))
        .filter((c) => c === named || !(isRuledOut(c, found, when) || isBesides(c, named, signs, found)))
        .map((c) => ({ c, p, sign: signs.find((s) => s.id === c.ruleOut?.sign) })),
    );
  return [
    ...possible.flatMap(({ c, p, sign }) => {
      // What is dangerous or to be reported and known by its name is work for two qualified people with their kit and the
      // permit or report; what is protected stays a Halt for everybody.
      const own = work !== null && c === named && LICENSED.has(c.status);
      const wanted = own ? worksUnder(c, work.surrounding) : [];
      const lack = own ? licenceLack(work.licence, work.day, wanted) : 'none';
      const mayDo = lack === null;
      const about = { about: c.id, name: c.name };
      const first = caution('must-rule-out', mayDo ? 'care' : 'halt', 'name', mayDo ? 'tick' : 'change', {
        facts: {
          about: c.id,
          name: c.name,
          status: c.status,
          p,
          named: named === c ? 1 : 0,
          sign: sign?.id ?? '',
          mark: sign ? (marksOf(c, sign) ?? sign.name) : c.telling,
          always: c.ruleOut?.always === true ? 1 : 0,
          how: sign?.how ?? '',
          doNow: c.doNow,
          doNot: c.doNot,
          qualified: mayDo ? 1 : 0,
          ...(own && lack !== null ? { lack, wanted: wanted.join(',') } : {}),
        },
      });
      if (!mayDo) return [first];
      const permit = caution('permit-or-report', 'care', 'name', 'tick', { facts: about });
      return [first, permit, ...nestCautions(c, work?.surrounding ?? 'wall')];
    }),
    ...(named?.kind === 'not-insect'
      ? [
          caution('not-an-insect', 'halt', 'name', 'change', {
            facts: { name: named.name, doNow: named.doNow },
          }),
        ]
      : []),
  ];
}

const isOrdinary = (c: Candidate, livesWith: readonly string[] = []): boolean =>
  c.status === 'notifiable' && livesWith.includes(c.id);

/** What a qualified person may work on, with a permit or a report: never what is protected. */
const LICENSED: ReadonlySet<Candidate['status']> = new Set(['dangerous', 'notifiable']);

/** The names of the answers by which a candidate is known. */
function marksOf({ ruleOut }: Candidate, sign: Sign): string | null {
  const names = (sign.values ?? []).flatMap(({ id, name }) =>
    ruleOut && [ruleOut.is].flat().includes(id) ? [name] : [],
  );
  return names.length > 0 ? names.join(' or ') : null;
}

/** A merely useful animal that may be about as well stops nothing once another cause is confirmed by its own mark. */
const isBesides = (
  c: Candidate,
  named: Candidate | null,
  signs: readonly Sign[],
  found: Readonly<Record<string, Finding>>,
): boolean => c.status === 'useful' && named !== null && hasOwnMark(named, c, signs, found);

const runOut = (lack: string, licence: Licence | null): Record<string, string> =>
  lack === 'run-out' && licence?.until ? { until: licence.until } : {};

export interface LabelSituation {
  readonly label: CardInUse;
  /** null on a routine visit that names nothing. */
  readonly pest: Candidate | null;
  /** The line of the label that is about this pest; null where it has none. */
  readonly target: TargetOnLabel | null;
  readonly stage: string | null;
  /** All stages that are there: those found or to be prevented, else those that the calendar expects. */
  readonly stages?: readonly string[] | undefined;
  /** Whether somebody found them, counted them or means to prevent them; the calendar alone halts nothing. */
  readonly stagesSeen?: boolean | undefined;
  readonly hemisphere: Hemisphere;
  readonly surrounding: Surrounding;
  /** Of whoever asks; null without one, and in a household. */
  readonly licence: Licence | null;
  readonly real: boolean;
  readonly today: CalendarDay;
  readonly containers: readonly { readonly expiresOn: CalendarDay | null; readonly left: number }[];
  readonly flowering: boolean;
  /** Open water borders the place. */
  readonly byWater: boolean;
}

const FOOD_ROOMS: ReadonlySet<Surrounding> = new Set<Surrounding>(['kitchen', 'store']);

/** Whether this label may be used at all against this pest and stage here; each Halt with its clause. */
export function labelCautions(situation: LabelSituation): Caution[] {
  const { label, pest, target, stage, real, today, containers, hemisphere } = situation;
  const found: Caution[] = [];
  if (label.demonstration)
    found.push(
      caution('demonstration-label', real ? 'halt' : 'note', 'choose', 'change', {
        label,
        facts: { label: label.name },
      }),
    );
  if (!label.siteFits)
    found.push(
      caution('site-not-on-label', 'halt', 'choose', 'change', {
        label,
        at: 'sites',
        facts: { label: label.name },
      }),
    );
  if (label.use.foodAreas === 'no' && FOOD_ROOMS.has(situation.surrounding))
    found.push(
      caution('not-where-food-is', 'halt', 'choose', 'change', {
        label,
        at: 'food',
        facts: { label: label.name },
      }),
    );
  if (label.licenceNeeded === true) {
    const wanted = licenceFor(label, pest, situation.surrounding);
    const lack = licenceLack(situation.licence, today, wanted);
    if (lack !== null)
      found.push(
        caution('licence-needed', 'halt', 'choose', 'change', {
          label,
          at: 'licence',
          facts: { label: label.name, lack, wanted: wanted.join(','), ...runOut(lack, situation.licence) },
        }),
      );
  }
  if (label.use.months !== null && !label.use.months.includes(northernMonth(monthOf(today), hemisphere)))
    found.push(
      caution('out-of-season', 'halt', 'choose', 'change', {
        label,
        at: 'season',
        facts: { label: label.name },
      }),
    );
  if (!target) {
    // A routine visit is against what the card names.
    if (pest)
      found.push(
        caution('pest-not-on-label', 'halt', 'choose', 'change', {
          label,
          at: 'pests',
          facts: { pest: pest.name, label: label.name },
        }),
      );
  } else if (stage !== null) stageCautions(situation, target, stage, found);
  if (target && (target.grade === 'weak' || target.grade === 'none'))
    found.push(
      caution('grade-weak', 'note', 'choose', 'change', { label, facts: { reason: target.reason } }),
    );
  const usable = containers.some((c) => c.left > 0 && (c.expiresOn === null || c.expiresOn >= today));
  if (containers.length > 0 && !usable)
    found.push(
      caution('lot-expired', 'halt', 'choose', 'change', {
        label,
        at: 'storage',
        facts: { label: label.name },
      }),
    );
  if (containers.length === 0)
    found.push(caution('not-on-shelf', 'note', 'choose', 'change', { label, facts: { label: label.name } }));
  return found;
}

/**
 * Of the stages that are there, those on which the label works. A label that works on none of what was found or counted is no
 * remedy; of what only the calendar expects, a Care at most. What it leaves alive is said with its stages.
 */
function stageCautions(
  { label, pest, stages = [], stagesSeen = true }: LabelSituation,
  target: TargetOnLabel,
  stage: string,
  found: Caution[],
): void {
  const present = stages.length > 0 ? stages : [stage];
  let works = 0;
  for (const one of present) if (target.stages.includes(one)) works += 1;
  if (works === present.length) return;
  const left = present.filter((one) => !target.stages.includes(one));
  const facts = { pest: pest?.name ?? '', stage, label: label.name };
  const named = (ids: readonly string[]): string =>
    ids
      .map((id) => pest?.stages.find((s) => s.id === id)?.name ?? id)
      .join(', ')
      .toLowerCase();
  if (works === 0)
    found.push(
      stagesSeen
        ? caution('stage-not-on-label', 'halt', 'choose', 'change', { label, at: 'pests', facts })
        : caution('stage-by-season', 'care', 'choose', 'tick', {
            label,
            at: 'pests',
            facts: { ...facts, stages: named(present), works: named(target.stages) },
          }),
    );
  else if (stagesSeen)
    found.push(
      caution('stages-left', 'care', 'choose', 'tick', {
        label,
        at: 'pests',
        facts: { ...facts, pestId: pest?.id ?? '', leaves: named(left), leftIds: left.join(',') },
      }),
    );
}

/** What the label asks of whoever puts it down: acts to tick before mixing and placing. */
export function handlingCautions(
  { label, flowering, byWater, surrounding }: LabelSituation,
  stripM: number,
): Caution[] {
  const { use } = label;
  const found: Caution[] = [];
  if (use.notOnBloom && flowering)
    found.push(
      caution('flowering-turf', 'halt', 'mix', 'tick', { label, at: 'bloom', facts: { where: surrounding } }),
    );
  if (byWater && use.waterBufferM !== null)
    found.push(
      stripM < use.waterBufferM
        ? caution('water-buffer', 'halt', 'measure', 'change', {
            label,
            at: 'buffer',
            facts: { buffer: use.waterBufferM, strip: stripM },
          })
        : caution('water-buffer', 'care', 'when', 'tick', {
            label,
            at: 'buffer',
            facts: { buffer: use.waterBufferM, strip: stripM },
          }),
    );
  if (label.ppe.length > 0)
    found.push(
      caution('wear-ppe', 'care', 'mix', 'tick', { label, at: 'ppe', facts: { ppe: label.ppe.join(', ') } }),
    );
  if (label.filterOut) found.push(caution('filter-out', 'care', 'mix', 'tick', { label, at: 'filter' }));
  if (use.reEntry !== 'none')
    found.push(
      caution('keep-out-until', 'care', 'place', 'tick', {
        label,
        at: 'reEntry',
        facts: { until: use.reEntry, hours: use.reEntryHours ?? 0 },
      }),
    );
  if (use.wateringIn)
    found.push(
      caution('water-in', 'note', 'place', 'change', {
        label,
        at: 'watering',
        facts: { mm: use.wateringIn.mm, hours: use.wateringIn.withinHours },
      }),
    );
  if (MIXED.has(label.form))
    found.push(
      caution('rinse-and-leftover', 'note', 'place', 'change', {
        label,
        facts: { onto: restGoesOnto(label, surrounding) ?? '' },
      }),
    );
  return found;
}

/** Methods that wet open ground evenly, so that its rinse can go over it once more, thin. */
const OVER_GROUND: ReadonlySet<CardInUse['use']['method']> = new Set(['spray', 'drench']);
const OPEN_GROUND: ReadonlySet<Surrounding> = new Set<Surrounding>(['lawn', 'bed', 'ground']);

/**
 * The open ground over which the rinse and the last of a mix may go: where it was put down evenly on ground that the label
 * names. null where no such ground is: in rooms, cracks and nests, at walls, from mounds.
 */
export const restGoesOnto = ({ use, siteFits }: CardInUse, surrounding: Surrounding): Surrounding | null =>
  siteFits && OPEN_GROUND.has(surrounding) && OVER_GROUND.has(use.method) && !use.sites.includes('mound')
    ? surrounding
    : null;

/** What is mixed with water leaves a rinse and may leave a rest. */
const MIXED: ReadonlySet<Form> = new Set<Form>(['concentrate', 'powder', 'nematodes']);

/** No tape measures an area more surely than this: such an error asks for nothing. */
const SUREST_SHARE = 0.03;

/** A printed figure is rounded by its label: what lies above it by less than half of its last figure keeps to it. */
const MOST_PRINTED_SHARE = 0.005;
function printedShare(printed: number): number {
  const [, part = ''] = String(printed).split('.');
  return Math.min(MOST_PRINTED_SHARE, (0.5 * 10 ** -part.length) / printed);
}
/** Whether what goes down passes the cap by more than the label's own rounding of it. */
function passesPrinted({ use }: CardInUse, { cap }: DoseAnswer): boolean {
  const printed = capOf(use, 'product');
  if (!printed || !cap) return true;
  return isAbove(-cap.left.value, printedShare(printed.amount.value) * cap.allowed.value);
}

/** Under this many live nematodes for each square metre a treatment is known to fail. */
const FEWEST_NEMATODES_PER_M2 = 250_000;

const PROBLEM_RANK: Record<DoseProblem, CautionRank> = {
  'above-label-rate': 'halt',
  'season-cap-exceeded': 'halt',
  'product-exceeds-mix': 'halt',
  'carry-over-too-strong': 'care',
  'carry-over-exceeds-need': 'care',
  'below-label-rate': 'care',
  'measure-too-coarse': 'care',
};

/** What the amounts themselves raise, and whether the small end of the measured area would pass the label's most. */
export function doseCautions(label: CardInUse, dose: DoseAnswer, lawn: Ground, chosen: number): Caution[] {
  const { rate } = label.use;
  const problems = dose.problems.filter(
    (code) => code !== 'season-cap-exceeded' || passesPrinted(label, dose),
  );
  const found = problems.map((code) =>
    caution(code, PROBLEM_RANK[code], 'mix', PROBLEM_RANK[code] === 'halt' ? 'change' : 'tick', {
      label,
      at: code === 'season-cap-exceeded' ? 'yearly' : 'rate',
      facts: { chosen, most: rate.max, least: rate.min, unit: rate.unit, left: dose.cap?.left.value ?? 0 },
    }),
  );
  // The small end matters where the rate itself keeps to the label; else the rate is the Halt.
  if (
    chosen <= rate.max &&
    lawn.areaLow &&
    isAbove(1 - lawn.areaLow.value / lawn.area.value, SUREST_SHARE) &&
    passesMostOnSmallEnd(lawn, dose.actualRate, rate.max)
  )
    found.push(
      caution('area-error-over-rate', 'care', 'mix', 'tick', {
        label,
        at: 'rate',
        facts: {
          safe: (rate.max * lawn.areaLow.value) / lawn.area.value,
          least: rate.min,
          unit: rate.unit,
        },
      }),
    );
  if (label.form === 'nematodes' && lawn.area.unit && dose.exactProduct.unit === 'million') {
    const perM2 = (dose.exactProduct.value * 1e6) / Math.max(inBase(lawn.area), 1e-9);
    if (perM2 < FEWEST_NEMATODES_PER_M2)
      found.push(
        caution('nematodes-too-few', 'care', 'mix', 'tick', { label, at: 'rate', facts: { perM2 } }),
      );
  }
  return found;
}
