import { z } from 'zod';
import {
  AMOUNT_UNITS,
  CALIBRATION_KINDS,
  CALIBRATIONS_OF,
  EQUIPMENT_KINDS,
  READING_FIELDS,
  SETUP_OF,
  type Calibration,
  type CalibrationKind,
  type EquipmentKind,
} from '../core/equipment';
import { invalid, type Result } from '../core/result';
import type { Unit } from '../core/units';
import {
  amount,
  dayField,
  neededText,
  numeric,
  orNothing,
  plainText,
  treeOf,
  whole,
  type Fields,
} from './fields';
import { read } from './shape';
import { PRODUCTS, VOLUMES } from './stops/bodies';

/** What each kind holds, or what its smallest mark is in; none where nothing is held. */
export const SIZE_UNITS: Readonly<Record<EquipmentKind, readonly Unit[]>> = {
  tank: VOLUMES,
  spreader: ['kg', 'lb', 'l'],
  'hose-end': VOLUMES,
  duster: ['g', 'kg', 'oz'],
  dispenser: ['g', 'ml', 'oz'],
  sprinkler: [],
  person: [],
  measure: PRODUCTS.filter((unit) => unit !== 'count' && unit !== 'million'),
};

/** What is emptied through a pipe, and never quite. */
const DRAWN: readonly EquipmentKind[] = ['tank', 'hose-end'];

export interface EquipmentForm {
  readonly kind: EquipmentKind;
  readonly name: string;
  readonly size: number;
  readonly unit: string;
  readonly holds: number | null;
  readonly undrawn: number | null;
  /** From one mark to the next. */
  readonly marks: number | null;
  readonly swathM: number | null;
  readonly dueDays: number | null;
  readonly makers: number | null;
  readonly price: number | null;
  readonly lifeJobs: number | null;
}

/** A tool as somebody enters it. */
export function parseEquipment(fields: Fields): Result<EquipmentForm> {
  const kind = z.enum(EQUIPMENT_KINDS).safeParse(fields.get('kind'));
  if (!kind.success) return { refused: [invalid('kind', 'one-of', { choices: EQUIPMENT_KINDS })] };
  const units = SIZE_UNITS[kind.data];
  const common = {
    name: neededText(60),
    swathM: orNothing(numeric(0.1, 30)),
    dueDays: orNothing(whole(1, 3650)),
    makers: orNothing(numeric(0.0001, 1e5)),
    price: orNothing(numeric(0, 1e6)),
    lifeJobs: orNothing(whole(1, 100_000)),
  };
  const tree = treeOf(fields);
  if (units.length === 0) {
    const form = read(z.object(common), tree);
    return 'ok' in form
      ? {
          ok: {
            kind: kind.data,
            ...form.ok,
            size: 1,
            unit: 'count',
            holds: null,
            undrawn: null,
            marks: null,
          },
        }
      : form;
  }
  const form = read(
    z.object({
      ...common,
      size: amount(units, 0.0001, 1e5),
      holds: orNothing(numeric(0.0001, 1e5)),
      undrawn: orNothing(numeric(0.0001, 1e5)),
      marks: orNothing(numeric(0.0001, 1e5)),
    }),
    tree,
  );
  if ('refused' in form) return form;
  const { size, holds, undrawn, marks: everySo, ...rest } = form.ok;
  const stays = DRAWN.includes(kind.data) ? undrawn : null;
  if (stays !== null && stays >= size.value)
    return { refused: [invalid('undrawn', 'at-most', { limit: size.value, seen: stays })] };
  const marks = DRAWN.includes(kind.data) ? everySo : null;
  if (marks !== null && marks > size.value)
    return { refused: [invalid('marks', 'at-most', { limit: size.value, seen: marks })] };
  const filled = kind.data === 'measure' ? holds : null;
  if (filled !== null && filled < size.value)
    return { refused: [invalid('holds', 'a-number-in-range', { from: size.value, to: 1e5 })] };
  return {
    ok: {
      kind: kind.data,
      ...rest,
      ...{ size: size.value, unit: size.unit, holds: filled, undrawn: stays, marks },
    },
  };
}

export interface CalibrationForm extends Calibration {
  readonly product: string;
  readonly note: string;
  readonly doneOn: string;
}

const MOST_READINGS = 60;
const BLANK = (value: unknown): boolean => typeof value !== 'string' || value.trim() === '';

/** The readings of a calibration, blank rows left out; each refusal names the row as it stands on the page. */
export function parseCalibration(of: EquipmentKind, fields: Fields): Result<CalibrationForm> {
  const kind = z.enum(CALIBRATION_KINDS).safeParse(fields.get('kind'));
  if (!kind.success || !CALIBRATIONS_OF[of].includes(kind.data))
    return { refused: [invalid('kind', 'one-of', { choices: CALIBRATIONS_OF[of] })] };
  const form = read(shapeOf(kind.data), treeOf(fields));
  if ('refused' in form) return form;
  const { readings, unit, setup, ...rest } = form.ok;
  const kept = readings.flatMap((reading) => (reading === null ? [] : [reading]));
  if (kept.length === 0) return { refused: [invalid('readings.0', 'needed')] };
  return {
    ok: { kind: kind.data, ...rest, unit: unit as Unit | '', setup: setup ?? null, readings: kept },
  };
}

function shapeOf(kind: CalibrationKind) {
  const reading = z.object(
    Object.fromEntries(READING_FIELDS[kind].map(({ key, from, to }) => [key, numeric(from, to)])),
  );
  const row = z.preprocess(
    (value) => (value === undefined || value === null || Object.values(value).every(BLANK) ? null : value),
    reading.nullable(),
  );
  const [units, setup] = [AMOUNT_UNITS[kind], SETUP_OF[kind]];
  return z.object({
    doneOn: dayField,
    product: plainText(120),
    note: plainText(500),
    unit: units.length > 0 ? z.enum(units) : z.preprocess(() => '', z.literal('')),
    setup: setup ? numeric(setup.from, setup.to) : z.preprocess(() => null, z.null()),
    readings: z.preprocess(
      (value) => (typeof value === 'object' && value !== null ? rowsOf(value) : []),
      z.array(row).max(MOST_READINGS),
    ),
  });
}

/** Numbered fields as a list, with what was not sent as a blank row. */
function rowsOf(value: object): unknown[] {
  const rows = value as Readonly<Record<string, unknown>>;
  const numbers = Object.keys(rows).filter((key) => /^\d{1,2}$/.test(key));
  return Array.from({ length: Math.max(0, ...numbers.map((n) => Number(n) + 1)) }, (_, i) => rows[i] ?? null);
}
