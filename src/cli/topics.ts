import type { z } from 'zod';
import {
  catchCups,
  dyeWalk,
  grid,
  hoseEndJug,
  hoseRatio,
  irrigation,
  nozzleFlow,
  pace,
  sprayTime,
  walk,
  weighedPass,
} from '../lib/core/equipment';
import { activeIn, dose, progress } from '../lib/core/dose';
import { identify } from '../lib/core/identify';
import type { Point } from '../lib/core/geometry';
import { groundOf, trimPass } from '../lib/core/clip';
import { lanesOver } from '../lib/core/place';
import { answer, invalid, isRefused, type Result } from '../lib/core/result';
import { efficacy } from '../lib/core/review';
import { findWindows, retreat } from '../lib/core/schedule';
import { measureArea, measureBand } from '../lib/core/ground';
import { aboveZero, convert, firstRefusals, fromBase, inBase, measures, type Unit } from '../lib/core/units';
import * as shapes from '../lib/forms/calc/schemas';
import { checkWindows, hourText, parseHour, windowsSchema } from '../lib/forms/calc/windows-schema';
import { read } from '../lib/forms';

type Topic = (input: unknown) => Result<unknown>;

function topic<S extends z.ZodType>(schema: S, run: (input: z.output<S>) => Result<unknown>): Topic {
  return (raw) => {
    const input = read(schema, raw);
    return isRefused(input) ? input : run(input.ok);
  };
}

const hasKey = (raw: unknown, key: string): boolean => typeof raw === 'object' && raw !== null && key in raw;
const band = topic(shapes.measureBandSchema, measureBand);
const area = topic(shapes.measureAreaSchema, measureArea);

/** Every topic of the calculation contract that exists, by its name. */
export const TOPICS: ReadonlyMap<string, Topic> = new Map<string, Topic>([
  ['convert', topic(shapes.convertSchema, convert)],
  ['dose', topic(shapes.doseSchema, dose)],
  ['calibrate', topic(shapes.calibrateSchema, calibrate)],
  ['measure', (raw) => (hasKey(raw, 'walls') ? band(raw) : area(raw))],
  ['lanes', topic(shapes.lanesSchema, lanes)],
  ['identify', topic(shapes.identifySchema, identify)],
  ['efficacy', topic(shapes.efficacySchema, efficacy)],
  ['active', topic(shapes.activeSchema, activeIn)],
  ['progress', topic(shapes.progressSchema, progress)],
  ['retreat', topic(shapes.retreatSchema, retreat)],
  ['windows', topic(windowsSchema, windows)],
]);

function calibrate(input: z.output<typeof shapes.calibrateSchema>): Result<unknown> {
  switch (input.kind) {
    case 'flow':
      return nozzleFlow(input);
    case 'walk':
      return walk(input);
    case 'spreader':
      return weighedPass(input);
    case 'hose-end':
      return hoseEndJug(input);
    case 'hose-ratio':
      return hoseRatio(input);
    case 'irrigation':
      return irrigation(input);
    case 'grid':
      return grid(input);
    case 'dye':
      return dyeWalk(input);
    case 'sprinkler':
      return catchCups(input);
    case 'pace':
      return pace(input);
    case 'spray-time':
      return sprayTime(input);
  }
}

/** The core reckons in metres: what came in another unit goes back in it. */
function lanes(input: z.output<typeof shapes.lanesSchema>): Result<unknown> {
  const overlap = input.overlap ?? 0;
  const refused = firstRefusals<string>(
    () => [
      ...aboveZero('swath.value', input.swath.value),
      ...(overlap >= 0 && overlap < 1
        ? []
        : [invalid('overlap', 'a-number-in-range', { from: 0, to: 1, seen: overlap })]),
    ],
    () => [
      ...measures('unit', { value: 0, unit: input.unit }, 'length'),
      ...measures('swath.unit', input.swath, 'length'),
    ],
  );
  if (refused.length > 0) return { refused };
  const metres = (points: readonly Point[]): Point[] =>
    points.map(([x, y]) => [convertFrom(x, input.unit), convertFrom(y, input.unit)]);
  const ground = groundOf(metres(input.outline), (input.holes ?? []).map(metres));
  if (isRefused(ground)) return ground;
  const swath = inBase(input.swath);
  const found = lanesOver({
    figure: ground.ok,
    ...{ swath, overlap, direction: input.direction ?? 'auto', edges: input.edges ?? 'cover' },
    trim: input.trim ? trimPass(ground.ok, swath, overlap) : null,
  });
  if (isRefused(found)) return found;
  const told = (m: number): number => fromBase(m, input.unit);
  const { direction, lanes, lineCount, coveredPct, doubledPct, overPct } = found.ok;
  return answer({
    direction,
    lanes: lanes.map((lane) => lane.map(told)),
    lineCount,
    sprayedLength: told(found.ok.sprayedLength),
    trimLength: told(found.ok.trimLength),
    pathLength: told(found.ok.pathLength),
    ...{ coveredPct, doubledPct, overPct },
  });
}

const convertFrom = (value: number, unit: Unit): number => inBase({ value, unit });

function windows(input: z.output<typeof windowsSchema>): Result<unknown> {
  const refused = checkWindows(input);
  const start = parseHour(input.start);
  if (refused.length > 0 || start === null) return { refused };
  const found = findWindows({ ...input, startHour: start.hour }, input.limits);
  const iso = (index: number): string => hourText(start.hour + index, start.minute);
  return answer({
    windows: found.windows.map(({ from, to, ...rest }) => ({ from: iso(from), to: iso(to), ...rest })),
    blocked: found.blocked,
  });
}
