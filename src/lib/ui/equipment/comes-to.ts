import type { Calibrated, CalibrationKind } from '../../core/equipment';
import { unitText, type Show } from '../../words';

/** What a calibration comes to, with its spread: "36.8 fl oz a minute, 1.1 % apart in 3". */
export function comesToText(
  { repeats, values, unit, per, uniformity }: Calibrated,
  kind: CalibrationKind,
  show: Show,
): string {
  // Passes at several settings, and trays, have no mean that means anything.
  if (kind === 'pan-test') return `${repeats.n} trays`;
  if (kind === 'weighed-pass' || kind === 'dial')
    return `${repeats.n} ${kind === 'dial' ? (repeats.n === 1 ? 'setting' : 'settings') : repeats.n === 1 ? 'pass' : 'passes'}: ${values.map((value) => show.numberText(kind === 'dial' ? value : show.onGround(value))).join(', ')} ${unitText(unit)}${per ? ` per ${show.perText(kind === 'dial' ? per : show.ground)}` : ''}`;
  const value =
    kind === 'speed'
      ? `${show.numberText(repeats.mean)} m/s, ${show.lengthText(repeats.mean * 60)} a minute`
      : kind === 'pace'
        ? `${show.lengthText(repeats.mean)} a pace`
        : kind === 'cups'
          ? `${show.rainText(repeats.mean)} an hour, driest quarter ${Math.round((uniformity ?? 0) * 100)} % of the mean`
          : `${show.numberText(repeats.mean)} ${unitText(unit)}${AFTER[kind] ?? ''}`;
  const spread =
    repeats.spreadPct === null
      ? ''
      : `, spread ${show.numberText(Number(repeats.spreadPct.toFixed(1)))} % over ${repeats.n}`;
  return `${value}${spread}`;
}

const AFTER: Readonly<Partial<Record<CalibrationKind, string>>> = {
  flow: ' a minute',
  drops: ' a drop',
  jug: ' from one jug',
};
