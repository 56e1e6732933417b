import type { CalendarDay, Quantity, Unit } from '../units';
import {
  calibrated,
  MAKERS_FIGURE,
  type Calibration,
  type CalibrationKind,
  type EquipmentKind,
} from './book';
import type { GatePoint } from './gate';

/** What the latest calibration of a kind came to. */
export interface Proven {
  /** null: nobody measured it, the figure is its maker's and unproven. */
  readonly doneOn: CalendarDay | null;
  readonly value: number;
  readonly unit: Unit;
  readonly per: Quantity | null;
  readonly spreadPct: number | null;
  readonly product: string;
  /** As it was measured once for all readings: of drops the mm across one. */
  readonly setup: number | null;
  /** Of weighed passes and dials: what each setting delivered, in `unit` for each `per`. */
  readonly gate: readonly GatePoint[];
}
export type ProvenOf = Readonly<Partial<Record<CalibrationKind, Proven>>>;

/** Of a tool's book the latest calibration of each kind; what cannot be worked out is left out. */
export function provenBy(
  book: readonly (Calibration & { readonly doneOn: CalendarDay; readonly product: string })[],
): ProvenOf {
  const found: Partial<Record<CalibrationKind, Proven>> = {};
  for (const done of book) {
    if ((found[done.kind]?.doneOn ?? '') > done.doneOn) continue;
    const result = calibrated(done);
    if (!('ok' in result)) continue;
    const { repeats, unit, per, values } = result.ok;
    found[done.kind] = {
      ...{ doneOn: done.doneOn, product: done.product, setup: done.setup, unit, per },
      value: repeats.mean,
      // Passes at several settings are not repeats of one thing.
      spreadPct: settingsOf(done) > 1 || done.kind === 'pan-test' ? null : repeats.spreadPct,
      gate:
        done.kind === 'weighed-pass' || done.kind === 'dial'
          ? done.readings.map(({ setting = 0 }, i) => ({ setting, delivered: values[i] ?? 0 }))
          : [],
    };
  }
  return found;
}

const settingsOf = ({ readings }: Calibration): number =>
  new Set(readings.map(({ setting }) => setting)).size;

/** What was proven of a tool, and what its maker says of it where that was never measured. */
export function orMakers(proven: ProvenOf, of: EquipmentKind, makers: number | null): ProvenOf {
  const figure = MAKERS_FIGURE[of];
  if (!figure || makers === null || proven[figure.kind]) return proven;
  const { kind, unit, per } = figure;
  const said: Proven = {
    ...{ doneOn: null, value: makers, unit, per, spreadPct: null, product: '', setup: null, gate: [] },
  };
  return { ...proven, [kind]: said };
}
