import { describe, expect, it } from 'vitest';
import { CANDIDATES, DEMONSTRATION_LABELS } from '../../catalog';
import type { Licence } from '../premises';
import { wayOutOf } from '../safety';
import { assess, type CaseFacts, type StopBodies } from '.';
import { factsWith, stops } from './case.test-kit';

const LICENCE: Licence = {
  ...{ category: 'public health', covers: ['household', 'health'], number: 'OST-1', by: 'Ostermere' },
  until: null,
};
const facts = (
  candidate: string,
  {
    licence = null,
    surrounding = 'wall',
    rules = [],
  }: Partial<Pick<CaseFacts, 'licence' | 'rules'>> & {
    surrounding?: StopBodies['look']['surrounding'];
  } = {},
): CaseFacts =>
  factsWith({
    ...{ licence, rules, property: { ...factsWith().property, byWater: false } },
    candidates: CANDIDATES.filter(({ id }) => id === candidate),
    shelf: DEMONSTRATION_LABELS.map((label) => ({ label, containers: [] })),
    stops: {
      look: { ...stops.look, surrounding, signs: {}, counts: [null, null] },
      name: { candidate, stage: null, also: [] },
    },
  });
const codes = (of: CaseFacts, rank: string): string[] =>
  assess(of).cautions.flatMap(({ caution }) =>
    caution.rank === rank
      ? [caution.code === 'nest-step' ? `nest-step:${caution.facts.about}` : caution.code]
      : [],
  );

describe('a wasp nest', () => {
  it('halts whoever has no licence, and is a Care with kit, permit and the steps of nests for whoever has one', () => {
    expect(codes(facts('yellowjacket'), 'halt')).toContain('must-rule-out');
    expect(codes(facts('yellowjacket'), 'care')).toEqual([]);
    const qualified = facts('yellowjacket', { licence: LICENCE });
    expect(codes(qualified, 'halt')).not.toContain('must-rule-out');
    expect(codes(qualified, 'care')).toEqual([
      ...['must-rule-out', 'permit-or-report', 'nest-step:find-exits', 'nest-step:close-none'],
      ...['nest-step:after-dark', 'nest-step:watch-two-days', 'nest-step:seal-after', 'nest-step:comb'],
    ]);
  });
  it('in the ground has no ways into the house to find or to seal', () => {
    const inGround = facts('yellowjacket', { licence: LICENCE, surrounding: 'ground' });
    expect(codes(inGround, 'care').filter((code) => code.startsWith('nest'))).toEqual([
      ...['nest-step:after-dark', 'nest-step:watch-two-days'],
    ]);
  });
  it.each([
    ['heronfold-jet', 'wall'],
    ['limewath-dust', 'wall'],
    ['limewath-dust', 'loft'],
  ] as const)('is worked at with %s in the %s after dark alone', (label, surrounding) => {
    const at = facts('yellowjacket', { licence: LICENCE, surrounding });
    const chosen = { ...at, stops: { ...at.stops, choose: { ...stops.choose, label } } };
    const open = (assess(chosen).hours?.hours ?? []).filter(({ state }) => state !== 'no');
    expect(open.length).toBeGreaterThan(3);
    expect(open.every(({ hour }) => hour % 24 >= 21 || hour % 24 < 5)).toBe(true);
  });
  it('stays a Halt for a licence of another kind of work', () => {
    const wood = { ...LICENCE, covers: ['wood'] as const };
    expect(codes(facts('yellowjacket', { licence: wood }), 'halt')).toContain('must-rule-out');
  });
});

describe('what is to be reported', () => {
  it('is work for a qualified person with the number of the report, and no householder’s', () => {
    const mound = facts('fire-ant', { surrounding: 'lawn' });
    const halt = assess(mound).halts.find(({ caution }) => caution.code === 'must-rule-out');
    expect(halt && wayOutOf(halt.caution)).toBe('qualified');
    const qualified = facts('fire-ant', { surrounding: 'lawn', licence: LICENCE });
    expect(codes(qualified, 'halt')).not.toContain('must-rule-out');
    expect(codes(qualified, 'care')).toContain('permit-or-report');
    expect(codes(qualified, 'care').some((code) => code.startsWith('nest'))).toBe(false);
  });
  it('halts nobody where the place lives with it', () => {
    const rules: CaseFacts['rules'] = [{ kind: 'lives-with', candidate: 'fire-ant', note: 'county list 7' }];
    expect(codes(facts('fire-ant', { surrounding: 'lawn', rules }), 'halt')).not.toContain('must-rule-out');
    // That is said of it alone.
    expect(codes(facts('lanternfly', { surrounding: 'tree', rules }), 'halt')).toContain('must-rule-out');
  });
  it('does not open what is protected', () => {
    const bees = facts('bumble-bee', {
      surrounding: 'ground',
      licence: { ...LICENCE, covers: ['turf', 'household', 'health'] },
    });
    const halt = assess(bees).halts.find(({ caution }) => caution.code === 'must-rule-out');
    expect(halt && wayOutOf(halt.caution)).toBe('none');
  });
});
