import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';

it('docs/contributing.md names no place that is not there', () => {
  const page = readFileSync(join(process.cwd(), 'docs', 'contributing.md'), 'utf8');
  const places = [...page.matchAll(/`((?:src|docs|scripts)\/[\w./-]+)`/g)].map(([, place = '']) => place);
  expect(places.length).toBeGreaterThan(20);
  expect(places.filter((place) => !existsSync(join(process.cwd(), place)))).toEqual([]);
  const scripts = (JSON.parse(readFileSync('package.json', 'utf8')) as { scripts: Record<string, string> })
    .scripts;
  for (const [, name = ''] of page.matchAll(/`npm run (\w+)`/g)) expect(Object.keys(scripts)).toContain(name);
});
