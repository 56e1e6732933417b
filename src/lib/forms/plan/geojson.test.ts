import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areaOnEarth, areaOf, type Point } from '../../core/geometry';
import { EMPTY_PLAN, outlineOf, type Plan, type ZoneShape } from '../../core/plan';
import { parsePlan, readGeoJson, writeGeoJson } from '.';

let made = 0;
const asked = (plan: Plan = EMPTY_PLAN) => ({
  ...{ kind: 'lawn' as const, layer: 'outside' as const, anchor: plan.anchor, north: plan.north },
  ...{ hasZones: plan.zones.length > 0, nextId: () => `g${(made += 1)}` },
});
const read = (file: unknown, plan?: Plan) => readGeoJson(JSON.stringify(file), asked(plan));
const ok = <T>(result: { ok: T } | { refused: unknown }): T =>
  'ok' in result ? result.ok : expect.fail(JSON.stringify(result));
const planOf = (file: unknown): Plan => {
  const { zones, anchor, north } = ok(read(file));
  return { ...EMPTY_PLAN, zones, anchor, north };
};
const features = (plan: Plan, as: 'earth' | 'metres' = 'earth') =>
  (ok(writeGeoJson(plan, as)) as { features: Record<string, unknown>[] }).features;

const RING = [
  [-2.7341, 54.3712],
  [-2.7338, 54.3712],
  [-2.73385, 54.37145],
  [-2.7341, 54.3714],
  [-2.7341, 54.3712],
];
const FILE = {
  type: 'FeatureCollection',
  features: [
    {
      ...{ type: 'Feature', id: 17 },
      geometry: { type: 'Polygon', coordinates: [RING] },
      properties: { name: 'Lakeside lawn', kind: 'lawn', surveyor: { unit: 'b7', seen: [1, null] } },
    },
    {
      type: 'Feature',
      geometry: {
        type: 'MultiPolygon',
        coordinates: [[RING], [RING.map(([x = 0, y = 0]) => [x + 0.001, y])]],
      },
      properties: null,
    },
    { type: 'Feature', geometry: { type: 'Point', coordinates: [-2.734, 54.3713, 41] }, properties: {} },
    { type: 'Feature', geometry: null, properties: { name: 'nowhere' } },
  ],
};

describe('GeoJSON', () => {
  it('is read with areas within 0.1 % of those on the earth, and told what has no place', () => {
    const { zones, notes } = ok(read(FILE));
    expect(zones.map((z) => [z.name, z.kind, z.shape.kind])).toEqual([
      ['Lakeside lawn', 'lawn', 'polygon'],
      ['Zone 2', 'lawn', 'polygon'],
      ['Zone 3', 'lawn', 'polygon'],
      ['Zone 4', 'spot', 'place'],
    ]);
    const area = areaOf(outlineOf(zones[0]?.shape as ZoneShape).rings);
    expect(Math.abs(area / areaOnEarth(RING as unknown as Point[]) - 1)).toBeLessThan(0.001);
    expect(notes).toEqual([{ path: 'features.3', what: 'no-geometry' }]);
  });

  it('that nobody touched is given back as it was read, with what it said of itself', () => {
    const back = features(planOf(FILE));
    expect(back.map(({ geometry, properties, id }) => ({ geometry, properties, id }))).toEqual(
      FILE.features.slice(0, 3).map((f) => ({
        geometry: f.geometry,
        properties: f.properties,
        id: 'id' in f ? f.id : undefined,
      })),
    );
  });

  it('whose shape was changed is written anew, and what it said of itself is kept', () => {
    const plan = planOf(FILE);
    const [first, ...rest] = plan.zones;
    if (!first) return expect.fail('no zone');
    const shape: ZoneShape = { kind: 'rectangle', at: [0, 0], length: 10, width: 5, turn: 0 };
    const [changed] = features({ ...plan, zones: [{ ...first, shape, foreign: null }, ...rest] });
    const ring = (changed?.geometry as { coordinates: Point[][] }).coordinates[0] ?? [];
    expect(areaOnEarth(ring.slice(0, -1)) / 50).toBeCloseTo(1, 3);
  });

  it('carries curves and circles as polygons, and gets the true shape back while nobody moved them', () => {
    const circle: ZoneShape = { kind: 'circle', at: [3, 4], radius: 2 };
    const plan: Plan = {
      ...EMPTY_PLAN,
      ...{ anchor: { lat: 54.37, lon: -2.73 }, north: 30 },
      zones: [
        {
          ...{ id: 'c', name: 'Pond', kind: 'water', layer: 'outside', shape: circle, note: '', from: [] },
          ...{ measured: { how: 'tape', errorPct: 1 }, height: null, openings: [], foreign: null },
        },
      ],
    };
    const file = ok(writeGeoJson(plan, 'earth'));
    expect(ok(read(file, plan)).zones[0]).toMatchObject({ shape: circle, name: 'Pond', kind: 'water' });
    const text = JSON.stringify(file).replace(/54\.37\d+/, '54.370051');
    const moved = ok(readGeoJson(text, asked(plan))).zones[0];
    expect(moved).toMatchObject({ name: 'Pond', shape: { kind: 'polygon' } });
  });

  it('of a plan without an anchor asks for one, or goes in its own metres and back', () => {
    const shape: ZoneShape = {
      kind: 'polygon',
      corners: [
        [0, 0],
        [8, 0, 1],
        [8, 6],
        [0, 6],
      ],
      holes: [],
    };
    const plan: Plan = {
      ...EMPTY_PLAN,
      zones: [
        {
          ...{ id: 'a', name: 'Bed', kind: 'bed', layer: 'outside', shape, note: '', from: [] },
          ...{ measured: { how: 'tape', errorPct: 1 }, height: null, openings: [], foreign: null },
        },
      ],
    };
    expect(writeGeoJson(plan, 'earth')).toMatchObject({ refused: [{ code: 'needs-anchor' }] });
    const file = ok(writeGeoJson(plan, 'metres'));
    expect(ok(read(file)).zones[0]?.shape).toEqual(shape);
    expect(read(FILE, plan)).toMatchObject({ refused: [{ code: 'needs-anchor' }] });
  });

  const one = (geometry: unknown) => ({ type: 'Feature', geometry, properties: {} });
  it.each([
    ['{ "type": ', 'not-geojson', ''],
    ['[1, 2]', 'not-geojson', ''],
    ['{"type":"Topology"}', 'not-geojson', 'type'],
    [JSON.stringify(one({ type: 'Circle', coordinates: [1, 2] })), 'not-geojson', 'geometry.type'],
    [
      JSON.stringify(
        one({
          type: 'Polygon',
          coordinates: [
            [
              [1, 2],
              [1, 'x'],
              [3, 4],
            ],
          ],
        }),
      ),
      'not-geojson',
      'geometry.coordinates.0.1.1',
    ],
    [JSON.stringify(one({ type: 'Point', coordinates: [200, 2] })), 'invalid-input', 'geometry'],
    [
      JSON.stringify(
        one({
          type: 'MultiPoint',
          coordinates: [
            [0, 0],
            [3, 3],
          ],
        }),
      ),
      'too-far-apart',
      '',
    ],
    [
      JSON.stringify(
        one({
          type: 'Polygon',
          coordinates: [
            [
              [0, 0],
              [0.001, 0],
              [0.002, 0],
              [0, 0],
            ],
          ],
        }),
      ),
      'outline-refused',
      'geometry',
    ],
    [JSON.stringify({ type: 'FeatureCollection', features: [] }), 'nothing-in-it', ''],
  ])('is refused where it is wrong, by its path: %s', (text, code, path) =>
    expect(readGeoJson(text, asked())).toMatchObject({ refused: [{ code, path }] }),
  );

  it('never throws, whatever stands in it', () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 5 }), (value) => {
        const result = read({ type: 'FeatureCollection', features: [{ type: 'Feature', geometry: value }] });
        expect('ok' in result || result.refused.length > 0).toBe(true);
      }),
    );
  });
});

describe('a plan that was sent', () => {
  it('is taken as it is, or refused by the path', () => {
    const plan = planOf(FILE);
    expect(ok(parsePlan(JSON.parse(JSON.stringify(plan))))).toEqual(plan);
    const bad = { ...EMPTY_PLAN, zones: [{ ...planOf(FILE).zones[0], kind: 'moat' }] };
    expect(parsePlan(bad)).toMatchObject({ refused: [{ path: 'zones.0.kind' }] });
    expect(parsePlan({ ...EMPTY_PLAN, marks: 'x' })).toMatchObject({ refused: [{ path: 'marks' }] });
    expect(parsePlan(null)).toMatchObject({ refused: [{ code: 'invalid-input', path: '' }] });
  });
});
