import { readFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { describe, expect, it } from 'vitest';
import { CANDIDATES, GUIDE, SIGNS } from '../lib/catalog';
import { rankCase } from '../lib/core/identify';
import { calibrationOf, identificationReport, shareWithin, SIGHTINGS, trialsWith } from './identification';

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
