import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { calculate } from './calc';
import { TOPICS } from './topics';

const SHARED = join(process.cwd(), '..', 'shared', 'cases');
const OWN = join(process.cwd(), 'src', 'cli', 'cases');
const casesIn = (dir: string): GoldenCase[] =>
  readdirSync(dir)
    .filter((file) => file.endsWith('.json'))
    .flatMap((file) => JSON.parse(readFileSync(join(dir, file), 'utf8')) as GoldenCase[]);

interface GoldenCase {
  name: string;
  topic: string;
  input: unknown;
  expect: Record<string, unknown>;
}

const given = existsSync(SHARED) ? casesIn(SHARED) : [];
// Topics for which none are given have those that ship.
const all = [...given, ...casesIn(OWN).filter(({ topic }) => !given.some((one) => one.topic === topic))];

/** Numbers to a relative 1e-6 (1e-9 near zero), problems as sets, everything else exactly; more keys are allowed. */
function holds(expected: unknown, seen: unknown, path = ''): void {
  if (typeof expected === 'number') {
    expect(typeof seen, path).toBe('number');
    const off = Math.abs((seen as number) - expected);
    expect(off <= Math.max(1e-9, 1e-6 * Math.abs(expected)), `${path}: ${String(seen)} for ${expected}`).toBe(
      true,
    );
  } else if (Array.isArray(expected)) {
    expect(seen, path).toHaveLength(expected.length);
    const sets = path.endsWith('.problems');
    const [a, b] = [expected, seen as unknown[]].map((l) => (sets ? [...l].sort() : l)) as [
      unknown[],
      unknown[],
    ];
    a.forEach((entry, i) => holds(entry, b[i], `${path}.${i}`));
  } else if (typeof expected === 'object' && expected !== null) {
    expect(seen, path).toBeTypeOf('object');
    for (const [key, value] of Object.entries(expected))
      holds(value, (seen as Record<string, unknown>)[key], `${path}.${key}`);
  } else expect(seen, path).toBe(expected);
}

describe('golden cases of the calculation contract', () => {
  it('finds cases for every topic that exists', () => {
    const withCases = new Set(all.map((c) => c.topic));
    expect([...TOPICS.keys()].filter((topic) => !withCases.has(topic))).toEqual([]);
  });

  for (const golden of all.filter((c) => TOPICS.has(c.topic)))
    it(`${golden.topic}: ${golden.name}`, () => {
      holds(golden.expect, calculate(golden.topic, golden.input));
    });
});
