import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { groundKnown, groundOfEdge, groundOfGrid, groundOfParts, gridOver } from '../lib/core/ground';
import { groundOf, trimPass } from '../lib/core/clip';
import { lanesOver } from '../lib/core/place';
import { quantity } from '../lib/core/units';
import type { Point } from '../lib/core/geometry';

const page = readFileSync(join(process.cwd(), 'docs', 'treatments.md'), 'utf8');
/** The row of the page that begins so, its last cell. */
const told = (start: string): string =>
  page
    .split('\n')
    .find((line) => line.startsWith(`| ${start}`))
    ?.split('|')
    .at(-2)
    ?.trim() ?? expect.fail(`no row “${start}”`);
const ok = <T>(result: { ok: T } | { refused: unknown }): T =>
  'ok' in result ? result.ok : expect.fail('refused');
const ft = (value: number) => quantity(value, 'ft');
const m = (value: number) => quantity(value, 'm');
const number = (value: number): string => Number(value.toFixed(2)).toLocaleString('en');
const box = (w: number, h: number, x = 0, y = 0): Point[] => [[x, y], [x + w, y], [x + w, y + h], [x, y + h]]; // prettier-ignore

describe('docs/treatments.md says what the core says', () => {
  it('of ground without a plan', () => {
    const parts = ok(
      groundOfParts(
        [
          { kind: 'rectangle', a: ft(80), b: ft(60), off: false },
          { kind: 'rectangle', a: ft(40), b: ft(30), off: false },
          { kind: 'triangle', a: ft(20), b: ft(10), off: false },
          { kind: 'rectangle', a: ft(12), b: ft(12), off: true },
        ],
        'ft2',
      ),
    );
    expect(told('80 × 60 ft')).toBe(`${number(parts.area.value)} ft², no shape`);
    const known = ok(groundKnown(quantity(12_000, 'ft2'), 5));
    expect(told('"12,000 ft²')).toBe(
      `12,000 ft², ${number(known.areaLow?.value ?? 0)} to ${number(known.areaHigh?.value ?? 0)}`,
    );
    const wall = { run: m(46), hard: m(12), up: m(0.6), out: m(0.9), wallAboveHard: false };
    expect(told('46 m of wall')).toBe(`${number(ok(groundOfEdge(wall, 'm2')).area.value)} m², 46 m of edge`);
    expect(told('the same where')).toBe(
      `${number(ok(groundOfEdge({ ...wall, wallAboveHard: true }, 'm2')).area.value)} m²`,
    );
    const grid = { length: ft(12), width: ft(12), spacing: ft(4) } as const;
    const inside = ok(groundOfGrid({ ...grid, pattern: 'inside' }, 'ft2')).counted.places;
    const { points, radius } = gridOver({ ...grid, pattern: 'edge' });
    expect(told('a grid of 4 ft')).toBe(
      `${inside} points, ${points} on the edge; no place further than ${number(radius.value)} ft from one`,
    );
  });

  it('of lanes as they lie', () => {
    const over = (outline: Point[], holes: Point[][], swath: number, more: object = {}) => {
      const figure = ok(groundOf(outline, holes));
      return ok(lanesOver({ figure, swath, overlap: 0, direction: 0, edges: 'cover', trim: null, ...more }));
    };
    const plain = over(box(24, 14), [], 2);
    expect(told('24 × 14 m, swath 2 m')).toBe(
      `${plain.lineCount} lanes, ${number(plain.sprayedLength)} m sprayed, ${number(plain.pathLength)} m walked`,
    );
    const wide = over(box(20, 10), [], 3);
    expect(told('20 × 10 m, swath 3 m')).toMatch(
      `${wide.lineCount} lanes, ${number(wide.doubledPct)} % of it under two`,
    );
    const pond = [box(4, 4, 8, 3)];
    const kept = over(box(20, 10), pond, 2, { edges: 'keep-in' });
    expect(told('20 × 10 m with a pond')).toBe(
      `${number(over(box(20, 10), pond, 2).overPct)} % over the edge; with "never over the edge" none, and ${number(kept.coveredPct)} % covered`,
    );
    expect(kept.overPct).toBe(0);
    const figure = ok(groundOf(box(24, 14), []));
    const edged = over(box(24, 14), [], 2, { trim: trimPass(figure, 2, 0) });
    expect(told('24 × 14 m with a pass')).toBe(`${number(edged.trimLength)} m and five lanes`);
    expect(edged.lineCount).toBe(5);
  });
});
