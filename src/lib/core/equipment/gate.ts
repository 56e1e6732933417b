import { meanOf } from './repeats';

/** What a spreader delivered at a gate setting, in any one unit for any one area. */
export interface GatePoint {
  readonly setting: number;
  readonly delivered: number;
}

/** delivered = a × setting^b, from weighed passes. */
export interface GateCurve {
  readonly a: number;
  readonly b: number;
  /** The settings that were tried. */
  readonly from: number;
  readonly to: number;
  /** How far a pass lies from the curve as a rule, as a share. */
  readonly spread: number;
}

/** Two settings leave nothing to judge the curve by; and no pass is walked and weighed better than this. */
const SPREAD_UNKNOWN = 0.1;
const SPREAD_LEAST = 0.03;
/** Beyond so much of the settings that were tried the curve is a guess. */
const BEYOND = 1.2;

/**
 * A power curve through weighed passes at two or more settings, by least squares of the logarithms. null with fewer than
 * two settings, or where a wider gate did not deliver more. Settings and amounts above 0; others are left out.
 */
export function gateCurve(points: readonly GatePoint[]): GateCurve | null {
  const used = points.filter(({ setting, delivered }) => setting > 0 && delivered > 0);
  const settings = used.map(({ setting }) => setting);
  if (new Set(settings).size < 2) return null;
  const [xs, ys] = [settings.map(Math.log), used.map(({ delivered }) => Math.log(delivered))];
  const [x0, y0] = [meanOf(xs), meanOf(ys)];
  const sum = (of: (i: number) => number): number => xs.reduce((total, _, i) => total + of(i), 0);
  const [dx, dy] = [(i: number) => (xs[i] ?? 0) - x0, (i: number) => (ys[i] ?? 0) - y0];
  const b = sum((i) => dx(i) * dy(i)) / sum((i) => dx(i) ** 2);
  if (!(b > 0)) return null;
  const off = sum((i) => (dy(i) - b * dx(i)) ** 2);
  return {
    ...{ a: Math.exp(y0 - b * x0), b, from: Math.min(...settings), to: Math.max(...settings) },
    spread: used.length < 3 ? SPREAD_UNKNOWN : Math.max(SPREAD_LEAST, Math.sqrt(off / (used.length - 2))),
  };
}

/** What the curve says that a setting delivers. */
export const deliveredAt = ({ a, b }: GateCurve, setting: number): number => a * setting ** b;

/**
 * The setting to try next for a wanted delivery above 0, the settings between which it lies by the spread of the passes,
 * and whether that is beyond what was tried.
 */
export function gateFor(
  curve: GateCurve,
  wanted: number,
): { readonly setting: number; readonly low: number; readonly high: number; readonly beyond: boolean } {
  const at = (delivery: number): number => (delivery / curve.a) ** (1 / curve.b);
  const setting = at(wanted);
  return {
    setting,
    low: at(wanted * (1 - curve.spread)),
    high: at(wanted * (1 + curve.spread)),
    beyond: setting > curve.to * BEYOND || setting < curve.from / BEYOND,
  };
}
