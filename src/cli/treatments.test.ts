import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { groundKnown, groundOfEdge, groundOfGrid, groundOfParts, gridOver } from '../lib/core/ground';
import { groundOf, trimPass } from '../lib/core/clip';
import { lanesOver, lanesOverPieces } from '../lib/core/place';
import { dose, stockOf, wholePacks } from '../lib/core/dose';
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

  it('of a routine visit, packs and one tank', () => {
    const more = [{ run: m(20), wide: m(0.3) }];
    const wall = { run: m(46), hard: m(12), up: m(0.6), out: m(0.9), wallAboveHard: false, more };
    const ground = ok(groundOfEdge(wall, 'm2'));
    expect(told('46 m of wall, 12 m over paving')).toBe(
      `${number(ground.area.value)} m², ${number(ground.counted.edgeM)} m of edge`,
    );
    const made = ok(
      dose({
        rate: { min: 2.5, max: 7.5, chosen: 2.5, unit: 'ml', per: quantity(1, 'l'), basis: 'mix' },
        carrier: { amount: quantity(4, 'l'), per: quantity(100, 'm2') },
        target: ground.area,
      }),
    );
    expect(told('the same at 4 l')).toBe(
      `${number(made.finished?.value ?? 0)} l of mix, ${number(made.exactProduct.value)} ml`,
    );
    const packs = wholePacks({ need: 168, least: 168, most: 252, pack: 50 });
    const stock = stockOf(packs, 50, 5, [(packs.laid * 15) / 67.2]);
    expect(told('336 m² at 50 to 75')).toBe(
      `${packs.packs} packs, ${number(stock.litres)} l of stock, ${number(stock.fills[0] ?? 0)} l for a fill of 15 l`,
    );
  });

  it('of lawns that lie apart', () => {
    const figure = [...ok(groundOf(box(14, 24), [])), ...ok(groundOf(box(17, 9, 15.5, -6), []))];
    const lanes = ok(lanesOverPieces({ figure, swath: 1.5, overlap: 0, direction: 'auto', edges: 'cover' }));
    expect(told('14 × 24 m and')).toBe(
      `${lanes.lineCount} lanes, each lawn by itself, none over what lies between`,
    );
    expect(lanes.overPct).toBe(0);
  });
});
