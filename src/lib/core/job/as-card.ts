import type { Surrounding } from '../identify';
import {
  sitesOf,
  type Family,
  type Form,
  type LabelCard,
  type LabelUse,
  type Method as LabelMethod,
  type Site,
} from '../labels';
import { inBase, sameDimension, valueIn, type Quantity } from '../units';
import type { Job, Method } from './job';

/** As what a job's product comes, and how a label would call the way in which it is put down. */
const AS: Readonly<Record<Method, { form: Form; method: LabelMethod }>> = {
  tank: { form: 'concentrate', method: 'spray' },
  jug: { form: 'concentrate', method: 'spray' },
  dial: { form: 'concentrate', method: 'spray' },
  granule: { form: 'granule', method: 'spread' },
  drops: { form: 'gel', method: 'drops' },
  stations: { form: 'station', method: 'stations' },
  film: { form: 'dust', method: 'film' },
  void: { form: 'dust', method: 'film' },
  aerosol: { form: 'aerosol', method: 'crevice' },
  nematodes: { form: 'nematodes', method: 'spray' },
  soil: { form: 'concentrate', method: 'soil-mix' },
  grid: { form: 'powder', method: 'spot' },
};

const LIQUIDS = ['regulator', 'bait', 'selective', 'systemic', 'soil-drench', 'residual'] as const;

/**
 * The families that what is put down by a method can be of, mildest first; where there are several, nobody but the reader of the
 * label can say which.
 */
export const FAMILIES_BY: Readonly<Record<Method, readonly [Family, ...Family[]]>> = {
  ...{ tank: LIQUIDS, jug: LIQUIDS, dial: LIQUIDS },
  granule: ['regulator', 'bait', 'selective', 'systemic', 'residual'],
  ...{ drops: ['bait'], stations: ['bait'], film: ['dust'], void: ['dust'] },
  aerosol: ['regulator', 'residual'],
  nematodes: ['living'],
  soil: ['soil-drench'],
  grid: ['bait', 'dust', 'residual'],
};

/** Whom and where it is taken for, and what the container is called. */
export interface TakenFor {
  readonly id: string;
  readonly name: string;
  /** As somebody says that it is not stated. */
  readonly maker: string;
  /** What its label says that it is. */
  readonly family: Family;
  /** What its container holds. */
  readonly holds: Quantity;
  /** null where the case has named nothing yet. */
  readonly pest: { readonly id: string; readonly stages: readonly { readonly id: string }[] } | null;
  readonly surrounding: Surrounding;
}

/**
 * The figures of a job as a card of the shelf, so that a case can be built on it: its rate and mix as they were copied, for this
 * pest and place. Everything else is not stated, and the card says of itself that only figures were copied (`figuresOnly`: a Halt
 * until somebody has read the label). A job whose rate was chosen within a range keeps the range.
 *
 * @example cardOfJob({ method: 'tank', rate: 125 ml per 1,000 m², … }, { name: 'Marram', pest: chafer, surrounding: 'lawn', … })
 */
export function cardOfJob(
  job: Job,
  { id, name, maker, family, holds, pest, surrounding }: TakenFor,
): Omit<LabelCard, 'version'> {
  const { form, method } = AS[job.method];
  const use: LabelUse = {
    ...NOTHING_STATED,
    sites: sitesFor(job.method, surrounding),
    method: methodFor(job, method),
    targets: pest ? [{ pest: pest.id, stages: pest.stages.map((s) => s.id), grade: null, reason: '' }] : [],
    rate: {
      ...{ min: job.rate.min, max: job.rate.max, unit: job.rate.unit, per: job.rate.per },
      basis: toMix(job) ? 'mix' : 'target',
    },
    carrier: job.carrier ?? null,
    ...moreOf(job),
  };
  return {
    ...{ id, name, maker, demonstration: false, registration: null, family, actives: [] },
    form: form === 'granule' && family === 'bait' ? 'bait-granule' : form,
    ...{ densityKgPerL: null, signalWord: null, uses: [use], ppe: [], ownPpe: [], filterOut: false },
    ...{ repellent: false, mixWithOthers: null, clauses: {}, firstAid: null, storeC: null, flammable: false },
    ...{ shelfLifeMonths: null, openedDays: null, disposal: null, licenceNeeded: null, allowedIn: [] },
    ...{ container: { size: holds }, otherSizes: [], more: { figuresOnly: true } },
  };
}

/** Where the ground is a wall or so many places, spraying goes along it or into them. */
function methodFor({ rate }: Job, method: LabelMethod): LabelMethod {
  if (method !== 'spray') return method;
  if (rate.per.unit === 'm' || rate.per.unit === 'ft' || rate.per.unit === 'yd') return 'band';
  return rate.per.unit === 'count' ? 'spot' : method;
}

const sitesFor = (method: Method, surrounding: Surrounding): readonly Site[] => {
  const here = sitesOf(surrounding);
  // A room is dusted; what is measured as a hollow is one.
  return method === 'void' && here.includes('void') ? ['void'] : here;
};

/** So much in a measure of finished mix, while the ground is told otherwise: a dilution. */
const toMix = ({ rate, target }: Job): boolean =>
  rate.basis === 'mix' ||
  (rate.basis === undefined &&
    sameDimension(rate.per, { unit: 'l' }) &&
    target !== undefined &&
    !sameDimension(target, { unit: 'l' }));

/** What of a job has a place on a label: passes, the weight of a drop, how far apart points lie. */
function moreOf({ method, passes, each, radius }: Job): Pick<LabelUse, 'more'> {
  const dropMg =
    method === 'drops' && each && sameDimension(each, { unit: 'g' }) ? valueIn(each, 'mg') : null;
  const more = {
    ...(passes ? { passes } : {}),
    ...(dropMg === null ? {} : { dropMg }),
    ...(method === 'grid' && radius ? { spacingM: inBase(radius) * Math.SQRT2 } : {}),
  };
  return Object.keys(more).length > 0 ? { more } : {};
}

const NOTHING_STATED: Omit<LabelUse, 'sites' | 'method' | 'targets' | 'rate' | 'carrier'> = {
  ...{ steps: [], months: null, noSoonerThanDays: null, aboutEveryDays: null, maxPerYear: null, cap: null },
  ...{ wateringIn: null, dryHours: null, rainFreeHours: null, maxWindKmh: null, minWindKmh: null },
  ...{ tempC: null, soilC: null, keepFromSun: false, waterBufferM: null, hardGround: null },
  ...{ wallAboveHard: null, maxHeightM: null, edibles: null, preHarvestDays: null, foodAreas: null },
  ...{ notOnFoodContact: false, keepFromLive: false, notOnBloom: false, reEntry: 'none' },
  ...{ reEntryHours: null, daysToEffect: null, protectsDays: null },
};
