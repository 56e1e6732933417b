import { z } from 'zod';
import type { Point } from '../../core/geometry';

const position = z.array(z.number()).min(2).max(4);
export const geometry: z.ZodType<Geometry> = z.lazy(() =>
  z.union([
    z.object({ type: z.literal('Point'), coordinates: position }),
    z.object({ type: z.literal('MultiPoint'), coordinates: z.array(position) }),
    z.object({ type: z.literal('LineString'), coordinates: z.array(position).min(2) }),
    z.object({ type: z.literal('MultiLineString'), coordinates: z.array(z.array(position).min(2)) }),
    z.object({ type: z.literal('Polygon'), coordinates: z.array(z.array(position).min(3)).min(1) }),
    z.object({
      type: z.literal('MultiPolygon'),
      coordinates: z.array(z.array(z.array(position).min(3)).min(1)),
    }),
    z.object({ type: z.literal('GeometryCollection'), geometries: z.array(geometry).max(200) }),
  ]),
);
export type Position = number[];
export type Geometry =
  | { type: 'Point'; coordinates: Position }
  | { type: 'MultiPoint'; coordinates: Position[] }
  | { type: 'LineString'; coordinates: Position[] }
  | { type: 'MultiLineString'; coordinates: Position[][] }
  | { type: 'Polygon'; coordinates: Position[][] }
  | { type: 'MultiPolygon'; coordinates: Position[][][] }
  | { type: 'GeometryCollection'; geometries: Geometry[] };
export const TYPES = [
  ...['Point', 'MultiPoint', 'LineString', 'MultiLineString', 'Polygon', 'MultiPolygon'],
  'GeometryCollection',
];

export const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Metres east and north, as they lie on a plan whose north is so many degrees clockwise of its top. */
export function turned([e, n]: Point, north: number): Point {
  const [c, s] = [Math.cos((north * Math.PI) / 180), Math.sin((north * Math.PI) / 180)];
  return [e * c + n * s, n * c - e * s];
}
/** The other way round. */
export const turnedBack = ([x, y]: Point, north: number): Point => turned([x, y], -north);

/** Tells whether coordinates were touched: their number and a sum over the digits as they are written. */
export function fingerprint(of: unknown): string {
  const text = JSON.stringify(of);
  let sum = 0;
  for (let i = 0; i < text.length; i++) sum = (sum * 31 + text.charCodeAt(i)) % 4_294_967_291;
  return `${text.length}-${sum}`;
}
