import { areaOf, distance, piecesOf } from '../geometry';
import { answer, type Result } from '../result';
import { lanesOver, type Lanes, type LanesOver, type LanesRefusal, type TrimPassOf } from './lanes';

/**
 * Lanes over ground that may lie in several pieces: each piece has lanes of its own, and its own direction where none is given;
 * nobody walks on spraying from one lawn to the next. The path adds the way between the pieces. Refuses as `lanesOver`, for the
 * first piece that it refuses. `square`: the second of two crossed passes, at right angles to the first on each piece.
 * `trimPass`: each piece is walked once along its edges before its lanes, in either of two crossed passes.
 */
export function lanesOverPieces(
  input: Omit<LanesOver, 'trim'>,
  { square = false, trimPass = null }: { square?: boolean; trimPass?: TrimPassOf | null } = {},
): Result<Lanes, LanesRefusal> {
  const pieces = piecesOf(input.figure);
  const areas = pieces.map(areaOf);
  const whole = areas.reduce((sum, area) => sum + area, 0);
  const laid: { area: number; lanes: Lanes }[] = [];
  for (const [i, figure] of pieces.entries()) {
    const area = areas[i] ?? 0;
    const trim = trimPass ? trimPass(figure, input.swath, input.overlap) : null;
    const piece = { ...input, figure, trim, share: whole > 0 ? area / whole : 1 };
    const along = lanesOver(piece);
    const lanes =
      square && 'ok' in along ? lanesOver({ ...piece, direction: along.ok.direction + 90 }) : along;
    if ('refused' in lanes) return lanes;
    laid.push({ area, lanes: lanes.ok });
  }
  const [first] = laid;
  if (!first) return lanesOver({ ...input, trim: null });
  if (laid.length === 1) return answer(first.lanes);
  const sum = (of: (lanes: Lanes) => number): number =>
    laid.reduce((total, { lanes }) => total + of(lanes), 0);
  const share = (of: (lanes: Lanes) => number): number =>
    Math.round(laid.reduce((total, { area, lanes }) => total + (of(lanes) * area) / whole, 0) * 10) / 10;
  const between = laid.slice(1).reduce((way, { lanes }, i) => {
    const before = laid[i]?.lanes;
    const [, , x, y] = before?.lanes.at(-1) ?? [0, 0, ...(before?.trimRings.at(-1)?.[0] ?? [0, 0])];
    const [nextX, nextY] = lanes.trimRings[0]?.[0] ?? lanes.lanes[0] ?? [x, y];
    return way + distance([x, y], [nextX, nextY]);
  }, 0);
  const spacings = laid.map(({ lanes }) => lanes.spacing).filter((spacing) => spacing > 0);
  return answer({
    direction: first.lanes.direction,
    lanes: laid.flatMap(({ lanes }) => lanes.lanes),
    lineCount: sum(({ lineCount }) => lineCount),
    spacing: spacings.length > 0 ? Math.min(...spacings) : 0,
    sprayedLength: sum(({ sprayedLength }) => sprayedLength),
    trimLength: sum(({ trimLength }) => trimLength),
    trimRings: laid.flatMap(({ lanes }) => lanes.trimRings),
    trimAt: laid.flatMap(({ lanes }, i) => {
      const walked = laid.slice(0, i).reduce((total, before) => total + before.lanes.lanes.length, 0);
      return lanes.trimRings.map(() => walked);
    }),
    pathLength: sum(({ pathLength }) => pathLength) + between,
    coveredPct: share(({ coveredPct }) => coveredPct),
    doubledPct: share(({ doubledPct }) => doubledPct),
    overPct: share(({ overPct }) => overPct),
  });
}
