import type { CalendarDay, Quantity, Unit } from '../units';
import { calibrated, type Calibration, type CalibrationKind } from './book';
import type { GatePoint } from './gate';

/** What the latest calibration of a kind came to. */
export interface Proven {
  readonly doneOn: CalendarDay;
  readonly value: number;
  readonly unit: Unit;
  readonly per: Quantity | null;
  readonly spreadPct: number | null;
  readonly product: string;
  /** As it was measured once for all readings: of drops the mm across one. */
  readonly setup: number | null;
  /** Of weighed passes: what each gate setting delivered, in `unit` for each `per`. */
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
      ...{ value: repeats.mean, spreadPct: repeats.spreadPct },
      gate:
        done.kind === 'weighed-pass'
          ? done.readings.map(({ setting = 0 }, i) => ({ setting, delivered: values[i] ?? 0 }))
          : [],
    };
  }
  return found;
}
