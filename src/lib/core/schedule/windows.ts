import { byCodeUnit, isAbove } from '../units';

export interface WindowLimits {
  readonly minWindKmh?: number | undefined;
  readonly maxWindKmh?: number | undefined;
  readonly avoidTowards?: { readonly fromDeg: number; readonly toDeg: number } | undefined;
  readonly minTempC?: number | undefined;
  readonly maxTempC?: number | undefined;
  readonly minSoilC?: number | undefined;
  readonly maxSoilC?: number | undefined;
  readonly rainNowMaxMm?: number | undefined;
  readonly dryBefore?: RainLimit | undefined;
  readonly dryAfter?: RainLimit | undefined;
  readonly heavyRain?: RainLimit | undefined;
  readonly hoursOfDay?: readonly [from: number, to: number] | undefined;
  readonly jobHours?: number | undefined;
  readonly rainWanted?: RainLimit | undefined;
}

export interface RainLimit {
  readonly hours: number;
  readonly mm: number;
}

/** Hourly lists of one length; entry h is the hour that begins at start + h. Lists that no limit needs may be absent. */
export interface Hours {
  /** Whole hour of the first entry, in hours since the epoch of the place's fixed offset. */
  readonly startHour: number;
  readonly tempC: readonly number[];
  readonly soilC?: readonly number[] | undefined;
  readonly windKmh: readonly number[];
  readonly windFromDeg?: readonly number[] | undefined;
  readonly rainMm: readonly number[];
  readonly also?: ReadonlyMap<string, readonly boolean[]> | undefined;
}

export interface WorkWindow {
  /** Index of its first hour, and of the hour after its last. */
  readonly from: number;
  readonly to: number;
  readonly waterInMm?: readonly number[];
}

const RAIN_NOISE_MM = 1e-9;

/**
 * The hours in which the work may be done. Each hour has the sorted codes of what blocks it; a window is a maximal run
 * of free hours at least `jobHours` long. With `rainWanted` each hour of a window says how many mm are missing after
 * the rain of the hours that follow it. The limits' lists must be there; the caller checks the shape.
 */
export function findWindows(
  hours: Hours,
  limits: WindowLimits,
): { windows: WorkWindow[]; blocked: string[][] } {
  const count = hours.tempC.length;
  const blocked = Array.from({ length: count }, (_, h) => blockedBy(hours, limits, h));
  const windows: WorkWindow[] = [];
  let from = 0;
  for (let h = 0; h <= count; h++) {
    if (h < count && blocked[h]?.length === 0) continue;
    if (h - from >= (limits.jobHours ?? 1) && h > from) windows.push(windowOf(hours, limits, from, h));
    from = h + 1;
  }
  return { windows, blocked };
}

function windowOf(hours: Hours, { rainWanted }: WindowLimits, from: number, to: number): WorkWindow {
  if (!rainWanted) return { from, to };
  const waterInMm = Array.from({ length: to - from }, (_, i) =>
    Math.max(0, rainWanted.mm - rainAfter(hours, from + i, rainWanted.hours)),
  );
  return { from, to, waterInMm };
}

function blockedBy(hours: Hours, limits: WindowLimits, h: number): string[] {
  const wind = hours.windKmh[h] ?? 0;
  const temp = hours.tempC[h] ?? 0;
  const soil = hours.soilC?.[h] ?? 0;
  const codes: string[] = [];
  const block = (code: string, when: boolean): void => {
    if (when) codes.push(code);
  };
  block('wind', limits.maxWindKmh !== undefined && isAbove(wind, limits.maxWindKmh));
  block('calm', limits.minWindKmh !== undefined && isAbove(limits.minWindKmh, wind));
  block(
    'drift',
    limits.avoidTowards !== undefined && blowsInto(hours.windFromDeg?.[h] ?? 0, limits.avoidTowards),
  );
  block('cold', limits.minTempC !== undefined && isAbove(limits.minTempC, temp));
  block('hot', limits.maxTempC !== undefined && isAbove(temp, limits.maxTempC));
  block('soil-cold', limits.minSoilC !== undefined && isAbove(limits.minSoilC, soil));
  block('soil-hot', limits.maxSoilC !== undefined && isAbove(soil, limits.maxSoilC));
  block('raining', (hours.rainMm[h] ?? 0) > (limits.rainNowMaxMm ?? 0) + RAIN_NOISE_MM);
  block(
    'wet-ground',
    limits.dryBefore !== undefined &&
      rainBefore(hours, h, limits.dryBefore.hours) > limits.dryBefore.mm + RAIN_NOISE_MM,
  );
  rainToCome(hours, limits, h).forEach((code) => block(code, true));
  block(
    'out-of-hours',
    limits.hoursOfDay !== undefined && outside((hours.startHour + h) % 24, limits.hoursOfDay),
  );
  for (const [code, list] of hours.also ?? []) block(code, list[h] === true);
  return [...new Set(codes)].sort(byCodeUnit);
}

/** `rain-soon` and `heavy-rain`, or `forecast-ends` for the one whose hours run past the data. */
function rainToCome(hours: Hours, { dryAfter, heavyRain }: WindowLimits, h: number): string[] {
  const codes: string[] = [];
  const ends = (ahead: number): boolean => h + ahead >= hours.rainMm.length;
  if (dryAfter) {
    if (ends(dryAfter.hours)) codes.push('forecast-ends');
    else if (rainAfter(hours, h, dryAfter.hours) > dryAfter.mm + RAIN_NOISE_MM) codes.push('rain-soon');
  }
  if (heavyRain) {
    if (ends(heavyRain.hours)) codes.push('forecast-ends');
    else if (rainAfter(hours, h, heavyRain.hours) >= heavyRain.mm - RAIN_NOISE_MM) codes.push('heavy-rain');
  }
  return codes;
}

const rainAfter = (hours: Hours, h: number, count: number): number =>
  sum(hours.rainMm.slice(h + 1, h + 1 + count));
const rainBefore = (hours: Hours, h: number, count: number): number =>
  sum(hours.rainMm.slice(Math.max(0, h - count), h));
const sum = (list: readonly number[]): number => list.reduce((all, n) => all + n, 0);

/** Wind from a bearing blows towards the opposite one; true when that lies in [fromDeg, toDeg] clockwise. */
function blowsInto(fromDeg: number, sector: { fromDeg: number; toDeg: number }): boolean {
  const turn = (deg: number): number => ((deg % 360) + 360) % 360;
  const towards = turn(fromDeg + 180 - sector.fromDeg);
  const width = sector.toDeg - sector.fromDeg >= 360 ? 360 : turn(sector.toDeg - sector.fromDeg);
  return !isAbove(towards, width) || towards > 360 - 1e-9;
}

/** [from, to) of the day; from later than to runs past midnight. */
function outside(hour: number, [from, to]: readonly [number, number]): boolean {
  const clock = (hour + 24) % 24;
  return from <= to ? clock < from || clock >= to : clock < from && clock >= to;
}
