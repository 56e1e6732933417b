import { answer, invalid, type Result } from '../result';
import { addDays, quantity, type CalendarDay, type Quantity, type Unit } from '../units';
import { nozzleFlow, type BasicRefusal } from './flow';
import { pace } from './ground';
import { repeatsOf, type Repeats } from './repeats';
import { weighedPass } from './spreader';
import { catchCups } from './water';

export const EQUIPMENT_KINDS = [
  ...(['tank', 'spreader', 'hose-end', 'duster', 'dispenser', 'sprinkler', 'person', 'measure'] as const),
] as const;
export type EquipmentKind = (typeof EQUIPMENT_KINDS)[number];

export const CALIBRATION_KINDS = [
  ...(['flow', 'speed', 'pace', 'weighed-pass', 'pan-test', 'jug', 'dial', 'drops', 'cups'] as const),
] as const;
export type CalibrationKind = (typeof CALIBRATION_KINDS)[number];

/** What can be measured of which equipment. */
export const CALIBRATIONS_OF: Readonly<Record<EquipmentKind, readonly CalibrationKind[]>> = {
  tank: ['flow', 'speed'],
  spreader: ['weighed-pass', 'pan-test', 'speed'],
  'hose-end': ['jug', 'dial', 'flow'],
  duster: ['flow'],
  dispenser: ['drops', 'flow'],
  sprinkler: ['cups'],
  person: ['pace', 'speed'],
  measure: [],
};

/** After so many days a calibration is due again, where the owner of the tool sets nothing else. */
export const DUE_DAYS: Readonly<Record<EquipmentKind, number | null>> = {
  ...{ tank: 90, spreader: 90, 'hose-end': 180, duster: 180, dispenser: 180, sprinkler: 365, person: 365 },
  measure: null,
};

/** Of what the maker of each kind tells a figure, and in what it is; nothing where nobody tells one. */
export const MAKERS_FIGURE: Readonly<
  Partial<
    Record<
      EquipmentKind,
      { readonly kind: CalibrationKind; readonly unit: Unit; readonly per: Quantity | null }
    >
  >
> = {
  tank: { kind: 'flow', unit: 'l', per: quantity(1, 'min') },
  'hose-end': { kind: 'jug', unit: 'l', per: null },
  duster: { kind: 'flow', unit: 'g', per: quantity(1, 'min') },
  dispenser: { kind: 'drops', unit: 'g', per: null },
  sprinkler: { kind: 'cups', unit: 'mm', per: quantity(1, 'h') },
};

/** The day on which a calibration of the `last` day is due again; null where nothing is, `last` null: never done. */
export function dueOn(
  kind: EquipmentKind,
  last: CalendarDay | null,
  ownDays: number | null,
): CalendarDay | null {
  const days = ownDays ?? DUE_DAYS[kind];
  return last === null || days === null ? null : addDays(last, days);
}

/** Of one number of a reading: between what it may lie; `amount` is in the calibration's own unit. */
export interface ReadingField {
  readonly key: string;
  readonly measures: 'amount' | 's' | 'm' | 'count' | 'mm' | 'setting' | 'l';
  readonly from: number;
  readonly to: number;
}
const amount: ReadingField = { key: 'amount', measures: 'amount', from: 0, to: 1e6 };
const metres: ReadingField = { key: 'metres', measures: 'm', from: 0.5, to: 5000 };
const seconds: ReadingField = { key: 'seconds', measures: 's', from: 1, to: 7200 };

/** What is read at each repeat (or tray, or cup), in the order of the work. */
export const READING_FIELDS: Readonly<Record<CalibrationKind, readonly ReadingField[]>> = {
  flow: [amount, seconds],
  speed: [metres, seconds],
  pace: [metres, { key: 'paces', measures: 'count', from: 1, to: 10_000 }],
  'weighed-pass': [{ key: 'setting', measures: 'setting', from: 0.01, to: 1000 }, amount, metres],
  'pan-test': [amount],
  jug: [amount],
  dial: [
    { key: 'setting', measures: 'setting', from: 0.01, to: 1000 },
    amount,
    { key: 'litres', measures: 'l', from: 0.1, to: 1000 },
  ],
  drops: [amount, { key: 'count', measures: 'count', from: 1, to: 1000 }],
  cups: [{ key: 'mm', measures: 'mm', from: 0, to: 500 }],
};
/** Units in which the amount of each may be read; none where no amount is. */
export const AMOUNT_UNITS: Readonly<Record<CalibrationKind, readonly Unit[]>> = {
  flow: ['ml', 'l', 'floz', 'gal', 'g', 'oz'],
  speed: [],
  pace: [],
  'weighed-pass': ['g', 'kg', 'oz', 'lb'],
  'pan-test': ['g', 'mg', 'oz'],
  jug: ['l', 'ml', 'gal', 'quart', 'gal_uk'],
  dial: ['ml', 'g', 'floz', 'oz'],
  drops: ['g', 'mg', 'ml'],
  cups: [],
};
/**
 * What is measured once for all repeats: the width that a pass covers, the distance of trays, how far across a
 * drop is, the time under water.
 */
export const SETUP_OF: Readonly<
  Partial<
    Record<
      CalibrationKind,
      { readonly measures: 'm' | 'mm' | 'min'; readonly from: number; readonly to: number }
    >
  >
> = {
  'weighed-pass': { measures: 'm', from: 0.1, to: 30 },
  'pan-test': { measures: 'm', from: 0.05, to: 5 },
  drops: { measures: 'mm', from: 0.5, to: 40 },
  cups: { measures: 'min', from: 1, to: 600 },
};

export type Reading = Readonly<Record<string, number>>;
/** One calibration as it was measured. What it comes to is worked out from the readings each time. */
export interface Calibration {
  readonly kind: CalibrationKind;
  /** Of the amounts; "" where none was read. */
  readonly unit: Unit | '';
  /** In the measure that SETUP_OF names; null where there is none. */
  readonly setup: number | null;
  readonly readings: readonly Reading[];
}

/** What a calibration comes to: an amount, for each `per` where it is a rate. */
export interface Calibrated {
  /** One for each repeat; one alone where all readings make one test. */
  readonly values: readonly number[];
  readonly repeats: Repeats;
  readonly unit: Unit;
  readonly per: Quantity | null;
  /** Of catch cups: the driest quarter against the mean, 0 to 1. */
  readonly uniformity: number | null;
}

/** Spreaders are told for so much ground. */
const PER_GROUND = quantity(100, 'm2');

/**
 * The value of a calibration with its spread: flow per minute, speed in m/s, a pace in m, a weighed pass per 100 m², one
 * drop, one jug, what a dial lets out into each litre, sprinkled depth in mm per hour. A pan test is judged by `spreadPattern`; here its mean tray is told.
 * Refuses as the calculation of each; `invalid-input` without a reading.
 */
export function calibrated(done: Calibration): Result<Calibrated, BasicRefusal | 'no-water-caught'> {
  const made = done.kind === 'cups' ? cupsOf(done) : eachOf(done);
  if ('refused' in made) return made;
  const { values, unit, per, uniformity } = made.ok;
  const repeats = repeatsOf(values);
  if (!repeats) return { refused: [invalid('readings', 'needed')] };
  return answer({ values, repeats, unit, per, uniformity });
}

type Made = Pick<Calibrated, 'values' | 'unit' | 'per' | 'uniformity'>;

function cupsOf({ readings, setup }: Calibration): Result<Made, BasicRefusal | 'no-water-caught'> {
  const result = catchCups({
    depths: readings.map(({ mm = 0 }) => quantity(mm, 'mm')),
    time: quantity(setup ?? 0, 'min'),
    wanted: quantity(1, 'mm'),
  });
  if ('refused' in result) return result;
  const { rate, uniformity } = result.ok;
  return answer({ values: [rate.amount.value], unit: rate.amount.unit, per: rate.per, uniformity });
}

function eachOf(done: Calibration): Result<Made, BasicRefusal> {
  const { unit, per } = { ...MEASURED_IN[done.kind] };
  const values: number[] = [];
  for (const [i, reading] of done.readings.entries()) {
    const result = valueOf(done, reading);
    if ('refused' in result)
      return { refused: result.refused.map((r) => ({ ...r, path: `readings.${i}.${r.path}` })) };
    values.push(result.ok);
  }
  return answer({ values, unit: unit ?? (done.unit || 'count'), per: per ?? null, uniformity: null });
}

/** Where it is not the unit of the amounts, and for what it is told. */
const MEASURED_IN: Readonly<
  Partial<Record<CalibrationKind, { readonly unit?: Unit; readonly per?: Quantity }>>
> = {
  flow: { per: quantity(1, 'min') },
  speed: { unit: 'm/s' },
  pace: { unit: 'm' },
  'weighed-pass': { per: PER_GROUND },
  dial: { per: quantity(1, 'l') },
};

function valueOf({ kind, unit, setup }: Calibration, reading: Reading): Result<number, BasicRefusal> {
  const { amount: read = 0, metres: far = 0, seconds: long = 0 } = reading;
  const collected = quantity(read, unit || 'count');
  switch (kind) {
    case 'flow': {
      const result = nozzleFlow({ collected, time: quantity(long, 's') });
      return 'ok' in result ? answer(result.ok.flow.amount.value) : result;
    }
    case 'weighed-pass': {
      const result = weighedPass({
        ...{ collected, length: quantity(far, 'm'), swath: quantity(setup ?? 0, 'm') },
        wanted: { amount: quantity(1, collected.unit), per: PER_GROUND },
      });
      return 'ok' in result ? answer(result.ok.delivered.amount.value) : result;
    }
    case 'pace': {
      const result = pace({ distance: quantity(far, 'm'), paces: reading.paces ?? 0 });
      return 'ok' in result ? answer(result.ok.pace.value) : result;
    }
    case 'speed':
      return answer(far / Math.max(long, 1e-9));
    case 'dial':
      return answer(read / Math.max(reading.litres ?? 0, 1e-9));
    case 'drops':
      return answer(read / Math.max(reading.count ?? 0, 1e-9));
    default:
      return answer(read);
  }
}
