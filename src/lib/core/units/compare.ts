/** Noise of floating arithmetic, relative to the larger of the two numbers compared. */
const NOISE = 1e-9;

/** a > b by more than arithmetic noise: a − b > 1e-9·max(|a|, |b|). `isAbove(0.1 + 0.2, 0.3)` is false. */
export function isAbove(a: number, b: number): boolean {
  return a - b > NOISE * Math.max(Math.abs(a), Math.abs(b));
}

/** ⌈x − 1e-9·max(1, x)⌉: a job of 6.0000000001 tanks takes six. */
export function ceilOf(x: number): number {
  return Math.ceil(x - NOISE * Math.max(1, x));
}

/** ⌊x + 1e-9·max(1, x)⌋: 2.9999999999 grid steps are three. */
export function floorOf(x: number): number {
  return Math.floor(x + NOISE * Math.max(1, x));
}

/** Nearest whole number, halves up, with the same tolerance: ⌊x + 0.5⌋. */
export function roundHalfUp(x: number): number {
  return floorOf(x + 0.5);
}

/** Order of names by code unit, the same on every machine and in every language. */
export function byCodeUnit(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}
