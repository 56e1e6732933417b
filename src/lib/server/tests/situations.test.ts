import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { assess } from '../../core/case';
import { wayOutOf } from '../../core/safety';
import { factsOf, SITUATIONS, type Situation } from './situations';

const standingIn = (s: Situation): string[] =>
  assess(factsOf(s))
    .cautions.filter((c) => c.settled === null)
    .map(({ caution, key }) => `${caution.rank} ${key}`);

describe('a situation in which somebody could be hurt', () => {
  it.each(SITUATIONS)('$told', (s) => {
    const standing = standingIn(s);
    for (const wanted of s.stands ?? []) expect(standing).toContain(wanted);
    for (const unwanted of s.not ?? []) expect(standing).not.toContain(unwanted);
    // While a Halt is open nothing may be measured out: the view says so to every screen.
    if (s.stands?.some((key) => key.startsWith('halt')))
      expect(assess(factsOf(s)).halts.length).toBeGreaterThan(0);
  });

  it('has one way out of every Halt: a tick where it is an act, and a licence for nothing that a label says', () => {
    const halts = SITUATIONS.flatMap((s) => assess(factsOf(s)).cautions.map(({ caution }) => caution)).filter(
      ({ rank }) => rank === 'halt',
    );
    expect(new Set(halts.map(wayOutOf))).toEqual(new Set(['evidence', 'act', 'change', 'qualified', 'none']));
    for (const halt of halts) {
      expect(wayOutOf(halt) === 'act', halt.code).toBe(halt.settledBy === 'tick');
      if (wayOutOf(halt) === 'qualified') expect(['must-rule-out', 'licence-needed']).toContain(halt.code);
      if (halt.code === 'must-rule-out' && halt.facts.status === 'protected')
        expect(['evidence', 'none']).toContain(wayOutOf(halt));
    }
    expect(wayOutOf({ ...halts[0]!, rank: 'care' })).toBeNull();
  });

  it('stands in docs/safety.md, each with what Nimsy does', () => {
    const page = readFileSync('docs/safety.md', 'utf8');
    const rows = SITUATIONS.map(({ told, does }, i) => `${i + 1}. ${told} _${does}_`);
    expect(page.split('\n').filter((line) => /^\d+\. /.test(line))).toEqual(rows);
    expect(SITUATIONS.length).toBeGreaterThanOrEqual(40);
  });
});
