import { polygonArea, simplePolygon, type Point, type PolygonRefusal } from '../geometry';
import { answer, invalid, refusal, refuse, type Refusal, type Result } from '../result';
import {
  firstRefusals,
  fromBase,
  inBase,
  isAbove,
  measures,
  notNegative,
  quantity,
  type LengthUnit,
  type Quantity,
  type Unit,
} from '../units';

export type Shape =
  | { readonly kind: 'rectangle'; readonly length: Quantity; readonly width: Quantity }
  | { readonly kind: 'circle'; readonly radius: Quantity }
  | { readonly kind: 'triangle'; readonly base: Quantity; readonly height: Quantity }
  | { readonly kind: 'paced'; readonly paces: readonly [number, number] }
  | { readonly kind: 'polygon'; readonly points: readonly Point[]; readonly unit: Unit };

export interface MeasureInput {
  readonly parts: readonly Shape[];
  readonly minus?: readonly Shape[] | undefined;
  /** Length of one pace. */
  readonly pace?: Quantity | undefined;
  /** How far the pace may be off, in percent: 0 ≤ e < 100. */
  readonly paceErrorPct?: number | undefined;
  readonly unit: Unit;
}

export interface MeasuredArea {
  readonly area: Quantity;
  readonly areaLow?: Quantity;
  readonly areaHigh?: Quantity;
}

export type MeasureRefusal =
  'invalid-input' | 'units-do-not-match' | 'pace-missing' | 'area-not-positive' | PolygonRefusal;

/**
 * The estimate of an area without a drawing: parts summed as they stand, less what is left out. With a pace error the
 * area is told again for a pace that much shorter and longer (paced sides share the error, so it squares).
 *
 * @example measureArea({ parts: [{ kind: 'paced', paces: [22, 17] }], pace: 2.4 ft, unit: 'ft2' }) // 2154.24 ft²
 */
export function measureArea(input: MeasureInput): Result<MeasuredArea, MeasureRefusal> {
  const shapes = [
    ...input.parts.map((shape, i) => ({ shape, path: `parts.${i}` })),
    ...(input.minus ?? []).map((shape, i) => ({ shape, path: `minus.${i}` })),
  ];
  const refused = firstRefusals<MeasureRefusal>(
    () => signsOf(input, shapes),
    () => [
      ...measures('unit', { value: 0, unit: input.unit }, 'area'),
      ...measures('pace.unit', input.pace, 'length'),
      ...shapes.flatMap(({ shape, path }) => unitsOf(shape, path)),
    ],
    () => shapes.flatMap(({ shape, path }) => ownRules(shape, path, input.pace)),
  );
  if (refused.length > 0) return { refused };

  const pace = input.pace ? inBase(input.pace) : 0;
  const parts = sumOf(input.parts, pace);
  const net = parts - sumOf(input.minus ?? [], pace);
  if (!(net > 1e-9 * parts)) return refuse('area-not-positive', 'parts', { area: fromBase(net, input.unit) });
  const area = quantity(fromBase(net, input.unit), input.unit);
  if (input.paceErrorPct === undefined) return answer({ area });
  const error = input.paceErrorPct / 100;
  const [one, other] = [pace * (1 - error), pace * (1 + error)].map((length) =>
    fromBase(sumOf(input.parts, length) - sumOf(input.minus ?? [], length), input.unit),
  ) as [number, number];
  return answer({
    area,
    areaLow: quantity(Math.min(one, other), input.unit),
    areaHigh: quantity(Math.max(one, other), input.unit),
  });
}

const sumOf = (shapes: readonly Shape[], pace: number): number =>
  shapes.reduce((sum, shape) => sum + squareMetres(shape, pace), 0);

function squareMetres(shape: Shape, pace: number): number {
  switch (shape.kind) {
    case 'rectangle':
      return inBase(shape.length) * inBase(shape.width);
    case 'circle':
      return Math.PI * inBase(shape.radius) ** 2;
    case 'triangle':
      return (inBase(shape.base) * inBase(shape.height)) / 2;
    case 'paced':
      return shape.paces[0] * shape.paces[1] * pace ** 2;
    case 'polygon':
      return polygonArea(shape.points) * inBase(quantity(1, shape.unit)) ** 2;
  }
}

function signsOf(
  input: MeasureInput,
  shapes: readonly { shape: Shape; path: string }[],
): Refusal<'invalid-input'>[] {
  const error = input.paceErrorPct;
  return [
    ...shapes.flatMap(({ shape, path }) =>
      sidesOf(shape).flatMap(([key, value]) => notNegative(`${path}.${key}`, value)),
    ),
    ...notNegative('pace.value', input.pace?.value),
    ...(error === undefined || (error >= 0 && error < 100)
      ? []
      : [invalid('paceErrorPct', 'a-number-in-range', { from: 0, to: 100, seen: error })]),
  ];
}

function sidesOf(shape: Shape): [string, number][] {
  switch (shape.kind) {
    case 'rectangle':
      return [
        ['length.value', shape.length.value],
        ['width.value', shape.width.value],
      ];
    case 'circle':
      return [['radius.value', shape.radius.value]];
    case 'triangle':
      return [
        ['base.value', shape.base.value],
        ['height.value', shape.height.value],
      ];
    case 'paced':
      return [
        ['paces.0', shape.paces[0]],
        ['paces.1', shape.paces[1]],
      ];
    case 'polygon':
      return [];
  }
}

function unitsOf(shape: Shape, path: string): Refusal<'units-do-not-match'>[] {
  switch (shape.kind) {
    case 'rectangle':
      return [
        ...measures(`${path}.length.unit`, shape.length, 'length'),
        ...measures(`${path}.width.unit`, shape.width, 'length'),
      ];
    case 'circle':
      return [...measures(`${path}.radius.unit`, shape.radius, 'length')];
    case 'triangle':
      return [
        ...measures(`${path}.base.unit`, shape.base, 'length'),
        ...measures(`${path}.height.unit`, shape.height, 'length'),
      ];
    case 'polygon':
      return [...measures(`${path}.unit`, { value: 0, unit: shape.unit }, 'length')];
    case 'paced':
      return [];
  }
}

function ownRules(
  shape: Shape,
  path: string,
  pace: Quantity | undefined,
): readonly Refusal<MeasureRefusal>[] {
  if (shape.kind === 'paced') return pace ? [] : [refusal('pace-missing', 'pace')];
  if (shape.kind !== 'polygon') return [];
  const polygon = simplePolygon(shape.points, `${path}.points`);
  return 'refused' in polygon ? polygon.refused : [];
}

export interface WallInput {
  readonly walls: readonly { readonly length: Quantity; readonly edge: 'soil' | 'hard' }[];
  readonly up: Quantity;
  readonly out: Quantity;
  readonly unit: Unit;
  readonly wallAboveHard?: boolean | undefined;
}

/**
 * The foundation band along the walls: up on the wall and out on the soil. Over hard ground no band is allowed, only
 * its joints; their length is told apart.
 */
export function measureBand(
  input: WallInput,
): Result<{ area: Quantity; crackLength: Quantity }, 'invalid-input' | 'units-do-not-match'> {
  const { walls, up, out, unit } = input;
  const first = walls[0];
  if (!first) return refuse('invalid-input', 'walls', { expected: 'not-empty' });
  const refused = firstRefusals<'invalid-input' | 'units-do-not-match'>(
    () => [
      ...walls.flatMap((wall, i) => notNegative(`walls.${i}.length.value`, wall.length.value)),
      ...notNegative('up.value', up.value),
      ...notNegative('out.value', out.value),
    ],
    () => [
      ...walls.flatMap((wall, i) => measures(`walls.${i}.length.unit`, wall.length, 'length')),
      ...measures('up.unit', up, 'length'),
      ...measures('out.unit', out, 'length'),
      ...measures('unit', { value: 0, unit }, 'area'),
    ],
  );
  if (refused.length > 0) return { refused };
  const metresOf = (edge: 'soil' | 'hard'): number =>
    walls.filter((wall) => wall.edge === edge).reduce((sum, wall) => sum + inBase(wall.length), 0);
  const [soil, hard] = [metresOf('soil'), metresOf('hard')];
  const area = inBase(up) * (soil + (input.wallAboveHard ? hard : 0)) + inBase(out) * soil;
  const lengthUnit = first.length.unit as LengthUnit;
  return answer({
    area: quantity(fromBase(area, unit), unit),
    crackLength: quantity(fromBase(hard, lengthUnit), lengthUnit),
  });
}

/** True where the label's most, kept on the area as measured, would be passed on the small end of the error band. */
export function passesMostOnSmallEnd(area: MeasuredArea, rate: number, most: number): boolean {
  return area.areaLow !== undefined && isAbove((rate * area.area.value) / area.areaLow.value, most);
}
