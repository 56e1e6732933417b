import { inspect } from 'node:util';
import { describe, expect, it } from 'vitest';
import { trackedUrl } from './tracked-url';

type Tracked = (url: URL, onRead: () => void, onParam: (name: string) => void) => URL;

/** The framework's own, which ours stands for. */
const { make_trackable: framework } = (await import(
  /* @vite-ignore */ new URL('../../../../node_modules/@sveltejs/kit/src/utils/url.js', import.meta.url).href
)) as { make_trackable: Tracked };

const ADDRESS = 'http://127.0.0.1:4173/cases/6/look?pest=sod-webworm&pest=chafer&q=a%20b';
const READS: Record<string, (url: URL) => unknown> = {
  href: (url) => url.href,
  pathname: (url) => url.pathname,
  search: (url) => url.search,
  'as text': (url) => `${url}`,
  'as JSON': (url) => JSON.stringify({ url }),
  'another address beside it': (url) => new URL('../name', url).href,
  'one parameter': (url) => url.searchParams.get('q'),
  'all of one parameter': (url) => url.searchParams.getAll('pest'),
  'whether there is one': (url) => [url.searchParams.has('pest'), url.searchParams.has('none')],
  'all parameters': (url) => [...url.searchParams],
  'how many': (url) => url.searchParams.size,
  'parameters as text': (url) => url.searchParams.toString(),
  origin: (url) => url.origin,
  host: (url) => [url.host, url.hostname, url.port, url.protocol],
};

function heard(made: Tracked, read: (url: URL) => unknown) {
  const said: string[] = [];
  const url = made(
    new URL(ADDRESS),
    () => void said.push('address'),
    (name) => void said.push(name),
  );
  const answer = read(url);
  return { answer, said: new Set(said) };
}

describe('an address that says what of it is read', () => {
  it.each(Object.entries(READS))('answers and tells as the framework’s does: %s', (_, read) => {
    expect(heard(trackedUrl, read)).toEqual(heard(framework, read));
  });

  it('is an address like any other, and is read by nobody while it is made', () => {
    const { answer, said } = heard(trackedUrl, (url) => url instanceof URL);
    expect(answer).toBe(true);
    expect(said).toEqual(new Set());
  });

  it('is printed for whoever looks for a fault, which reads nothing of it', () => {
    const { answer, said } = heard(trackedUrl, (url) => inspect(url));
    expect(answer).toBe(inspect(new URL(ADDRESS)));
    expect(answer).toBe(heard(framework, (url) => inspect(url)).answer);
    expect(said).toEqual(new Set());
  });

  it('says that what stands behind # never comes here', () => {
    for (const made of [trackedUrl, framework]) expect(() => heard(made, (url) => url.hash)).toThrow();
    expect(() => heard(trackedUrl, (url) => url.hash)).toThrow(/never comes to the server/);
  });
});
