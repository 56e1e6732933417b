import type { Ends, UseInHand } from '../labels';
import type { MethodRow } from '../method';
import type { WeatherHour } from '../weather';
import { findWindows, type WindowLimits, type WorkWindow } from './windows';

/** Calm air under this often is an inversion: not safe, but a Care. */
const CALM_BELOW_KMH = 5;
/** More rain than this in the rain-free hours of a label counts as rain. */
const TRACE_MM = 0.2;
const DAYLIGHT: readonly [number, number] = [6, 20];
/** Living products go down late, at night or early, out of the sun. */
const OUT_OF_SUN: readonly [number, number] = [17, 9];
/** Laid from dusk on, to be lifted at dawn. */
const FOR_THE_NIGHT: readonly [number, number] = [17, 23];
/** When all of them are home and none flies at a light: by the clock, since nightfall is judged on the spot. */
const AFTER_DARK: readonly [number, number] = [21, 5];

const BY_METHOD: Readonly<Partial<Record<MethodRow['hours'], readonly [number, number]>>> = {
  night: FOR_THE_NIGHT,
  dark: AFTER_DARK,
};

export interface Forecast {
  /** Hours since the epoch in the place's fixed offset. */
  readonly startHour: number;
  readonly issuedHour: number;
  readonly source: 'stand-in' | 'typed';
  readonly hours: readonly WeatherHour[];
}

export interface JudgedHour {
  readonly hour: number;
  readonly state: 'fits' | 'care' | 'no';
  readonly because: readonly string[];
  readonly rainMm: number;
}

export interface JudgedHours {
  readonly hours: readonly JudgedHour[];
  readonly windows: readonly {
    readonly from: number;
    readonly to: number;
    readonly waterInMm: number | null;
  }[];
}

export interface HourCircumstances {
  /** Bearings, clockwise, towards which nothing may drift: open water, neighbours' beds. */
  readonly avoidTowards: { readonly fromDeg: number; readonly toDeg: number } | null;
  readonly jobHours: number;
  /** What the method asks besides: laid in the evening for a night, out of the sun, or after dark. */
  readonly hours?: MethodRow['hours'];
  /** The work is done under a roof: only the hours of the day count. */
  readonly indoors: boolean;
}

/** The label's clauses about weather as limits of `windows`; a clause that is not stated sets none. */
export function limitsOf(
  use: UseInHand,
  { avoidTowards, jobHours, indoors, hours = 'any' }: HourCircumstances,
): WindowLimits {
  // Under a roof only the hours of the day count; a nest in the loft is one of the night.
  if (indoors)
    return { jobHours, hoursOfDay: hours === 'dark' ? AFTER_DARK : DAYLIGHT, rainNowMaxMm: Infinity };
  const lateOrEarly = use.keepFromSun || hours === 'dusk';
  return {
    jobHours,
    hoursOfDay: BY_METHOD[hours] ?? (lateOrEarly ? OUT_OF_SUN : DAYLIGHT),
    ...(use.maxWindKmh === null ? {} : { maxWindKmh: use.maxWindKmh }),
    ...(use.minWindKmh === null ? {} : { minWindKmh: use.minWindKmh }),
    ...ends(use.tempC, 'minTempC', 'maxTempC'),
    ...ends(use.soilC, 'minSoilC', 'maxSoilC'),
    ...(use.rainFreeHours === null ? {} : { dryAfter: { hours: use.rainFreeHours, mm: TRACE_MM } }),
    ...(avoidTowards && use.waterBufferM !== null ? { avoidTowards } : {}),
    ...(use.wateringIn ? { rainWanted: { hours: use.wateringIn.withinHours, mm: use.wateringIn.mm } } : {}),
    // What is laid on soaked ground for a night does not mind rain.
    rainNowMaxMm: hours === 'night' ? Infinity : lateOrEarly ? 2 : 0,
  };
}

/** Go or no-go for every hour of a forecast, with reasons, and the windows long enough for the job. */
export function judgeHours(
  use: UseInHand,
  forecast: Forecast,
  circumstances: HourCircumstances,
): JudgedHours {
  const { hours, startHour } = forecast;
  const limits = limitsOf(use, circumstances);
  const found = findWindows(
    {
      startHour,
      tempC: hours.map((h) => h.tempC),
      soilC: hours.map((h) => h.soilC),
      windKmh: hours.map((h) => h.windKmh),
      windFromDeg: hours.map((h) => h.windFromDeg),
      rainMm: hours.map((h) => h.rainMm),
    },
    limits,
  );
  const inWindow = (i: number): boolean => found.windows.some((w) => i >= w.from && i < w.to);
  return {
    hours: hours.map((weather, i) => {
      const blocked = found.blocked[i] ?? [];
      const calm = !circumstances.indoors && use.maxWindKmh !== null && weather.windKmh < CALM_BELOW_KMH;
      const state = blocked.length > 0 || !inWindow(i) ? 'no' : calm ? 'care' : 'fits';
      const because = blocked.length > 0 ? blocked : !inWindow(i) ? ['too-short'] : calm ? ['calm-air'] : [];
      return { hour: startHour + i, state, because, rainMm: weather.rainMm };
    }),
    windows: found.windows.map((w) => windowAt(w, startHour)),
  };
}

function windowAt(window: WorkWindow, startHour: number) {
  return {
    from: startHour + window.from,
    to: startHour + window.to,
    waterInMm: window.waterInMm ? Math.max(...window.waterInMm) : null,
  };
}

/** The limits of a range, those of its ends that are stated. */
const ends = <A extends string, B extends string>(range: Ends | null, least: A, most: B) =>
  ({
    ...(range?.[0] == null ? {} : { [least]: range[0] }),
    ...(range?.[1] == null ? {} : { [most]: range[1] }),
  }) as Partial<Record<A | B, number>>;
