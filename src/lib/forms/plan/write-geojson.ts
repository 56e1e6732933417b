import { areaOf, ringArea, toEarth, type Point, type Rings } from '../../core/geometry';
import { isPlace, outlineOf, shapesOf, type Plan, type Zone, type ZoneShape } from '../../core/plan';
import { answer, refusal, type Result } from '../../core/result';
import { fingerprint, isObject, turnedBack, type Position } from './geometry';

/** Digits after the point: of degrees, about a tenth of a millimetre; of metres, the same. */
const DECIMALS = { earth: 9, metres: 4 };

/**
 * The zones as a GeoJSON feature collection. Imported features whose zones are all there and untouched are given back as
 * they were read; everything else as polygons (circles and curves by their chords), points, with the zone itself in the
 * foreign member `nimsy`. A plan without an anchor is refused unless its own metres are asked for.
 */
export function writeGeoJson(plan: Plan, as: 'earth' | 'metres'): Result<object, 'needs-anchor'> {
  const { anchor, north } = plan;
  if (as === 'earth' && !anchor) return { refused: [refusal('needs-anchor', '')] };
  const round = (n: number): number => Number(n.toFixed(DECIMALS[as]));
  const place = (p: Point): Position =>
    (as === 'earth' && anchor ? toEarth(turnedBack(p, north), anchor) : p).map(round);
  const together = new Map<string, Zone[]>();
  for (const zone of plan.zones)
    if (zone.foreign) together.set(zone.foreign.key, [...(together.get(zone.foreign.key) ?? []), zone]);
  const written = new Set<string>();
  const features = plan.zones.flatMap((zone) => {
    const { foreign } = zone;
    const { id, foreign: _, ...rest } = zone;
    // In its own metres a plan has no use for degrees that were read.
    if (foreign && as === 'earth' && together.get(foreign.key)?.length === foreign.parts) {
      if (written.has(foreign.key)) return [];
      written.add(foreign.key);
      return [
        {
          type: 'Feature',
          ...(foreign.id === null ? {} : { id: foreign.id }),
          geometry: foreign.geometry,
          properties: foreign.properties,
          ...(foreign.parts > 1 ? {} : { nimsy: { ...rest, coordinates: fingerprint(foreign.geometry) } }),
        },
      ];
    }
    const geometry = isPlace(zone)
      ? { type: 'Point', coordinates: place((zone.shape as Extract<ZoneShape, { kind: 'place' }>).at) }
      : surfaceOf(outlineOf(zone.shape).rings, place);
    if (!geometry) return [];
    const carried = isObject(foreign?.properties) ? foreign.properties : {};
    return [
      {
        type: 'Feature',
        id,
        geometry,
        properties: { ...carried, name: zone.name, kind: zone.kind },
        nimsy: { ...rest, coordinates: fingerprint(geometry) },
      },
    ];
  });
  return answer({
    type: 'FeatureCollection',
    ...(as === 'metres' ? { nimsy: { coordinates: 'metres' } } : {}),
    features,
  });
}

function surfaceOf(rings: Rings, place: (p: Point) => Position): object | null {
  const closed = (ring: readonly Point[]): Position[] => {
    const points = ring.map(place);
    return points[0] ? [...points, points[0]] : [];
  };
  const shapes = shapesOf(rings).filter(
    (shape) => areaOf([shape.corners.map((c): Point => [c[0], c[1]])]) > 0,
  );
  const polygons = shapes.map((shape) => [
    closed(shape.corners.map((c): Point => [c[0], c[1]])),
    ...shape.holes.map((hole) => {
      const ring = hole.map((c): Point => [c[0], c[1]]);
      // Holes run clockwise (RFC 7946).
      return closed(ringArea(ring) > 0 ? [...ring].reverse() : ring);
    }),
  ]);
  if (polygons.length === 0) return null;
  return polygons.length === 1
    ? { type: 'Polygon', coordinates: polygons[0] }
    : { type: 'MultiPolygon', coordinates: polygons };
}
