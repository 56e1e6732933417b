import { boxOf, type Rings } from '../geometry';
import { insideAt } from './band';
import { lengthOf, shared, type Stretch } from './intervals';
import type { Lane } from './lanes';
import { turned } from './lanes';

/** Shares of the area to be treated, in percent, to 0.1. */
export interface Coverage {
  /** Under at least one pass. */
  readonly coveredPct: number;
  /** Under at least two. */
  readonly doubledPct: number;
  /** What is laid down outside of it. */
  readonly overPct: number;
}

/** So many rows are looked at at least where it is one piece, each at the middle of its height. */
const ROWS = 600;
const FEWEST_ROWS = 12;

interface Laid {
  readonly figure: Rings;
  readonly area: number;
  readonly degrees: number;
  readonly lanes: readonly Lane[];
  readonly swath: number;
  /** What the passes along the edges lay down on; each is one pass. */
  readonly laid: readonly Rings[];
  /** The share that it is of all that is treated: a small piece of many is looked at by fewer rows. */
  readonly share: number;
}

/**
 * What lies under the passes, row by row along the lanes: within a row everything is told by stretches, exactly; between two
 * heights at which a swath begins or ends or an edge turns, the rows are as many as their share of the height.
 */
export function coverageOf({ figure, area, degrees, lanes, swath, laid, share }: Laid): Coverage {
  const level = turned(figure, -degrees);
  const trims = laid.map((rings) => turned(rings, -degrees));
  const [sin, cos] = [Math.sin((degrees * Math.PI) / 180), Math.cos((degrees * Math.PI) / 180)];
  const bars = lanes
    .map(([x1, y1, x2, y2]) => {
      const [from, to] = [x1 * cos + y1 * sin, x2 * cos + y2 * sin];
      return { y: y1 * cos - x1 * sin, from: Math.min(from, to), to: Math.max(from, to) };
    })
    .sort((a, b) => a.y - b.y);
  const half = swath / 2;
  const box = boxOf([...level, ...trims.flat()]);
  const low = Math.min(box.minY, ...bars.slice(0, 1).map(({ y }) => y - half));
  const high = Math.max(box.maxY, ...bars.slice(-1).map(({ y }) => y + half));
  const breaks = [
    ...[low, high],
    ...bars.flatMap(({ y }) => [y - half, y + half]),
    ...[...level, ...trims.flat()].flatMap((ring) => ring.map(([, y]) => y)),
  ].sort((a, b) => a - b);
  const tall = (high - low) / Math.max(FEWEST_ROWS, ROWS * share);
  let [covered, doubled, over] = [0, 0, 0];
  let first = 0;
  for (let i = 0; i + 1 < breaks.length; i++) {
    const [from, to] = [breaks[i] ?? 0, breaks[i + 1] ?? 0];
    const rows = Math.ceil((to - from) / tall);
    const each = (to - from) / Math.max(1, rows);
    for (let row = 0; row < rows && each > 0; row++) {
      const y = from + (row + 0.5) * each;
      while (first < bars.length && (bars[first]?.y ?? 0) + half <= y) first++;
      const passes: Stretch[] = [];
      for (let k = first; k < bars.length && (bars[k]?.y ?? 0) - half < y; k++) {
        const { from: start, to: end } = bars[k] ?? { from: 0, to: 0 };
        passes.push([start, end]);
      }
      for (const rings of trims) passes.push(...insideAt(y, rings));
      const { once, twice } = depths(passes);
      const inside = insideAt(y, level);
      const within = lengthOf(shared(once, inside));
      covered += within * each;
      doubled += lengthOf(shared(twice, inside)) * each;
      over += (lengthOf(once) - within) * each;
    }
  }
  const pct = (part: number): number => Math.round((part / area) * 1000) / 10;
  return { coveredPct: pct(covered), doubledPct: pct(doubled), overPct: pct(over) };
}

/** Where at least one of the stretches lies, and where at least two do. */
function depths(stretches: readonly Stretch[]): { once: Stretch[]; twice: Stretch[] } {
  const turns = stretches
    .flatMap(([from, to]): [at: number, by: number][] => [
      [from, 1],
      [to, -1],
    ])
    .sort((a, b) => a[0] - b[0] || b[1] - a[1]);
  const once: Stretch[] = [];
  const twice: Stretch[] = [];
  let depth = 0;
  let [onceFrom, twiceFrom] = [0, 0];
  for (const [at, by] of turns) {
    depth += by;
    if (by > 0 && depth === 1) onceFrom = at;
    if (by > 0 && depth === 2) twiceFrom = at;
    if (by < 0 && depth === 0) once.push([onceFrom, at]);
    if (by < 0 && depth === 1) twice.push([twiceFrom, at]);
  }
  return { once, twice };
}
