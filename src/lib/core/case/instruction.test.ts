import { describe, expect, it } from 'vitest';
import { CANDIDATES, DEMONSTRATION_LABELS } from '../../catalog';
import { inHand, type LabelCard } from '../labels';
import { assess, outsideOf, type CaseFacts } from '.';
import { day, factsWith, record, stops } from './case.test-kit';

const sweep = DEMONSTRATION_LABELS.find(({ id }) => id === 'fenrigg-sweep') ?? expect.fail();
const wanted = { pest: 'flea', stage: 'adult', surrounding: 'room' } as const;
const facts = (card: LabelCard = sweep): CaseFacts =>
  factsWith({
    shelf: [{ label: card, containers: [] }],
    candidates: CANDIDATES.filter(({ id }) => id === 'flea'),
    stops: {
      look: { ...stops.look, surrounding: 'room', signs: {} },
      name: { candidate: 'flea', stage: 'adult', stages: ['adult'], also: [] },
      choose: { label: card.id, reason: '', wishes: [], budget: null },
      measure: { ...stops.measure, how: 'known', known: { area: { value: 18, unit: 'm2' }, errorPct: 0 } },
    },
  });

describe('a label that says how it is used and gives no rate', () => {
  it('is used by its instruction: no amount is reckoned, and Mix asks nothing', () => {
    const view = assess(facts());
    expect(view.unusable).toEqual([]);
    expect(view.label?.use.instruction).toContain('sweep slowly');
    expect([view.measured, view.dose, view.doseRefused]).toEqual(['instruction', null, []]);
    expect(view.options[0]?.dose).toBeNull();
    expect(view.halts).toEqual([]);
    expect(view.trail.find(({ stop }) => stop === 'mix')?.state).toBe('answered');
    expect(view.method?.id).toBe('aerosol');
  });
  it('is logged by weight or by turns, and lies outside no rate', () => {
    const view = assess(facts());
    const weighed = {
      ...record(),
      product: { value: 90, unit: 'g' as const },
      area: { value: 18, unit: 'm2' as const },
    };
    for (const done of [weighed, { ...weighed, product: { value: 6, unit: 'count' as const } }])
      expect(
        outsideOf(facts(), view, { ...done, doneOn: day('2027-09-15') }).map(({ code }) => code),
      ).not.toContain('above-most');
  });
  it('asks for the scale where a most for a year holds, and for nothing where none does', () => {
    const codes = (card: LabelCard): string[] =>
      assess(facts(card)).cautions.map(({ caution }) => caution.code);
    expect(codes(sweep)).not.toContain('amount-not-weighed');
    const [use] = sweep.uses;
    const capped: LabelCard = {
      ...sweep,
      uses: [
        {
          ...(use ?? expect.fail()),
          cap: { of: 'product', amount: { value: 800, unit: 'g' }, per: { value: 100, unit: 'm2' } },
        },
      ],
    };
    expect(codes(capped)).toContain('amount-not-weighed');
  });
  it('needs one or the other: without a rate and without words it cannot be used', () => {
    const [use = expect.fail()] = sweep.uses;
    const { more: _, ...silent } = use;
    expect(inHand({ ...sweep, uses: [silent] }, wanted)).toBeNull();
    expect(inHand(sweep, wanted)?.use.rate).toMatchObject({ min: 0, max: 0, unit: 'g' });
  });
});
