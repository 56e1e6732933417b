import type { z } from 'zod';
import { toPlane, type Anchor, type Point } from '../../core/geometry';
import {
  outlineOf,
  USUAL_ERROR_PCT,
  ZONE_KINDS,
  type Layer,
  type Zone,
  type ZoneKind,
  type ZoneShape,
} from '../../core/plan';
import { answer, invalid, refusal, type Refusal, type Result } from '../../core/result';
import { fingerprint, geometry, isObject, turned, TYPES, type Geometry, type Position } from './geometry';
import { MOST_ZONES, zoneSchema } from './plan-schema';

export type GeoJsonRefusal =
  'invalid-input' | 'not-geojson' | 'needs-anchor' | 'too-far-apart' | 'nothing-in-it' | 'outline-refused';

const MOST_POSITIONS = 100_000;
const FURTHEST_M = 50_000;
const STRIP_M = 1;

interface Feature {
  readonly geometry: Geometry | null;
  /** As it was read, so that it can be given back. */
  readonly raw: Record<string, unknown>;
  readonly path: string;
}

export interface ReadGeoJson {
  readonly zones: readonly Zone[];
  readonly anchor: Anchor | null;
  readonly north: number;
  /** Features that have no geometry, or that were repaired, by path. */
  readonly notes: readonly { readonly path: string; readonly what: 'no-geometry' | 'repaired' }[];
}

interface Asked {
  readonly kind: ZoneKind;
  readonly layer: Layer;
  /** Of the plan that it is read into. */
  readonly anchor: Anchor | null;
  readonly north: number;
  readonly hasZones: boolean;
  readonly nextId: () => string;
}

/**
 * Zones from GeoJSON (RFC 7946): polygons as surfaces, lines as strips of their `width` (else 1 m), points as places.
 * Longitudes and latitudes are put on the plane that touches the earth at the plan's anchor, or at the middle of the file
 * where the plan has none yet. A file of this application that was written in its own metres says so and is taken so.
 * Refused, with the path: what is no GeoJSON, coordinates out of range, parts further than 50 km from the anchor, and a
 * plan with zones that was never placed on the earth. Nothing is half taken.
 */
export function readGeoJson(text: string, asked: Asked): Result<ReadGeoJson, GeoJsonRefusal> {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return { refused: [refusal('not-geojson', '', { seen: text.slice(0, 40) })] };
  }
  const features = featuresIn(raw);
  if ('refused' in features) return features;
  const own = ownMetres(raw);
  const all = features.ok.flatMap((feature) => (feature.geometry ? positionsIn(feature.geometry) : []));
  if (all.length === 0) return { refused: [refusal('nothing-in-it', '')] };
  if (all.length > MOST_POSITIONS)
    return { refused: [invalid('', 'shorter-list', { limit: MOST_POSITIONS })] };
  const wrong = own ? [] : outOfRange(features.ok);
  if (wrong.length > 0) return { refused: wrong };
  if (!own && asked.anchor === null && asked.hasZones) return { refused: [refusal('needs-anchor', '')] };
  const anchor = own ? asked.anchor : (asked.anchor ?? middleOf(all));
  const north = asked.anchor ? asked.north : own ? asked.north : 0;
  const place = (p: Position): Point => {
    const at: Point = [p[0] ?? 0, p[1] ?? 0];
    return own || !anchor ? at : turned(toPlane(at, anchor), north);
  };
  if (all.some((p) => Math.hypot(...place(p)) > FURTHEST_M))
    return { refused: [refusal('too-far-apart', '', { most: FURTHEST_M / 1000 })] };
  return zonesFrom(features.ok, { ...asked, place, anchor, north });
}

function featuresIn(raw: unknown): Result<Feature[], GeoJsonRefusal> {
  const no = (path: string, seen: unknown): Result<never, GeoJsonRefusal> => ({
    refused: [refusal('not-geojson', path, { seen: String(seen).slice(0, 40) })],
  });
  if (!isObject(raw)) return no('', typeof raw);
  const list: { value: unknown; path: string }[] =
    raw.type === 'FeatureCollection'
      ? Array.isArray(raw.features)
        ? raw.features.map((value: unknown, i) => ({ value, path: `features.${i}` }))
        : []
      : [
          {
            value: raw.type === 'Feature' ? raw : { type: 'Feature', geometry: raw, properties: null },
            path: '',
          },
        ];
  if (raw.type === 'FeatureCollection' && !Array.isArray(raw.features)) return no('features', raw.features);
  if (raw.type !== 'FeatureCollection' && raw.type !== 'Feature' && !TYPES.includes(String(raw.type)))
    return no('type', raw.type);
  if (list.length > MOST_ZONES)
    return { refused: [invalid('features', 'shorter-list', { limit: MOST_ZONES })] };
  const found: Feature[] = [];
  for (const { value, path } of list) {
    const at = (key: string): string => (path === '' ? key : `${path}.${key}`);
    if (!isObject(value) || value.type !== 'Feature')
      return no(at('type'), isObject(value) ? value.type : value);
    if (value.geometry === null || value.geometry === undefined) {
      found.push({ geometry: null, raw: value, path });
      continue;
    }
    const parsed = geometry.safeParse(value.geometry);
    if (!parsed.success) {
      const issue = deepest(parsed.error.issues, isObject(value.geometry) ? value.geometry.type : null);
      return {
        refused: [
          refusal('not-geojson', [at('geometry'), ...issue.map(String)].join('.'), {
            seen: isObject(value.geometry) ? String(value.geometry.type).slice(0, 40) : 'no geometry',
          }),
        ],
      };
    }
    found.push({ geometry: parsed.data, raw: value, path });
  }
  return answer(found);
}

/** The path that the branch for this type of geometry complains of. */
function deepest(issues: readonly z.core.$ZodIssue[], type: unknown): readonly PropertyKey[] {
  const [issue] = issues;
  if (!issue) return [];
  if (issue.code !== 'invalid_union') return issue.path;
  const branch = issue.errors[TYPES.indexOf(String(type))] ?? [];
  return branch.length > 0 ? deepest(branch, null) : ['type'];
}

const ownMetres = (raw: unknown): boolean =>
  isObject(raw) && isObject(raw.nimsy) && raw.nimsy.coordinates === 'metres';

function positionsIn(of: Geometry): Position[] {
  switch (of.type) {
    case 'Point':
      return [of.coordinates];
    case 'MultiPoint':
    case 'LineString':
      return of.coordinates;
    case 'MultiLineString':
    case 'Polygon':
      return of.coordinates.flat();
    case 'MultiPolygon':
      return of.coordinates.flat(2);
    case 'GeometryCollection':
      return of.geometries.flatMap(positionsIn);
  }
}

function outOfRange(features: readonly Feature[]): Refusal<'invalid-input'>[] {
  for (const { geometry: of, path } of features)
    for (const [lon = 0, lat = 0] of of ? positionsIn(of) : [])
      if (!(Math.abs(lon) <= 180 && Math.abs(lat) <= 85))
        return [
          invalid(path === '' ? 'geometry' : `${path}.geometry`, 'a-number-in-range', {
            ...{ from: -180, to: 180, seen: `${lon}, ${lat}` },
          }),
        ];
  return [];
}

function middleOf(positions: readonly Position[]): Anchor {
  // From the first one on, so that a place on the date line has its middle there.
  const first = positions[0]?.[0] ?? 0;
  let [west, east, south, north] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const [lon = 0, lat = 0] of positions) {
    const near = lon - 360 * Math.round((lon - first) / 360);
    [west, east] = [Math.min(west, near), Math.max(east, near)];
    [south, north] = [Math.min(south, lat), Math.max(north, lat)];
  }
  const lon = (west + east) / 2;
  return { lat: (south + north) / 2, lon: lon > 180 ? lon - 360 : lon < -180 ? lon + 360 : lon };
}

interface Part {
  readonly shape: ZoneShape;
  readonly at: string;
}

function partsOf(of: Geometry, place: (p: Position) => Point, width: number, at = ''): Part[] {
  const open = (ring: Position[]): Point[] => {
    const points = ring.map(place);
    const [first, last] = [points[0], points[points.length - 1]];
    return first && last && points.length > 1 && first[0] === last[0] && first[1] === last[1]
      ? points.slice(0, -1)
      : points;
  };
  const surface = ([outer = [], ...holes]: Position[][]): ZoneShape => ({
    ...{ kind: 'polygon', corners: open(outer), holes: holes.map(open) },
  });
  const strip = (line: Position[]): ZoneShape => ({ kind: 'strip', line: line.map(place), width });
  const one = (shape: ZoneShape, k: number): Part => ({ shape, at: `${at}.${k}` });
  switch (of.type) {
    case 'Point':
      return [{ shape: { kind: 'place', at: place(of.coordinates) }, at }];
    case 'MultiPoint':
      return of.coordinates.map((p, k) => one({ kind: 'place', at: place(p) }, k));
    case 'LineString':
      return [{ shape: strip(of.coordinates), at }];
    case 'MultiLineString':
      return of.coordinates.map((line, k) => one(strip(line), k));
    case 'Polygon':
      return [{ shape: surface(of.coordinates), at }];
    case 'MultiPolygon':
      return of.coordinates.map((rings, k) => one(surface(rings), k));
    case 'GeometryCollection':
      return of.geometries.flatMap((child, k) => partsOf(child, place, width, `${at}.geometries.${k}`));
  }
}

function zonesFrom(
  features: readonly Feature[],
  asked: Asked & { place: (p: Position) => Point },
): Result<ReadGeoJson, GeoJsonRefusal> {
  const zones: Zone[] = [];
  const notes: ReadGeoJson['notes'][number][] = [];
  for (const { geometry: of, raw, path } of features) {
    if (!of) {
      notes.push({ path, what: 'no-geometry' });
      continue;
    }
    const properties = isObject(raw.properties) ? raw.properties : {};
    const own = ownZone(raw);
    const wide = Number(properties.width);
    const parts = partsOf(of, asked.place, wide > 0 && wide <= 1000 ? wide : STRIP_M);
    const key = asked.nextId();
    const called = typeof properties.name === 'string' ? properties.name.slice(0, 80) : '';
    const said = ZONE_KINDS.find((kind) => kind === properties.kind);
    for (const { shape, at } of parts) {
      const { refused, repairs } = outlineOf(shape);
      const [bad] = refused;
      if (bad)
        return {
          refused: [
            refusal('outline-refused', `${path === '' ? '' : `${path}.`}geometry${at}`, {
              ...{ because: bad.code, name: called },
            }),
          ],
        };
      if (repairs.length > 0) notes.push({ path, what: 'repaired' });
      const kind = said ?? (shape.kind === 'place' ? 'spot' : asked.kind);
      zones.push({
        ...{ id: asked.nextId(), kind, layer: asked.layer },
        name: called || `Zone ${zones.length + 1}`,
        measured: { how: 'geojson', errorPct: USUAL_ERROR_PCT.geojson },
        ...{ height: null, openings: [], note: '', from: [] },
        ...(own && parts.length === 1 ? own : {}),
        shape: own && parts.length === 1 && own.shape ? own.shape : shape,
        foreign: {
          geometry: raw.geometry ?? null,
          properties: raw.properties ?? null,
          id: typeof raw.id === 'string' || typeof raw.id === 'number' ? raw.id : null,
          ...{ key, parts: parts.length },
        },
      });
    }
  }
  return answer({ zones, anchor: asked.anchor, north: asked.north, notes });
}

/** What this application itself wrote beside a feature; its shape only while nobody moved the coordinates. */
function ownZone(raw: Record<string, unknown>): Partial<Zone> | null {
  if (!isObject(raw.nimsy)) return null;
  const { coordinates, ...zone } = raw.nimsy;
  const parsed = zoneSchema.safeParse({ ...zone, id: 'x', foreign: null });
  if (!parsed.success) return null;
  const { id: _i, foreign: _f, shape, ...rest } = parsed.data;
  return coordinates === fingerprint(raw.geometry) ? { ...rest, shape } : rest;
}
