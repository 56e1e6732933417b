import { describe, expect, it } from 'vitest';
import { formOf, readJson, sizeRefusal } from './bodies';
import { depthOf } from './depth';

const form = (body: string, type = 'application/x-www-form-urlencoded') =>
  new Request('http://127.0.0.1/sign-in', { method: 'POST', headers: { 'content-type': type }, body });
const statusOf = (refused: Promise<unknown>): Promise<number | 'taken'> =>
  refused.then(
    () => 'taken' as const,
    (reason: { status: number }) => reason.status,
  );

describe('a form', () => {
  it('of an address and a password is read', async () => {
    const read = await formOf(form('email=a%40b.example&password=one+two'));
    expect([read.get('email'), read.get('password')]).toEqual(['a@b.example', 'one two']);
  });

  // 300,000 fields, 1.2 MB, held the server for 1 to 2.5 s before anybody had signed in.
  it('of 300,000 fields is not taken apart, sent either way', async () => {
    expect(await statusOf(formOf(form('a=1&'.repeat(300_000))))).toBe(413);
    const part = '--x\r\ncontent-disposition: form-data; name="a"\r\n\r\n1\r\n';
    const many = `${part.repeat(4000)}--x--\r\n`;
    expect(await statusOf(formOf(form(many, 'multipart/form-data; boundary=x')))).toBe(413);
    expect(await statusOf(formOf(form(many, 'multipart/form-data; boundary="x"')))).toBe(413);
    const few = `${part.repeat(20)}--x--\r\n`;
    expect((await formOf(form(few, 'multipart/form-data; boundary=x'))).getAll('a')).toHaveLength(20);
  });

  it('that is none is refused, not a fault of the server', async () => {
    for (const type of [
      'multipart/form-data',
      'multipart/form-data; boundary=',
      'text/plain',
      'application/json',
    ])
      expect(await statusOf(formOf(form('{"a":', type))), type).toBe(400);
  });
});

describe('the length that is told', () => {
  const sent = (length: number | null, method = 'POST', more: Record<string, string> = {}) =>
    ({
      method,
      headers: new Headers({ ...(length === null ? {} : { 'content-length': String(length) }), ...more }),
    }) as Request;

  it('is 16 kB at most from whoever has not signed in, whatever they ask for', () => {
    expect(sizeRefusal(sent(16_000), '/sign-in', true)).toBeNull();
    for (const route of ['/sign-in', '/welcome', '/reset/[token]', '/keeping', null])
      expect(sizeRefusal(sent(16_001), route, true), String(route)).toContain('larger than 16 kB');
  });

  it('is 1 MB for a form, and more only where files are taken', () => {
    expect(sizeRefusal(sent(1_000_000), '/shelf/new', false)).toBeNull();
    expect(sizeRefusal(sent(1_000_001), '/shelf/new', false)).toContain('larger than 1 MB');
    expect(sizeRefusal(sent(60_000_000), '/shelf/import', false)).toBeNull();
    expect(sizeRefusal(sent(2_000_000_001), '/keeping', false)).toContain('larger than 2000 MB');
  });

  it('has to be told', () => {
    expect(sizeRefusal(sent(null, 'POST', { 'transfer-encoding': 'chunked' }), '/sign-in', true)).toContain(
      'content-length',
    );
    expect(sizeRefusal(sent(null), '/sign-out', false)).toBeNull();
    expect(sizeRefusal(sent(null, 'GET'), '/keeping', true)).toBeNull();
  });
});

describe('JSON that somebody sends', () => {
  it('is measured by its depth outside of strings', () => {
    expect(depthOf('{"a":[{"b":"[[[[[["}],"c\\"[":1}', 99)).toBe(3);
    expect(depthOf('12', 99)).toBe(0);
    expect(depthOf('"\\\\"[', 99)).toBe(1);
  });

  // 8 million brackets took 23 s and 6 GB.
  it('lying deeper than any of ours is not built', () => {
    expect(readJson('['.repeat(8_000_000))).toBeUndefined();
    expect(readJson(`${'['.repeat(41)}${']'.repeat(41)}`)).toBeUndefined();
    expect(readJson(`${'['.repeat(40)}${']'.repeat(40)}`)).toBeDefined();
  });

  it('is undefined where it is none', () => {
    expect(readJson('{"a":')).toBeUndefined();
    expect(readJson('null')).toBeNull();
  });
});
