import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { calculate } from './calc';

/** docs/mixing.md: every sum of its table worked out from the page, and held against the core. */
const page = readFileSync(join(process.cwd(), 'docs', 'mixing.md'), 'utf8');
const rows = [...page.matchAll(/^\|\s*(\d+)\s*\|([^|]+)\|([^|]+)\|([^|]+)\|([^|]+)\|$/gm)].map(
  ([, row, method, , sum, answer]) => ({
    row: Number(row),
    method: (method ?? '').trim(),
    sum: (sum ?? '').trim(),
    answer: (answer ?? '').trim(),
  }),
);
const asked = [...page.matchAll(/^\{"row".+\}$/gm)].map(
  ([line]) => JSON.parse(line) as { row: number; at: string; topic: string; input: unknown },
);

/** A sum as it stands on paper: numbers, + − × ÷ and brackets. */
function workedOut(sum: string): number {
  const tokens = sum.match(/\d+(?:\.\d+)?|[+−×÷()]/g) ?? [];
  expect(tokens.join(''), sum).toBe(sum.replaceAll(' ', ''));
  let at = 0;
  const one = (): number => {
    const token = tokens[at++];
    if (token !== '(') return Number(token);
    const inner = terms();
    at++;
    return inner;
  };
  const factors = (): number => {
    let value = one();
    while (tokens[at] === '×' || tokens[at] === '÷')
      value = tokens[at++] === '×' ? value * one() : value / one();
    return value;
  };
  const terms = (): number => {
    let value = factors();
    while (tokens[at] === '+' || tokens[at] === '−')
      value = tokens[at++] === '+' ? value + factors() : value - factors();
    return value;
  };
  return terms();
}

const found = (answer: unknown, at: string): unknown =>
  at
    .split('.')
    .reduce<unknown>((value, key) => (value as Record<string, unknown> | undefined)?.[key], answer);

describe('the table of docs/mixing.md', () => {
  it('has every method, and a job for the core for each row', () => {
    expect(rows.length).toBeGreaterThan(24);
    expect(asked.map(({ row }) => row)).toEqual(rows.map(({ row }) => row));
  });

  for (const { row, method, sum, answer } of rows)
    it(`row ${row}, ${method}: the sum by hand, the answer on the page and the core agree`, () => {
      const byHand = workedOut(sum);
      const job = asked.find((one) => one.row === row);
      const core = found(calculate(job?.topic ?? '', job?.input), `ok.${job?.at ?? ''}`);
      expect(core).toBeTypeOf('number');
      expect(Math.abs((core as number) - byHand)).toBeLessThan(1e-6 * Math.max(1, byHand));
      // As many digits as the page writes.
      const [written = ''] = /^[\d.]+/.exec(answer) ?? [];
      const digits = written.split('.')[1]?.length ?? 0;
      expect(byHand.toFixed(digits)).toBe(written.replace(/\.$/, ''));
    });
});
