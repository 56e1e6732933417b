import type { DoseAnswer } from '../dose';
import { gridOver, type Ground } from '../ground';
import type { Point } from '../geometry';
import { inBase, quantity, type Quantity } from '../units';
import type { MeasureBody, PlacesOfKind } from './facts';

/** Places that are treated one by one. */
export interface Points {
  readonly total: number;
  /** By kind, as they were listed; empty where only their number is known. */
  readonly kinds: readonly PlacesOfKind[];
  /** What each place gets of the product; null while no amount is known. */
  readonly each: Quantity | null;
  /** Of the finished mix, where there is one. */
  readonly eachMix: Quantity | null;
  readonly grid: {
    readonly rows: number;
    readonly columns: number;
    /** In metres, x along the length. */
    readonly at: readonly Point[];
    readonly lengthM: number;
    readonly widthM: number;
    readonly spacingM: number;
    /** No place of a cell lies further from a point than this. */
    readonly radiusM: number;
  } | null;
}

/** The places of a ground that is measured by them; null where there are none. */
export function pointsOf(
  body: MeasureBody | undefined,
  lawn: Ground | null,
  dose: DoseAnswer | null,
): Points | null {
  const total = lawn?.counted.places ?? 0;
  if (!body || !lawn || total === 0) return null;
  const share = ({ value, unit }: Quantity): Quantity => quantity(value / total, unit);
  return {
    total,
    kinds: (body.places ?? []).filter(({ kind }) => kind !== ''),
    each: dose ? share(dose.product) : null,
    eachMix: dose?.finished ? share(dose.finished) : null,
    grid: gridOf(body),
  };
}

function gridOf({ how, grid, length, width, unit }: MeasureBody): Points['grid'] {
  if (how !== 'grid' || !grid) return null;
  const over = {
    ...{ length: quantity(length, unit), width: quantity(width, unit) },
    ...{ spacing: quantity(grid.spacing, unit), pattern: grid.pattern },
  };
  const { rows, columns, radius } = gridOver(over);
  const [lengthM, widthM, spacingM] = [inBase(over.length), inBase(over.width), inBase(over.spacing)];
  // What is left over at the ends is shared between both.
  const first = (side: number, many: number): number => (side - (many - 1) * spacingM) / 2;
  const at: Point[] = [];
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      // Walked to and fro.
      const across = row % 2 === 0 ? column : columns - 1 - column;
      at.push([first(lengthM, columns) + across * spacingM, first(widthM, rows) + row * spacingM]);
    }
  return { rows, columns, at, lengthM, widthM, spacingM, radiusM: inBase(radius) };
}
