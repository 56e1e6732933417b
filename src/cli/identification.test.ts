import { readFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { describe, expect, it } from 'vitest';
import { CANDIDATES, GUIDE, SIGNS } from '../lib/catalog';
import { rankCase } from '../lib/core/identify';
import {
  answersNeeded,
  brierOf,
  calibrationOf,
  identificationReport,
  medianOf,
  robustness,
  shareWithin,
  SIGHTINGS,
  TOLD,
  trialsWith,
  untoldShare,
} from './identification';

describe('sightings as people tell them', () => {
  const trials = trialsWith(99, TOLD);
  it('are eighty and more, of every group, from ten parts of the world, and hardly any of it is without a sign', () => {
    expect(TOLD.length).toBeGreaterThanOrEqual(80);
    expect(new Set(TOLD.map((s) => GUIDE.get(s.answer)?.group)).size).toBe(5);
    expect(new Set(TOLD.map((s) => s.region)).size).toBeGreaterThanOrEqual(6);
    expect(untoldShare()).toBeLessThanOrEqual(0.1);
  });
  it('are named rightly, and what is said with a certainty is right that often, in every band', () => {
    expect(shareWithin(trials, 1)).toBeGreaterThanOrEqual(0.9);
    expect(shareWithin(trials, 3)).toBeGreaterThanOrEqual(0.97);
    expect(brierOf(trials)).toBeLessThanOrEqual(0.05);
    for (const [i, least] of [0.9, 0.8, 0.5].entries()) {
      const { said, right } = calibrationOf(trials)[i] ?? expect.fail();
      if (said > 0) expect(right / said, `${least}`).toBeGreaterThanOrEqual(least);
    }
    // As many are said plainly as somebody who knows them would say so.
    expect(trials.filter(({ plainly }) => plainly).length / trials.length).toBeGreaterThanOrEqual(50 / 60);
  });
  it('are hardly ever wrong and sure where a fact is missing, a tick is wrong, or one value was misread', () => {
    for (const { what, tried, wrongAndSure } of robustness(TOLD)) {
      expect(tried, what).toBeGreaterThan(200);
      expect(wrongAndSure / tried, what).toBeLessThanOrEqual(0.03);
    }
  });
  it('take at most six answers in the median, and far more down a list', () => {
    const [asked, listed] = (['next', 'list'] as const).map((order) =>
      medianOf(TOLD.map((s) => answersNeeded(s, order))),
    );
    expect(asked).toBeLessThanOrEqual(6);
    expect(listed ?? 0).toBeGreaterThan(asked ?? 0);
  });
});

describe('the written sightings', () => {
  it('are forty and more, of every group of the field guide, with useful animals and causes that are none', () => {
    expect(SIGHTINGS.length).toBeGreaterThanOrEqual(40);
    const groups = new Set(SIGHTINGS.map((s) => GUIDE.get(s.answer)?.group));
    expect(groups).toEqual(new Set(['turf', 'garden', 'house', 'nesting', 'other']));
    const statuses = SIGHTINGS.map((s) => CANDIDATES.find((c) => c.id === s.answer)?.status);
    expect(new Set(statuses)).toEqual(new Set(['pest', 'useful', 'protected', 'notifiable', 'dangerous']));
  });

  it('are named as docs/identification.md says, misses and all', async () => {
    const path = 'docs/identification.md';
    const report = await format(identificationReport(), {
      ...(await resolveConfig(path)),
      parser: 'markdown',
    });
    expect(readFileSync(path, 'utf8'), 'run npm run identification').toBe(report);
  });

  it('come out right more often the more was looked at, and what is said to be sure holds', () => {
    const [none, four, eight] = [0, 4, 8].map((answers) => trialsWith(answers)) as [
      ReturnType<typeof trialsWith>,
      ReturnType<typeof trialsWith>,
      ReturnType<typeof trialsWith>,
    ];
    expect(shareWithin(four, 1)).toBeGreaterThan(shareWithin(none, 1) + 0.4);
    expect(shareWithin(four, 1)).toBeGreaterThanOrEqual(0.8);
    expect(shareWithin(eight, 3)).toBeGreaterThanOrEqual(0.9);
    for (const trials of [four, eight]) {
      const sure = calibrationOf(trials)[0];
      expect((sure?.right ?? 0) / (sure?.said ?? 1)).toBeGreaterThanOrEqual(0.9);
    }
  });

  it('find a chafer by its raster, not by the lifting turf alone', () => {
    const may = { month: 9, hemisphere: 'north', surrounding: 'lawn', history: {}, lengthMm: null } as const;
    const bare = rankCase(CANDIDATES, SIGNS, { 'turf-lifts': true, 'c-grubs': true }, may);
    expect(bare.sure).toBe(false);
    expect(bare.next.slice(0, 2).map((look) => look.sign)).toContain('raster');
    const chafer = rankCase(
      CANDIDATES,
      SIGNS,
      { 'turf-lifts': true, 'c-grubs': true, raster: 'rows-spread' },
      may,
    );
    expect([chafer.ranked[0]?.id, chafer.sure]).toEqual(['chafer-grub', true]);
    const june = rankCase(
      CANDIDATES,
      SIGNS,
      { 'turf-lifts': true, 'c-grubs': true, raster: 'rows-oval' },
      may,
    );
    expect(june.ranked[0]?.id).toBe('june-beetle');
  });
});
