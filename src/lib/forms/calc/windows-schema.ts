import { z } from 'zod';
import { invalid, type Refusal } from '../../core/result';
import { parseDay, dayNumber } from '../../core/units';
import { list, mapOf, number, optional, flag } from '../shape';

const MOST_HOURS = 20_000;
const HOUR = /^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3])(?::([0-5]\d)(?::[0-5]\d)?)?$/;
const hourly = list(number, MOST_HOURS);
const rain = z.strictObject({ hours: number, mm: number });

/** Whole hours since 1970-01-01T00 of the place's own fixed offset, and the minutes past the hour. */
export function parseHour(text: string): { hour: number; minute: number } | null {
  const match = HOUR.exec(text);
  const day = match?.[1] ? parseDay(match[1]) : null;
  if (!match || day === null) return null;
  return { hour: dayNumber(day) * 24 + Number(match[2]), minute: Number(match[3] ?? 0) };
}

/** ISO text to the minute of an hour as `parseHour` counts it. */
export function hourText(hour: number, minute = 0): string {
  return new Date((hour * 60 + minute) * 60_000).toISOString().slice(0, 16);
}

export const windowsSchema = z.strictObject({
  start: z.string().refine((text) => parseHour(text) !== null, { params: { expected: 'an-hour' } }),
  tempC: hourly,
  soilC: optional(hourly),
  windKmh: hourly,
  windFromDeg: optional(hourly),
  rainMm: hourly,
  also: optional(mapOf(list(flag, MOST_HOURS))),
  limits: z.strictObject({
    minWindKmh: optional(number),
    maxWindKmh: optional(number),
    avoidTowards: optional(z.strictObject({ fromDeg: number, toDeg: number })),
    minTempC: optional(number),
    maxTempC: optional(number),
    minSoilC: optional(number),
    maxSoilC: optional(number),
    rainNowMaxMm: optional(number),
    dryBefore: optional(rain),
    dryAfter: optional(rain),
    heavyRain: optional(rain),
    hoursOfDay: optional(z.tuple([number, number])),
    jobHours: optional(number),
    rainWanted: optional(rain),
  }),
});

export type WindowsInput = z.output<typeof windowsSchema>;

/** What the shape alone cannot say: lists of one length, limits with their list, signs and whole hours. */
export function checkWindows(input: WindowsInput): Refusal<'invalid-input'>[] {
  const { limits } = input;
  const count = input.tempC.length;
  const lists: [string, readonly unknown[] | undefined][] = [
    ['soilC', input.soilC],
    ['windKmh', input.windKmh],
    ['windFromDeg', input.windFromDeg],
    ['rainMm', input.rainMm],
    ...[...(input.also ?? [])].map(([code, list]): [string, readonly unknown[]] => [`also.${code}`, list]),
  ];
  const needsSoil = limits.minSoilC !== undefined || limits.maxSoilC !== undefined;
  const rains = ['dryBefore', 'dryAfter', 'heavyRain', 'rainWanted'] as const;
  const whole = (path: string, value: number, from: number, to = Infinity): Refusal<'invalid-input'>[] =>
    Number.isInteger(value) && value >= from && value <= to
      ? []
      : [invalid(path, 'whole-number', { from, seen: value })];
  return [
    ...lists.flatMap(([path, entries]) =>
      entries === undefined || entries.length === count
        ? []
        : [invalid(path, 'lists-of-one-length', { length: count })],
    ),
    ...[...input.windKmh.entries()].flatMap(([i, v]) =>
      v >= 0 ? [] : [invalid(`windKmh.${i}`, 'not-negative', { seen: v })],
    ),
    ...[...input.rainMm.entries()].flatMap(([i, v]) =>
      v >= 0 ? [] : [invalid(`rainMm.${i}`, 'not-negative', { seen: v })],
    ),
    ...(needsSoil && !input.soilC
      ? [invalid('soilC', 'needs-other-key', { key: 'limits.minSoilC', needs: 'soilC' })]
      : []),
    ...(limits.avoidTowards && !input.windFromDeg
      ? [invalid('windFromDeg', 'needs-other-key', { key: 'limits.avoidTowards', needs: 'windFromDeg' })]
      : []),
    ...(['minWindKmh', 'maxWindKmh', 'rainNowMaxMm'] as const).flatMap((key) =>
      (limits[key] ?? 0) >= 0 ? [] : [invalid(`limits.${key}`, 'not-negative', { seen: limits[key] ?? 0 })],
    ),
    ...rains.flatMap((key) => [
      ...(limits[key] ? whole(`limits.${key}.hours`, limits[key].hours, 0) : []),
      ...((limits[key]?.mm ?? 0) >= 0 ? [] : [invalid(`limits.${key}.mm`, 'not-negative')]),
    ]),
    ...(limits.jobHours === undefined ? [] : whole('limits.jobHours', limits.jobHours, 1)),
    ...(limits.hoursOfDay ?? []).flatMap((hour, i) => whole(`limits.hoursOfDay.${i}`, hour, 0, 24)),
  ];
}
