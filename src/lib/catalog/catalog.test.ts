import { describe, expect, it } from 'vitest';
import { CANDIDATES, DEMONSTRATION_LABELS, SIGNS } from '.';

const ids = new Set(CANDIDATES.map((c) => c.id));
const signs = new Set(SIGNS.map((s) => s.id));

describe('the catalogue of lawn causes', () => {
  it('has at least eight candidates, two of them no insect, and insects that must be left alone', () => {
    expect(CANDIDATES.length).toBeGreaterThanOrEqual(8);
    expect(CANDIDATES.filter((c) => c.kind === 'not-insect').length).toBeGreaterThanOrEqual(2);
    expect(CANDIDATES.some((c) => c.status === 'protected')).toBe(true);
  });

  it('names only signs that are described, and describes only signs that some cause shows', () => {
    for (const candidate of CANDIDATES)
      for (const sign of Object.keys(candidate.signs))
        expect(signs, `${candidate.id}: ${sign}`).toContain(sign);
    for (const sign of signs)
      expect(
        CANDIDATES.some((c) => (c.signs[sign] ?? 0) > 0.5),
        sign,
      ).toBe(true);
  });

  it('gives every candidate a sign that tells it apart with at least two to one', () => {
    for (const candidate of CANDIDATES) {
      const best = Math.max(
        ...[...signs].map((sign) => {
          const others = CANDIDATES.filter((c) => c !== candidate).map((c) => c.signs[sign] ?? 0.05);
          return (candidate.signs[sign] ?? 0.05) / (others.reduce((a, b) => a + b, 0) / others.length);
        }),
      );
      expect(best, candidate.id).toBeGreaterThan(2);
    }
  });

  it('puts no month of the year into two life stages of one insect', () => {
    for (const candidate of CANDIDATES) {
      const months = candidate.stages.flatMap((stage) => stage.months);
      expect(new Set(months).size, candidate.id).toBe(months.length);
    }
  });
});

describe('the demonstration labels', () => {
  it('are marked as such, and name known pests and life stages', () => {
    for (const label of DEMONSTRATION_LABELS) {
      expect(label.demonstration).toBe(true);
      for (const target of label.use.targets) {
        expect(ids, label.id).toContain(target.pest);
        const stages = CANDIDATES.find((c) => c.id === target.pest)?.stages.map((s) => s.id);
        for (const stage of target.stages) expect(stages, `${label.id}: ${target.pest}`).toContain(stage);
      }
    }
  });

  it('never name a protected insect as a target', () => {
    const safe = new Set(CANDIDATES.filter((c) => c.status === 'protected').map((c) => c.id));
    for (const label of DEMONSTRATION_LABELS)
      expect(label.use.targets.filter((t) => safe.has(t.pest))).toEqual([]);
  });

  it('print a clause with its place for every limit that they state', () => {
    for (const { id, use, clauses, ppe, filterOut } of DEMONSTRATION_LABELS) {
      const stated: [string, boolean][] = [
        ['interval', use.noSoonerThanDays !== null],
        ['yearly', use.maxPerYear !== null || use.cap !== null],
        ['watering', use.wateringIn !== null],
        ['soil', use.soilC !== null],
        ['buffer', use.waterBufferM !== null],
        ['bloom', use.notOnBloom],
        ['ppe', ppe.length > 0],
        ['filter', filterOut],
      ];
      for (const [key, isStated] of stated) expect(key in clauses, `${id}: ${key}`).toBe(isStated);
    }
  });
});
