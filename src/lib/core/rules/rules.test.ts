import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import { inHand } from '../labels';
import type { CalendarDay } from '../units';
import { ownThreshold, ruleCautions, underRules, type LocalRule } from '.';

const label =
  DEMONSTRATION_LABELS.map((card) => inHand(card, { pest: null, stage: null, surrounding: 'lawn' })).find(
    (l) => l?.siteFits && l.use.waterBufferM !== null && l.use.maxWindKmh !== null,
  ) ?? expect.fail();
const day = (text: string) => text as CalendarDay;
const active = label.actives[0]?.name ?? '';

describe('local rules', () => {
  it('widen a buffer and lower a wind limit, and say whose clause it is', () => {
    const strict = underRules(label, [
      { kind: 'water-buffer', metres: 30, note: 'Lake order: 30 m' },
      { kind: 'wind', kmh: 4, note: 'District: 4 km/h' },
    ]);
    expect(strict.use.waterBufferM).toBe(30);
    expect(strict.use.maxWindKmh).toBe(4);
    expect(strict.clauses.buffer).toEqual({ at: 'local rule', text: 'Lake order: 30 m' });
    expect(strict.clauses.weather).toEqual({ at: 'local rule', text: 'District: 4 km/h' });
  });

  it('never loosen what the label says', () => {
    const loose: LocalRule[] = [
      { kind: 'water-buffer', metres: 0.1, note: '' },
      { kind: 'wind', kmh: 90, note: '' },
    ];
    expect(underRules(label, loose)).toBe(label);
  });

  it('state a limit where the label states none', () => {
    const silent = { ...label, use: { ...label.use, waterBufferM: null, maxWindKmh: null } };
    expect(underRules(silent, [{ kind: 'water-buffer', metres: 6, note: 'x' }]).use.waterBufferM).toBe(6);
  });

  it('halt an ingredient by its name, whatever its case, and no other', () => {
    const ban = (ingredient: string): LocalRule => ({
      kind: 'ban',
      ingredient,
      fromMonth: null,
      toMonth: null,
      note: 'Not on turf here',
    });
    expect(ruleCautions(label, [ban(` ${active.toUpperCase()} `)], day('2027-09-15'))).toMatchObject([
      { code: 'banned-here', rank: 'halt', settledBy: 'change', facts: { ingredient: active } },
    ]);
    expect(ruleCautions(label, [ban('something else')], day('2027-09-15'))).toEqual([]);
    expect(ruleCautions(label, [ban('')], day('2027-09-15'))).toHaveLength(1);
  });

  it('halt over the turn of the year, the first and the last month included', () => {
    const winter: LocalRule = { kind: 'ban', ingredient: '', fromMonth: 11, toMonth: 3, note: 'Winter rest' };
    const halted = (text: string) => ruleCautions(label, [winter], day(text)).length === 1;
    expect(['2027-10-31', '2027-11-01', '2028-01-15', '2028-03-31', '2028-04-01'].map(halted)).toEqual([
      false,
      true,
      true,
      true,
      false,
    ]);
  });

  it('ask for an act that is ticked, each rule on its own', () => {
    const cares = ruleCautions(
      label,
      [
        { kind: 'caution', note: 'Ring the bee-keeper first' },
        { kind: 'caution', note: 'Put up the flag' },
      ],
      day('2027-09-15'),
    );
    expect(cares.map((c) => [c.rank, c.settledBy, c.code === 'local-care' && c.facts.text])).toEqual([
      ['care', 'tick', 'Ring the bee-keeper first'],
      ['care', 'tick', 'Put up the flag'],
    ]);
    expect(new Set(cares.map((c) => c.facts.about)).size).toBe(2);
  });

  it('replace a threshold by the workspace’s own, and leave the others', () => {
    const threshold = { test: 'soap-flush' as const, at: [15, 20] as const, source: 'guidance' };
    const own = [{ candidate: 'a', perM2: [5, 9] as const, source: 'our greens' }];
    expect(ownThreshold({ id: 'a', threshold }, own)).toEqual({
      ...threshold,
      at: [5, 9],
      source: 'our greens',
    });
    expect(ownThreshold({ id: 'b', threshold }, own)).toBe(threshold);
    expect(ownThreshold({ id: 'a', threshold: null }, own)?.at).toEqual([5, 9]);
  });
});
