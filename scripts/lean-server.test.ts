import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import fc from 'fast-check';
import { parseAst } from 'vite';
import { describe, expect, it } from 'vitest';
import {
  assignedFunctions,
  boundProperties,
  changed,
  PASSAGES,
  trackedAddress,
  withPassages,
  type Node,
} from './lean-server.mjs';

const programOf = (code: string): Node => parseAst(code) as unknown as Node;
const assigned = (code: string): string => changed(code, assignedFunctions(programOf(code)));
const bound = (code: string): string => changed(code, boundProperties(programOf(code), code));
const installed = (file: string): string =>
  readFileSync(fileURLToPath(new URL(`../node_modules${file}`, import.meta.url)), 'utf8');

/** Megabytes that two sweeps leave of 300 requests of some 40 kB each, of which nothing is used any more. */
function leftBehind(request: string): number {
  const code = `
    const make = () => Array.from({ length: 1000 }, (_, k) => ({ k }));
    ${request}
    const used = () => process.memoryUsage().heapUsed;
    for (let i = 0; i < 50; i++) ask(make());
    gc();
    const before = used();
    for (let i = 0; i < 300; i++) ask(make());
    gc({ type: 'minor' }); gc({ type: 'minor' });
    console.log((used() - before) / 1e6);`;
  return Number(execFileSync(process.execPath, ['--expose-gc', '-e', code], { encoding: 'utf8' }));
}

describe('what a server leaves of a request', () => {
  const ASSIGNED = 'function ask(data) { const event = { data }; event.set = () => event.data; }';
  const GETTER =
    'function ask(data) { const props = { get value() { return data; }, set value(to) { data = to; $$settled = false; } }; return props.value; }';

  it('is all that a function assigned to a property can reach, until the next full collection', () => {
    expect(leftBehind(ASSIGNED)).toBeGreaterThan(6);
    expect(leftBehind(assigned(ASSIGNED))).toBeLessThan(1);
  });

  it('is all that a getter of a fresh object can reach', () => {
    expect(leftBehind(GETTER)).toBeGreaterThan(6);
    expect(leftBehind(bound(GETTER))).toBeLessThan(1);
  });
});

describe('a function that is assigned to a property', () => {
  it.each([
    ['function f(e) { e.set = () => 1; }', 'function f(e) { e.set = Object(() => 1); }'],
    [
      'const f = (e) => { e["a"] = function () {}; };',
      'const f = (e) => { e["a"] = Object(function () {}); };',
    ],
    [
      'class A { constructor() { this.id = async () => { this.id.b = () => 2; }; } }',
      'class A { constructor() { this.id = Object(async () => { this.id.b = Object(() => 2); }); } }',
    ],
  ])('is answered by a call, and the same function: %s', (code, expected) => {
    expect(assigned(code)).toBe(expected);
    parseAst(expected);
    const fn = (): number => 1;
    expect(Object(fn)).toBe(fn);
  });

  it.each([
    'e.set = () => 1;',
    'function f(e) { e.set = 1; e.get = g; const h = () => 1; let k; k = () => 2; }',
    'function f(e) { e.set ??= () => 1; }',
  ])('is left where it happens once, or is none: %s', (code) => expect(assigned(code)).toBe(code));
});

describe('a getter of a component’s object', () => {
  it.each([
    [
      'function f() { return { a: 1, get value() { return text; }, set value(v) { text = v; $$settled = false; }, b: 2 }; }',
      'function f() { return { a: 1, value: text, b: 2 }; }',
    ],
    [
      'function f() { return { get open() { return row.open(); }, set open(v) { row.open(v); $$settled = false; } }; }',
      'function f() { return { open: row.open() }; }',
    ],
    [
      'function f() { return { get striped() { return striped; } }; }',
      'function f() { return { striped: striped }; }',
    ],
  ])('is told as what it would answer: %s', (code, expected) => expect(bound(code)).toBe(expected));

  it.each([
    // Outside any function it is made once; what reckons, and what its setter keeps, may answer otherwise later.
    'const page = { get url() { return url; } };',
    'function f() { return { get next() { return find(); } }; }',
    'function f() { return { get a() { return b; }, set a(v) { b = v; } }; }',
    'function f() { return { get a() { see(); return b; } }; }',
    'function f() { return { get [key]() { return b; } }; }',
  ])('is left where it does more: %s', (code) => expect(bound(code)).toBe(code));
});

describe('the framework as it is installed', () => {
  it.each(Object.keys(PASSAGES).map((file) => [file]))(
    '%s has each passage that is put otherwise, once',
    (file) => {
      const code = installed(file);
      const told = withPassages(code, `/anywhere/node_modules${file}`);
      expect(told).not.toBe(code);
      parseAst(told);
      for (const [said] of PASSAGES[file as keyof typeof PASSAGES]) expect(code.split(said)).toHaveLength(2);
    },
  );

  it('is not built on where it says a passage otherwise', () => {
    const [file = ''] = Object.keys(PASSAGES);
    expect(() => withPassages('export const other = 1;', file)).toThrow(/lean-server\.mjs/);
    expect(() => trackedAddress(programOf('export function make_trackable(url) {}'))).toThrow(
      /lean-server\.mjs/,
    );
    expect(withPassages('export const other = 1;', '/ours.ts')).toBe('export const other = 1;');
  });

  it('makes its tracked address by ours', () => {
    const code = installed('/@sveltejs/kit/src/utils/url.js');
    const told = changed(code, trackedAddress(programOf(code)));
    expect(told).toContain('export { trackedUrl as make_trackable }');
    expect(told).not.toContain('function make_trackable');
    expect(told).toContain('export function disable_search');
  });

  it('writes a text into a page as it did', async () => {
    const moduleOf = (code: string): Promise<{ stringify_string: (text: string) => string }> =>
      import(/* @vite-ignore */ `data:text/javascript,${encodeURIComponent(code)}`) as Promise<{
        stringify_string: (text: string) => string;
      }>;
    const file = '/devalue/src/utils.js';
    // A module that is handed over as text has no neighbours; what it takes from them is about lists.
    const alone = (code: string): string =>
      code.replace(
        /^import \{([^}]+)\}.*$/m,
        (_, names: string) => `const ${names.split(',').map((n) => `${n} = 0`)};`,
      );
    const before = await moduleOf(alone(installed(file)));
    const now = await moduleOf(alone(withPassages(installed(file), file)));
    const awkward = fc.constantFrom(
      '"',
      '<',
      '\\',
      '\n',
      '\u2028',
      '\u2029',
      '\u0001',
      '\b',
      '’',
      '😀',
      '</script>',
    );
    fc.assert(
      fc.property(fc.array(fc.oneof(fc.string(), awkward)), (parts) => {
        const text = parts.join('');
        expect(now.stringify_string(text)).toBe(before.stringify_string(text));
      }),
    );
    expect(now.stringify_string('eJzLSM3JyQ+/a==')).toBe('"eJzLSM3JyQ+/a=="');
  });
});
