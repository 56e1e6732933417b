import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calculate, calculateLine } from './calc';
import { TOPICS } from './topics';

const q = (value: unknown, unit: unknown) => ({ value, unit });
const refusal = (topic: string, input: unknown): string => {
  const answer = calculate(topic, input);
  return 'refused' in answer ? `${answer.refused} ${answer.path}` : 'answered';
};

describe('the calculation contract at its edges', () => {
  it('treats null as absent where a key is optional, and refuses it in a list', () => {
    const rate = { min: 1, max: 2, unit: 'ml', per: q(1, 'm2'), chosen: null };
    expect(refusal('dose', { rate, target: q(5, 'm2'), tank: null, carrier: null })).toBe('answered');
    expect(
      refusal('calibrate', {
        kind: 'sprinkler',
        depths: [q(1, 'mm'), null],
        time: q(1, 'min'),
        wanted: q(1, 'mm'),
      }),
    ).toBe('invalid-input depths.1');
  });

  it('tests shape, then unknown units, then signs, then units that do not match', () => {
    expect(refusal('dose', { rate: 3, target: q(-1, 'smidgen') })).toBe('invalid-input rate');
    const rate = { min: 1, max: 2, unit: 'ml', per: q(-1, 'm2') };
    expect(refusal('dose', { rate, target: q(1, 'smidgen') })).toBe('unknown-unit target.unit');
    expect(refusal('dose', { rate, target: q(1, 'm') })).toBe('invalid-input rate.per.value');
    expect(refusal('dose', { rate: { ...rate, per: q(1, 'm2') }, target: q(0, 'm') })).toBe(
      'units-do-not-match rate.per.unit',
    );
    expect(refusal('dose', { rate: { ...rate, per: q(1, 'm2') }, target: q(-1, 'm2') })).toBe(
      'target-not-positive target.value',
    );
  });

  it('refuses numbers beyond a million million, unknown keys and lists without end', () => {
    expect(refusal('convert', { quantity: q(2e12, 'l'), to: 'ml' })).toBe('invalid-input quantity.value');
    expect(refusal('convert', { quantity: q(1, 'l'), to: 'ml', extra: 1 })).toBe('invalid-input extra');
    expect(
      refusal('measure', {
        parts: Array.from({ length: 10_001 }, () => ({ kind: 'circle', radius: q(1, 'm') })),
        unit: 'm2',
      }),
    ).toBe('invalid-input parts');
    expect(refusal('calibrate', { kind: 'magic' })).toBe('invalid-input kind');
  });

  it('lets only temperatures and coordinates be negative', () => {
    expect(refusal('convert', { quantity: q(-5, 'l'), to: 'ml' })).toBe('answered');
    expect(refusal('measure', { parts: [{ kind: 'circle', radius: q(-1, 'm') }], unit: 'm2' })).toBe(
      'invalid-input parts.0.radius.value',
    );
    expect(refusal('efficacy', { method: 'reduction', before: -3, after: 1 })).toBe('no-baseline before');
    expect(refusal('efficacy', { method: 'reduction', before: 3, after: -1 })).toBe('invalid-input after');
  });

  it('refuses dates that do not exist and days that are not whole', () => {
    expect(refusal('retreat', { first: '2027-02-30', seasonEnd: '2027-12-01' })).toBe('invalid-input first');
    expect(refusal('retreat', { first: '2027-02-03', seasonEnd: '2027-12-01', minIntervalDays: 1.5 })).toBe(
      'invalid-input minIntervalDays',
    );
    expect(refusal('retreat', { first: '2027-02-03', seasonEnd: '2027-12-01', capAmount: 3 })).toBe(
      'invalid-input amount',
    );
    expect(refusal('retreat', { first: '1000-01-01', seasonEnd: '9999-12-31', minIntervalDays: 1 })).toBe(
      'invalid-input seasonEnd',
    );
  });

  it('refuses a result that is not finite', () => {
    const carrier = { amount: q(0, 'l'), per: q(1, 'm2') };
    const rate = { min: 1, max: 2, unit: 'ml', per: q(1, 'l') };
    expect(refusal('dose', { rate, carrier, target: q(5, 'm2') })).toBe('invalid-input ');
  });

  it('wants a list for each limit of the hours', () => {
    const hours = { start: '2027-05-12T00:00', tempC: [9], windKmh: [3], rainMm: [0] };
    expect(refusal('windows', { ...hours, limits: { minSoilC: 5 } })).toBe('invalid-input soilC');
    expect(refusal('windows', { ...hours, limits: { avoidTowards: { fromDeg: 1, toDeg: 2 } } })).toBe(
      'invalid-input windFromDeg',
    );
    expect(refusal('windows', { ...hours, rainMm: [0, 0], limits: {} })).toBe('invalid-input rainMm');
    expect(refusal('windows', { ...hours, start: '2027-05-12T25:00', limits: {} })).toBe(
      'invalid-input start',
    );
  });

  it('answers any line one way or the other, with a sentence for every refusal', () => {
    fc.assert(
      fc.property(fc.constantFrom(...TOPICS.keys(), 'nothing'), fc.jsonValue(), (topic, input) => {
        const answer = calculateLine(JSON.stringify({ topic, input }));
        if ('refused' in answer) expect(answer.message).toMatch(/\.$/);
      }),
    );
    expect(calculateLine('{')).toMatchObject({ refused: 'invalid-input', path: '' });
    expect(calculateLine('[]')).toMatchObject({ refused: 'invalid-input' });
    expect(calculateLine('{"topic":"convert","input":{},"more":1}')).toMatchObject({
      refused: 'invalid-input',
      path: 'more',
    });
  });

  it('mutates a good dose in every place and never crashes', () => {
    const good = {
      rate: { min: 1, max: 2, chosen: 1.5, unit: 'ml', per: q(1, 'm2') },
      carrier: { amount: q(1, 'l'), per: q(10, 'm2') },
      target: q(50, 'm2'),
      tank: { capacity: q(3, 'l'), carryOver: { finished: q(1, 'l'), product: q(5, 'ml') } },
      measureStep: q(1, 'ml'),
      container: { size: q(1, 'l'), price: 3 },
    };
    const leaves = (value: unknown, path: string[] = []): string[][] =>
      typeof value === 'object' && value !== null
        ? Object.entries(value).flatMap(([key, child]) => leaves(child, [...path, key]))
        : [path];
    for (const path of leaves(good))
      for (const bad of [undefined, null, -1, 0, 1e-300, 1e12, '', 'kg', [], {}, true]) {
        const copy = structuredClone(good) as Record<string, unknown>;
        let node = copy;
        for (const key of path.slice(0, -1)) node = node[key] as Record<string, unknown>;
        node[path[path.length - 1] ?? ''] = bad;
        const answer = calculate('dose', JSON.parse(JSON.stringify(copy)));
        expect('ok' in answer || answer.message.endsWith('.')).toBe(true);
      }
  });
});
