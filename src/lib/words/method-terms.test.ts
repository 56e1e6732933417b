import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../catalog';
import { NOTHING_COUNTED } from '../core/ground';
import { inHand, measuredFor, methodOf, type LabelCard } from '../core/labels';
import { goesByArea, METHOD_IDS, methodRow } from '../core/method';
import {
  DONE_WORDS,
  groundText,
  HOW_PLACED,
  overText,
  PLACE_WORDS,
  productText,
  WAY_WORDS,
  waysFor,
} from './method-terms';
import { PLAIN, PLAIN_MANNER, showIn } from './show';

const american = showIn({ ...PLAIN_MANNER, units: 'us' });

describe('every method', () => {
  it.each(METHOD_IDS)(
    '%s has ways of measuring, words for its places, and what is done at Place and at Log',
    (id) => {
      const row = methodRow(id);
      for (const measured of [row.measured, ...row.or]) {
        const ways = waysFor(measured, row);
        expect(ways.length).toBeGreaterThan(1);
        for (const way of ways) expect(WAY_WORDS[way].length).toBeGreaterThan(4);
        expect(DONE_WORDS[measured].units.length).toBeGreaterThan(0);
      }
      expect(PLACE_WORDS[row.noun]).toHaveLength(2);
      expect(HOW_PLACED[id].length).toBeGreaterThan(40);
      // Dust does not run out of a crack, and nothing soaks into a pond.
      if (row.leftOver !== 'rinsate' && row.leftOver !== 'wipe')
        expect(HOW_PLACED[id]).not.toMatch(/runs out|soak in/);
    },
  );
  it('holds a tank against an area, and neither a sheet of one night nor a gel of twelve places', () => {
    const by = (id: (typeof METHOD_IDS)[number]): boolean => goesByArea(methodRow(id));
    expect([
      by('spray-ground'),
      by('granule-spreader'),
      by('ground-sheet'),
      by('gel-drops'),
      by('dust-film'),
    ]).toEqual([...[true, true, false, false, false]]);
  });
  it('asks for walls first where a band is walked, whatever its label reckons by, and for a grid where points stand', () => {
    expect(waysFor('area', methodRow('spray-band'))[0]).toBe('edges');
    expect(waysFor('edge', methodRow('spray-band'))[0]).toBe('edges');
    expect(waysFor('places', methodRow('points-grid'))[0]).toBe('grid');
    expect(waysFor('area', methodRow('spray-ground'))[0]).toBe('tape');
    expect(waysFor(null, null)[0]).toBe('tape');
  });
  it('is that of a demonstration label, with a first way that fits what it reckons by', () => {
    const first = (card: LabelCard): string => {
      const surrounding = card.uses.some(({ sites }) => sites.includes('turf')) ? 'lawn' : 'kitchen';
      const found = inHand(card, { pest: null, stage: null, surrounding }) ?? expect.fail(card.id);
      const method = methodOf(found, found.use);
      return waysFor(measuredFor(found, method), method)[0] ?? '';
    };
    const told = Object.fromEntries(DEMONSTRATION_LABELS.map((card) => [card.id, first(card)]));
    expect(told).toMatchObject({
      ...{ 'ferncote-gel': 'places', 'gillfold-perimeter': 'edges', 'tarnside-liquid': 'tape' },
      ...{ 'fenrigg-sweep': 'places', 'duskfold-sheet': 'tape' },
    });
  });
});

describe('what is measured and used', () => {
  const ground = { rings: [], lengthM: 0, widthM: 0, stripM: 0, waterGapM: null } as const;
  const of = (places: number, edgeM = 0, m2 = 0, volumeM3 = 0) => ({
    ...ground,
    area: { value: m2, unit: 'm2' as const },
    counted: { ...NOTHING_COUNTED, places, edgeM, volumeM3 },
  });
  it('is told by its places, its edges and its area, in that order', () => {
    expect(groundText(of(24), 'place-of-gel', PLAIN)).toBe('24 places');
    expect(groundText(of(1), 'mound', PLAIN)).toBe('1 mound');
    expect(groundText(of(0, 66, 57), 'face-of-wall', PLAIN)).toBe('66 m of edge, 57 m²');
    // Where a method goes by lanes, what was counted are points.
    expect(groundText(of(9, 0, 13.4), 'lane', PLAIN)).toMatch(/^9 points, 13\.4 m²$/);
    expect(groundText(of(0, 18), 'crack', american)).toBe('59.1 ft of edge');
  });
  it('of things is called by their name, and by the scale where it is weighed', () => {
    expect(productText({ value: 2, unit: 'count' }, 'sheet', PLAIN)).toBe('2 sheets');
    expect(productText({ value: 1, unit: 'count' }, 'trap', PLAIN)).toBe('1 trap');
    expect(productText({ value: 6, unit: 'count' }, 'spot', PLAIN)).toBe('6');
    expect(productText({ value: 2.4, unit: 'g' }, 'place-of-gel', PLAIN)).toBe('2.4 g');
  });
  it('lies at places, along edges, over areas and in volumes', () => {
    expect(overText({ value: 24, unit: 'count' }, PLAIN)).toBe('at 24 places');
    expect(overText({ value: 1, unit: 'count' }, PLAIN)).toBe('at 1 place');
    expect(overText({ value: 18, unit: 'm' }, PLAIN)).toBe('along 18 m');
    expect(overText({ value: 57, unit: 'm2' }, PLAIN)).toBe('over 57 m²');
    expect(overText({ value: 12, unit: 'l' }, PLAIN)).toBe('into 12 l');
  });
});
