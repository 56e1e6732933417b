import { z } from 'zod';
import { FAMILIES_BY, METHODS, type Job, type Method } from '../core/job';
import { FAMILIES, type Family } from '../core/labels';
import { invalid, isRefused, type Result } from '../core/result';
import { quantity, type Quantity, type Unit } from '../core/units';
import { amount, neededText, numeric, orNoAmount, orNothing, treeOf, whole, type Fields } from './fields';
import { read } from './shape';
import { PRODUCTS, VOLUMES } from './stops/bodies';

const GROUND = ['m2', 'ft2', 'yd2', 'acre', 'ha'] as const;
const WALL = ['m', 'ft', 'yd'] as const;
const ROOMS = ['m3', 'ft3', 'l'] as const;
export const JOB_TARGETS = [...GROUND, 'm', 'ft', 'l', 'm3', 'ft3', 'count'] as const;

/** A field of a method's own: an amount with its units, or a number with what it is in. */
export interface JobField {
  readonly name: string;
  readonly units: readonly Unit[];
  /** What stands there until somebody types; "" for nothing. */
  readonly unit: Unit;
  readonly needed?: true;
  readonly value?: number;
}
const field = (name: string, units: readonly Unit[], unit: Unit, more: Partial<JobField> = {}): JobField => ({
  ...{ name, units, unit },
  ...more,
});
const needed = { needed: true } as const;
const target = (units: readonly Unit[], unit: Unit) => field('target', units, unit, needed);
const [mix, mixPer] = [
  field('mix', VOLUMES, 'l', needed),
  field('mixPer', JOB_TARGETS, 'm2', { ...needed, value: 100 }),
];
const side = (name: string, unit: Unit = 'm'): JobField => field(name, ['m', 'ft', 'cm', 'in'], unit, needed);
const flowOf = (units: readonly Unit[], unit: Unit): JobField => field('flow', units, unit);
const step = field('step', PRODUCTS, 'ml');

/** What is asked besides the rate, by method; the units of what the rate is for come first. */
export const JOB_FIELDS: Readonly<
  Record<
    Method,
    {
      readonly rate: Unit;
      readonly per: readonly Unit[];
      readonly perValue: number;
      readonly fields: readonly JobField[];
    }
  >
> = {
  tank: {
    ...{ rate: 'ml', per: [...JOB_TARGETS, 'gal', 'gal_uk'], perValue: 100 },
    fields: [
      target(JOB_TARGETS, 'm2'),
      field('mix', VOLUMES, 'l'),
      field('mixPer', JOB_TARGETS, 'm2', { value: 100 }),
      field('tank', VOLUMES, 'l'),
      field('mark', VOLUMES, 'l'),
      field('second', VOLUMES, 'l'),
      step,
    ],
  },
  jug: {
    ...{ rate: 'ml', per: GROUND, perValue: 100 },
    fields: [
      ...[
        target(GROUND, 'm2'),
        mix,
        mixPer,
        field('tank', VOLUMES, 'l', needed),
        field('jug', VOLUMES, 'ml'),
      ],
      ...[flowOf(['l', 'gal'], 'l'), step],
    ],
  },
  dial: {
    ...{ rate: 'ml', per: GROUND, perValue: 100 },
    fields: [
      ...[target(GROUND, 'm2'), mix, mixPer, field('dial', ['ml', 'floz', 'g', 'oz'], 'ml', needed)],
      ...[field('dialPer', ['l', 'gal'], 'l', { ...needed, value: 1 }), field('jug', VOLUMES, 'ml'), step],
    ],
  },
  granule: {
    ...{ rate: 'kg', per: GROUND, perValue: 100 },
    fields: [
      ...[target(GROUND, 'm2'), field('passes', [], 'count', { value: 2 })],
      ...[
        field('pack', ['kg', 'lb', 'g'], 'kg'),
        field('stripLength', WALL, 'm'),
        field('stripWidth', WALL, 'm'),
      ],
      field('step', PRODUCTS, 'kg'),
    ],
  },
  drops: {
    ...{ rate: 'g', per: ['count', 'm', 'ft'], perValue: 1 },
    fields: [
      target(['count', 'm', 'ft'], 'count'),
      field('each', ['g', 'mg', 'ml'], 'g'),
      field('pack', ['g', 'ml', 'oz'], 'g'),
    ],
  },
  stations: { rate: 'count', per: WALL, perValue: 10, fields: [target(WALL, 'm')] },
  film: {
    ...{ rate: 'g', per: ['m2', 'ft2'], perValue: 1 },
    fields: [target(['m2', 'ft2'], 'm2'), field('each', ['g', 'mg'], 'g'), flowOf(['g', 'oz'], 'g')],
  },
  void: {
    ...{ rate: 'g', per: ROOMS, perValue: 1 },
    fields: [
      side('length'),
      side('width'),
      side('depth'),
      field('each', ['g', 'mg'], 'g'),
      flowOf(['g', 'oz'], 'g'),
    ],
  },
  aerosol: {
    ...{ rate: 'ml', per: ['count', 'm', 'ft', 'm2', 'ft2'], perValue: 1 },
    fields: [
      target(['count', 'm', 'ft', 'm2', 'ft2'], 'count'),
      field('flow', ['ml', 'g', 'floz'], 'ml'),
      field('pack', ['ml', 'g', 'floz'], 'ml'),
    ],
  },
  nematodes: {
    ...{ rate: 'million', per: GROUND, perValue: 100 },
    fields: [
      target(GROUND, 'm2'),
      mix,
      mixPer,
      field('tank', VOLUMES, 'l'),
      field('pack', ['million'], 'million'),
    ],
  },
  soil: {
    ...{ rate: 'ml', per: ROOMS, perValue: 1 },
    fields: [
      ...[side('length'), side('width'), side('depth')],
      ...[
        field('mix', VOLUMES, 'l'),
        field('mixPer', ROOMS, 'm3', { value: 1 }),
        flowOf(['l', 'ml', 'gal'], 'l'),
      ],
    ],
  },
  grid: {
    ...{ rate: 'g', per: ['count'], perValue: 1 },
    fields: [
      side('length'),
      side('width'),
      side('radius'),
      field('each', ['g', 'mg', 'ml'], 'g'),
      field('pack', ['g', 'kg', 'ml'], 'g'),
    ],
  },
};

/** Methods whose flow is told in a second; the others in a minute. */
const BY_SECOND: readonly Method[] = ['aerosol'];

interface Common {
  readonly least: number;
  readonly most: number | null;
  readonly chosen: number | null;
  readonly rateUnit: Unit;
  readonly per: Quantity;
}
const number = numeric(0.000001, 1e6);
const shapeOf = (method: Method) => {
  const { per, fields } = JOB_FIELDS[method];
  return z.object({
    least: number,
    most: orNothing(number),
    chosen: orNothing(number),
    rateUnit: z.enum(PRODUCTS),
    per: amount(per, 0.000001, 1e6),
    ...Object.fromEntries(
      fields.map(({ name, units, needed: must }) => {
        if (name === 'passes') return [name, whole(1, 2)];
        const shape = amount(units, 0.000001, 1e8);
        return [name, must ? shape : orNoAmount(shape)];
      }),
    ),
  });
};

/** How much without a case: what was typed from a label, as a job of its method. */
export function parseJob(fields: Fields): Result<Job> {
  const method = z.enum(METHODS).safeParse(fields.get('method') ?? 'tank');
  if (!method.success) return { refused: [invalid('method', 'one-of', { choices: METHODS })] };
  const parsed = read(shapeOf(method.data), treeOf(fields));
  if (isRefused(parsed)) return parsed;
  const { least, most, chosen, rateUnit, per, ...own } = parsed.ok as Common &
    Readonly<Record<string, unknown>>;
  const of = (name: string): Quantity | undefined => (own[name] as Quantity | null | undefined) ?? undefined;
  const [length, width, depth, radius] = [of('length'), of('width'), of('depth'), of('radius')];
  const [mixed, mixFor, flow, dial, dialPer] = [
    of('mix'),
    of('mixPer'),
    of('flow'),
    of('dial'),
    of('dialPer'),
  ];
  const [stripLength, stripWidth] = [of('stripLength'), of('stripWidth')];
  return {
    ok: {
      method: method.data,
      rate: {
        ...{ min: least, max: most ?? least, chosen: chosen ?? least, unit: rateUnit, per },
        ...(method.data === 'soil' ? { basis: 'target' as const } : {}),
      },
      ...pick(of, 'target', 'tank', 'mark', 'second', 'step', 'jug', 'pack', 'each'),
      ...(length && width ? { sides: { length, width, ...(depth ? { depth } : {}) } } : {}),
      ...(radius ? { radius } : {}),
      ...(mixed && mixFor ? { carrier: { amount: mixed, per: mixFor } } : {}),
      ...(dial && dialPer ? { dial: { amount: dial, per: dialPer } } : {}),
      ...(flow
        ? { flow: { amount: flow, per: quantity(1, BY_SECOND.includes(method.data) ? 's' : 'min') } }
        : {}),
      ...(stripLength && stripWidth ? { strip: { length: stripLength, swath: stripWidth } } : {}),
      ...(own.passes === 2 ? { passes: 2 as const } : {}),
    },
  };
}

const pick = <K extends string>(of: (name: string) => Quantity | undefined, ...names: readonly K[]) =>
  Object.fromEntries(names.flatMap((name) => (of(name) ? [[name, of(name)]] : []))) as Partial<
    Record<K, Quantity>
  >;

export const takingForm = z.object({
  productName: neededText(80),
  case: whole(1, 1_000_000),
  container: amount(PRODUCTS, 0.000001, 1e6),
  family: orNothing(z.enum(FAMILIES)).default(null),
  kept: orNothing(z.uuid()).default(null),
});
/** A job that is taken into a case, what its product is called and is, and what the container holds. */
export interface Taking extends Omit<z.output<typeof takingForm>, 'family'> {
  readonly job: Job;
  readonly family: Family;
}

/**
 * A job with whatever else a case has to know of it; everything that is wrong is told at once. What the product is has to be
 * said where its method leaves it open.
 */
export function parseTaking(fields: Fields): Result<Taking> {
  const [job, form] = [parseJob(fields), read(takingForm, treeOf(fields))];
  const refused = [...(isRefused(job) ? job.refused : []), ...(isRefused(form) ? form.refused : [])];
  if (isRefused(job) || isRefused(form)) return { refused };
  const able = FAMILIES_BY[job.ok.method];
  const family = able.length === 1 ? able[0] : form.ok.family;
  if (family === null) return { refused: [invalid('family', 'needed')] };
  if (!able.includes(family)) return { refused: [invalid('family', 'one-of')] };
  return { ok: { ...form.ok, family, job: job.ok } };
}
