import { describe, expect, it } from 'vitest';
import { CANDIDATES } from '../../catalog';
import { INSECTS, insectSvg } from './art';
import { bothViews } from './art/bodies';
import type { Body } from './art/measured';
import { larvaViews, type LarvaBody } from './art/measured-larva';
import { SPAN } from './art/plate';
import { ANTS } from './art/ants';
import { SEGMENTED } from './art/segments';
import { spiderView, type SpiderBody } from './art/spiders';
import { STAGES } from './art/stages';

const LEGS = [
  [0.1, 0.1, 0.08],
  [0.12, 0.12, 0.08],
  [0.16, 0.16, 0.1],
] as const;
const body: Body = {
  ...{ fill: '#c0ffee', high: 0.5, head: [0.15, 0.2], thorax: [0.25, 0.25], abdomen: [0.6, 0.3] },
  ...{ legs: LEGS, feelers: { long: 0.3, kind: 'thread' } },
};
const larva: LarvaBody = {
  ...{ fill: '#c0ffee', rings: 10, broad: 0.2, taper: 0.3, legs: 3 },
  ...{ head: [0.1, 0.14], headFill: '#111111' },
};
const many = (text: string, what: RegExp): number => text.match(what)?.length ?? 0;
const numbers = (text: string): number[] =>
  [...text.matchAll(/-?\d+(?:\.\d+)?/g)].map(([found]) => Number(found));

describe('a body drawn from its proportions', () => {
  it('has its legs on both sides from above and on one from the side, each with as many joints as figures', () => {
    const { art } = bothViews(body);
    // Femur, tibia and foot of six legs, then femur and tibia of three against the ground.
    expect(many(art, /<path d="M[^"]*L[^"L]+L[^"L]+L[^"L]+" fill="none"/g)).toBe(6);
    expect(many(art, /<path d="M[^"]*L[^"L]+L[^"L]+l-?6 0"/g)).toBe(3);
    expect(many(bothViews({ ...body, legs: [] }).art, /l-?6 0"/g)).toBe(0);
  });

  it('is drawn smaller where it is broad, and its bar and its mark go with it', () => {
    const broad = bothViews({ ...body, abdomen: [0.6, 0.6], high: 1 });
    expect(bothViews(body).span).toBe(SPAN);
    expect(broad.span).toBeLessThan(SPAN);
    const [x, y] = broad.at(70, 46);
    // The head end moves towards the middle of the body by the same share, and stays on its line.
    expect((126 - x) / (126 - 70)).toBeCloseTo(broad.span / SPAN, 9);
    expect(y).toBe(46);
  });

  it('differs by the figure that is another, and by nothing else', () => {
    const plain = bothViews(body).art;
    const longer = bothViews({ ...body, feelers: { long: 0.4, kind: 'thread' } }).art;
    const parts = (art: string): string[] => art.split('/>');
    const other = parts(longer).filter((part, i) => part !== parts(plain)[i]);
    // Two feelers from above and one from the side.
    expect(other).toHaveLength(3);
  });

  it('of a larva has so many rings, and legs and stumps only where it has them', () => {
    const rings = (art: string): number => many(art, /stroke-width="0\.8"/g);
    expect(rings(larvaViews(larva).art)).toBe(2 * 9);
    const maggot = larvaViews({ ...larva, legs: 0, head: [0, 0] });
    expect(many(maggot.art, /<ellipse/g)).toBe(0);
    expect(many(maggot.art, /stroke-width="2"/g)).toBe(0);
    expect(many(larvaViews({ ...larva, stumps: [4, 5, 6] }).art, /stroke-width="5"/g)).toBe(3);
    expect(larvaViews({ ...larva, bent: true }).span).toBe(SPAN);
  });
});

describe('ants side by side', () => {
  /** What is drawn in one and not in the other, the words apart. */
  const apart = (one: string, other: string): number => {
    const parts = (id: string): Set<string> => new Set((ANTS[id]?.art ?? '').split('/>'));
    const [a, b] = [parts(one), parts(other)];
    return [...a].filter((part) => !b.has(part)).length + [...b].filter((part) => !a.has(part)).length;
  };
  it('show the knobs of their waist in both views, and a hidden one in none from above', () => {
    const knobs = (id: string): number => many(ANTS[id]?.art ?? '', /rx="3\.92/g);
    expect([knobs('turf-ant'), knobs('fire-ant'), knobs('pharaoh-ant')]).toEqual([1, 2, 2]);
  });
  it('of one make differ by colour alone, and of two makes by their waist', () => {
    const plain = (id: string): string => (ANTS[id]?.art ?? '').replace(/fill="#[0-9a-f]+"/g, '');
    expect(plain('fire-ant')).toBe(plain('pharaoh-ant'));
    expect(plain('turf-ant')).not.toBe(plain('odorous-ant'));
    expect(apart('european-fire-ant', 'fire-ant')).toBeGreaterThan(0);
  });
});

describe('bodies with clear wings', () => {
  const wings = (id: string): number => many(INSECTS[id]?.art ?? '', /fill-opacity/g);
  it('have one pair where they are flies and two where they are wasps or bees, in both views', () => {
    expect(['house-fly', 'mosquito', 'crane-fly-adult'].map(wings)).toEqual([3, 3, 3]);
    expect(['yellowjacket', 'honey-bee', 'mud-dauber'].map(wings)).toEqual([6, 6, 6]);
  });
  it('have a thread for a waist where they are wasps, and bands in both views', () => {
    const { art } = bothViews({ ...body, waist: { long: 0.1, knobs: 0 } });
    expect(many(art, /stroke-width="3"/g)).toBe(2);
    const banded = bothViews({ ...body, bands: { fill: '#123456', at: [[0.2, 0.3], [0.5, 0.6]] } }); // prettier-ignore
    expect(many(banded.art, /fill="#123456"/g)).toBe(4);
  });
  it('have hair, feet and eyes in their own colours in both views', () => {
    const { art } = bothViews({
      ...body,
      ...{ fur: { of: 'all', long: 0.05, fill: '#aa0000' }, feet: '#00aa00', eyes: [0.05, '#0000aa'] },
    });
    expect(many(art, /stroke="#aa0000"/g)).toBeGreaterThan(60);
    expect(many(art, /stroke="#00aa00"/g)).toBe(6 + 3);
    expect(many(art, /fill="#0000aa"/g)).toBe(2 + 1);
  });
  it('are the same where nothing tells them apart', () => {
    expect(INSECTS['invasive-honey-bee']?.art).toBe(INSECTS['honey-bee']?.art);
  });
});

describe('other animals by their figures', () => {
  const SPIDER: SpiderBody = {
    ...{ fill: '#c0ffee', front: [0.4, 0.3], abdomen: [0.6, 0.4], legs: [1, 0.9, 0.8, 1], palps: 0.2 },
  };
  it('spiders have eight legs of three joints, and lie within the plate however long those are', () => {
    const parts = (long: number): string[] =>
      spiderView({ ...SPIDER, legs: [long, long, long, long] }).art.split('/>');
    const legs = parts(1).filter((part) => /^<path d="M[\d.]+ [\d.]+L[\d.]+ [\d.]+"/.test(part));
    // Two more are the feelers beside the mouth.
    expect(legs.filter((part) => !part.includes('stroke-width="0.8"'))).toHaveLength(8 * 3 + 2);
    for (const long of [0.5, 1, 1.6]) {
      const ys = parts(long).flatMap((part) =>
        [...part.matchAll(/[ML][\d.-]+ ([\d.-]+)/g)].map(([, y]) => Number(y)),
      );
      expect(Math.min(...ys)).toBeGreaterThan(4);
      expect(Math.max(...ys)).toBeLessThan(136);
    }
    expect(spiderView({ ...SPIDER, legs: [2, 2, 2, 2] }).span).toBeLessThan(spiderView(SPIDER).span);
  });
  it('grubs of turf differ by their last ring, their head and how stout they are', () => {
    const parts = (id: string): string[] => (INSECTS[id]?.art ?? '').split('/>');
    const other = (one: string, two: string): string[] =>
      parts(one).filter((part) => !parts(two).includes(part));
    for (const part of other('japanese-beetle', 'masked-chafer'))
      expect(part).toMatch(/^(<circle|<\/g>|<path d="M16 74)/);
    expect(other('chafer-grub', 'cockchafer').length).toBeGreaterThan(20);
  });
  it('have so many plates and legs as they have', () => {
    const legs = (id: string): number => many(SEGMENTED[id]?.art ?? '', /L[^"L]+L[^"L]+" fill="none" stroke="#1b2021" stroke-width="1\.2"/g); // prettier-ignore
    expect(legs('woodlouse')).toBe(14);
    expect(legs('centipede')).toBe(30);
    expect(legs('millipede')).toBe(2 * 2 * 30);
  });
});

describe('a drawing that is shown small', () => {
  it('is the view from above alone, and none of it beyond its field', () => {
    const box = / viewBox="([^"]+)"/.exec(insectSvg('bumble-bee', 'close') ?? '')?.[1] ?? '';
    const [x = 0, y = 0, wide = 0, tall = 0] = numbers(box);
    expect([y, tall, x + wide / 2]).toEqual([1, 90, 126]);
    expect(wide).toBeLessThan(
      numbers(/ viewBox="([^"]+)"/.exec(insectSvg('german-cockroach', 'close') ?? '')?.[1] ?? '')[2] ?? 0,
    );
    expect(insectSvg('bumble-bee', 'plain')).toContain('viewBox="0 0 240 160"');
    // A grub has no other view.
    expect(insectSvg('chafer-grub', 'close')).toBe(insectSvg('chafer-grub', 'plain'));
  });
});

describe('all drawings', () => {
  it.each(Object.entries(INSECTS))(
    'of %s lie within their field, and their bar is told',
    (id, { art, mark, lengthMm, span }) => {
      expect(art).not.toMatch(/NaN|undefined|Infinity/);
      const [x, y, r, text] = mark;
      expect([x > 0, x < 240, y > 0, y < 150, r > 5, r < 45]).toEqual([true, true, true, true, true, true]);
      expect(text.length).toBeLessThanOrEqual(37);
      expect(lengthMm).toBeGreaterThan(0);
      expect(span ?? 160).toBeGreaterThan(20);
      expect(insectSvg(id, 'plain')).not.toContain('#a83a22');
    },
  );
});

describe('drawings of stages', () => {
  it('are of stages and entries that there are, and lie within their field', () => {
    const known = new Set(CANDIDATES.flatMap((c) => [c.id, ...c.stages.map((s) => `${c.id}-${s.id}`)]));
    for (const [id, { art, mark }] of Object.entries(STAGES)) {
      expect(known, id).toContain(id);
      expect(art, id).not.toMatch(/NaN|undefined|Infinity/);
      expect(mark[0] > 0 && mark[0] < 240 && mark[1] > 0 && mark[1] < 150, id).toBe(true);
    }
  });

  it('say what tells in so many letters as stand beside each other', () => {
    for (const [id, { mark }] of Object.entries({ ...STAGES, ...ANTS }))
      expect(mark[3].length, id).toBeLessThanOrEqual(34);
  });

  it('show larva and grown one of what is met as both', () => {
    const both = ['masked-chafer', 'oriental-beetle', 'black-beetle', 'armyworm', 'cutworm', 'carpet-beetle'];
    for (const id of [
      ...both,
      'clothes-moth',
      'meal-moth',
      'mosquito',
      'flea',
      'woodworm',
      'house-longhorn',
    ]) {
      expect(INSECTS, id).toHaveProperty(id);
      const stages = CANDIDATES.find((one) => one.id === id)?.stages ?? [];
      expect(
        stages.some((stage) => Object.hasOwn(INSECTS, `${id}-${stage.id}`)),
        id,
      ).toBe(true);
    }
  });

  it('have a bar as long as the body says it is', () => {
    // A swarmer of 10 mm over 112 units: 5 mm are 56 units.
    const bar = /<path d="M([\d.]+) 12V6M[\d.]+ 9H([\d.]+)M/.exec(insectSvg('termite-swarmer') ?? '');
    const [from = 0, to = 0] = numbers(`${bar?.[1]} ${bar?.[2]}`);
    expect(to - from).toBeCloseTo((5 / 10) * (STAGES['termite-swarmer']?.span ?? 0), 1);
  });
});
