import { answer, refuse, type Result } from '../result';
import { floorOf, fromBase, inBase, quantity, valueIn, type Quantity } from '../units';
import { type Counted, type Ground, NOTHING_COUNTED, rectangleRing } from './ground';
import { measureArea, measureBand, type MeasureRefusal, type Shape, type WallInput } from './measure';

/** A further part of what is treated, added or taken off. */
export interface Part {
  readonly kind: 'rectangle' | 'circle' | 'triangle';
  /** Length, radius or base, and width or height; a circle has the first alone. */
  readonly a: Quantity;
  readonly b: Quantity | null;
  readonly off: boolean;
}

const shapeOf = ({ kind, a, b }: Part): Shape => {
  const second = b ?? quantity(0, a.unit);
  switch (kind) {
    case 'circle':
      return { kind, radius: a };
    case 'triangle':
      return { kind, base: a, height: second };
    case 'rectangle':
      return { kind, length: a, width: second };
  }
};

const flat = (area: Quantity, counted: Counted = NOTHING_COUNTED): Ground => ({
  ...{ area, rings: [], lengthM: 0, widthM: 0, stripM: 0, waterGapM: null, counted },
});

/**
 * Several taped parts, summed as they stand, less those that are taken off: no two of them are laid against one another, so that
 * there is an area and no shape. Refuses as `measureArea`.
 *
 * @example groundOfParts([80 ft × 60 ft, 40 ft × 30 ft], ft2) // 6,000 ft²
 */
export function groundOfParts(parts: readonly Part[], unit: 'm2' | 'ft2'): Result<Ground, MeasureRefusal> {
  const measured = measureArea({
    parts: parts.filter(({ off }) => !off).map(shapeOf),
    minus: parts.filter(({ off }) => off).map(shapeOf),
    unit,
  });
  return 'refused' in measured ? measured : answer({ ...flat(measured.ok.area), ...measured.ok });
}

/** An area that somebody knows, and how far it may be off: 0 ≤ errorPct < 100. Refuses an area that is not above 0. */
export function groundKnown(area: Quantity, errorPct: number): Result<Ground, MeasureRefusal> {
  if (!(area.value > 0)) return refuse('area-not-positive', 'known', { area: area.value });
  const by = (share: number): Quantity => quantity(area.value * share, area.unit);
  return answer({
    ...flat(area),
    ...(errorPct > 0 ? { areaLow: by(1 - errorPct / 100), areaHigh: by(1 + errorPct / 100) } : {}),
  });
}

/** Places that are counted, by kind or in one number; no area is asked. Refuses none at all. */
export function groundOfPlaces(
  counts: readonly number[],
  unit: 'm2' | 'ft2',
): Result<Ground, MeasureRefusal> {
  const places = counts.reduce((sum, one) => sum + one, 0);
  return places > 0
    ? answer(flat(quantity(0, unit), { ...NOTHING_COUNTED, places }))
    : refuse('area-not-positive', 'places', { area: 0 });
}

/** Walls, skirting or eaves by their running length, and how far up and out of them the label goes. */
export interface EdgeMeasure {
  readonly run: Quantity;
  /** Of that, what stands above hard ground: there no band is laid, unless the label lets its wall be treated. */
  readonly hard: Quantity;
  readonly up: Quantity;
  readonly out: Quantity;
  readonly wallAboveHard: boolean;
  /** What is treated besides along eaves, windows and doors: so far, and so wide a band. */
  readonly more?: readonly { readonly run: Quantity; readonly wide: Quantity }[];
}

/**
 * A band along edges: the area up the wall and out from it, as `measureBand`, and the running length besides. Where only cracks
 * are treated, up and out are 0 and there is no area. Eaves, windows and doors add their own run and band. Refuses a run that is not above 0, and more hard ground than run.
 *
 * @example groundOfEdge({ run: 46 m, hard: 12 m, up: 0.6 m, out: 0.9 m }) // 34 × 1.5 = 51 m², 46 m of edge
 */
export function groundOfEdge(
  { run, hard, up, out, wallAboveHard, more = [] }: EdgeMeasure,
  unit: 'm2' | 'ft2',
): Result<Ground, MeasureRefusal> {
  const soft = inBase(run) - inBase(hard);
  if (!(inBase(run) > 0) || soft < -1e-9)
    return refuse('area-not-positive', 'edge.run', { area: fromBase(soft, run.unit) });
  const besides = more.reduce((sum, one) => sum + inBase(one.run), 0);
  const besidesM2 = more.reduce((sum, one) => sum + inBase(one.run) * inBase(one.wide), 0);
  const counted = { ...NOTHING_COUNTED, edgeM: inBase(run) + besides };
  const withBesides = (area: Quantity): Quantity =>
    besidesM2 > 0 ? quantity(area.value + valueIn(quantity(besidesM2, 'm2'), unit), unit) : area;
  if (!(up.value > 0) && !(out.value > 0)) return answer(flat(withBesides(quantity(0, unit)), counted));
  const walls: WallInput['walls'] = [
    { length: quantity(Math.max(0, fromBase(soft, run.unit)), run.unit), edge: 'soil' },
    ...(hard.value > 0 ? [{ length: hard, edge: 'hard' } as const] : []),
  ];
  const band = measureBand({ walls, up, out, unit, wallAboveHard });
  return 'refused' in band ? band : answer(flat(withBesides(band.ok.area), counted));
}

/** Soil that is dug out, a void or a room, by its volume. Refuses one that is not above 0. */
export function groundOfVolume(volume: Quantity, unit: 'm2' | 'ft2'): Result<Ground, MeasureRefusal> {
  const volumeM3 = valueIn(volume, 'm3');
  return volumeM3 > 0
    ? answer(flat(quantity(0, unit), { ...NOTHING_COUNTED, volumeM3 }))
    : refuse('area-not-positive', 'volume', { area: volumeM3 });
}

/** Points in rows and columns over a rectangle. */
export interface GridOver {
  readonly length: Quantity;
  readonly width: Quantity;
  readonly spacing: Quantity;
  /** Half a step inside the edge, as a rule; or on it, where the label prints its pattern so. */
  readonly pattern: 'inside' | 'edge';
}

export interface Grid {
  readonly rows: number;
  readonly columns: number;
  readonly points: number;
  /** How far the furthest place of a cell lies from a point: the spacing ÷ √2. */
  readonly radius: Quantity;
}

/**
 * The points of a grid: so many whole steps as fit, each point in the middle of its step; on the edge one more each way.
 *
 * @example gridOver({ length: 12 ft, width: 12 ft, spacing: 4 ft, pattern: 'inside' }) // 3 × 3 = 9 points; on the edge 16
 */
export function gridOver({ length, width, spacing, pattern }: GridOver): Grid {
  const step = inBase(spacing);
  const along = (side: Quantity): number => {
    const steps = step > 0 ? floorOf(inBase(side) / step) : 0;
    return pattern === 'edge' ? steps + 1 : Math.max(1, steps);
  };
  const [columns, rows] = [along(length), along(width)];
  return {
    ...{ rows, columns, points: rows * columns },
    radius: quantity(spacing.value / Math.SQRT2, spacing.unit),
  };
}

/** A grid as ground: its points, and the area that any rate per area is held against. */
export function groundOfGrid(over: GridOver, unit: 'm2' | 'ft2'): Result<Ground, MeasureRefusal> {
  const measured = measureArea({
    parts: [{ kind: 'rectangle', length: over.length, width: over.width }],
    unit,
  });
  if ('refused' in measured) return measured;
  const { points } = gridOver(over);
  if (!(inBase(over.spacing) > 0) || points > 10_000)
    return refuse('invalid-input', 'grid.spacing', { expected: 'at-most', limit: 10_000, seen: points });
  return answer({
    ...flat(measured.ok.area, { ...NOTHING_COUNTED, places: points }),
    rings: [rectangleRing(inBase(over.length), inBase(over.width))],
    ...{ lengthM: inBase(over.length), widthM: inBase(over.width) },
  });
}
