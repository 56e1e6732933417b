import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connect, rowsOf } from '../db/client';
import { asAccount, FIRM, type Visitor } from './visit';

/** Pages of the demonstration with figures and days of its own; a label's own words keep the label's marks. */
const PAGES = [
  ...[
    '/',
    '/cases',
    '/guide',
    '/guide/chafer-grub',
    '/guide/kitchen',
    '/properties',
    '/logbook',
    '/how-much',
  ],
  ...['/equipment', '/people', '/outbox', '/keeping', '/mix-together', '/cases/6/ask', '/cases/6/share'],
  ...[1, 2, 5, 6, 7, 8, 11].flatMap((n) =>
    ['look', 'name', 'measure', 'when', 'mix', 'place', 'log', 'recheck'].map(
      (stop) => `/cases/${n}/${stop}`,
    ),
  ),
];

const owner = connect(process.env.NIMSY_TEST_OWNER ?? '', 1);
const base = process.env.NIMSY_TEST_URL ?? '';
let visitor: Visitor;
let before = '';

async function write(manner: Readonly<Record<string, string>>): Promise<void> {
  await owner.db.execute(sql`
    update workspaces set settings = settings || ${JSON.stringify(manner)}::text::jsonb,
      settings_revision = settings_revision + 1 where id = ${FIRM}`);
}

beforeAll(async () => {
  visitor = await asAccount(base, 'owner');
  const [row] = await rowsOf<{ settings: string }>(
    owner.db,
    sql`select settings::text as settings from workspaces where id = ${FIRM}`,
  );
  before = row?.settings ?? '{}';
});
afterAll(async () => {
  await owner.db.execute(sql`
    update workspaces set settings = ${before}::text::jsonb, settings_revision = settings_revision + 1
      where id = ${FIRM}`);
  await owner.close();
});

/** What a person reads: no tags, scripts, choices of units, file names or quotations of a label. */
const wordsOf = (html: string): string =>
  html
    .replace(/<script[\s\S]*?<\/script>|<style[\s\S]*?<\/style>|<select[\s\S]*?<\/select>/g, ' ')
    // What stands beside an amount is of the other system on purpose.
    .replace(/<span data-beside[^>]*>[^<]*<\/span>/g, ' ')
    .replace(/“[^”]*”/g, ' ')
    .replace(/<[^>]*>/g, ' ')
    .replace(/clause [\d.]+|version \d+/g, ' ')
    .replace(/\s+/g, ' ');

async function findings(foreign: RegExp): Promise<string[]> {
  const found: string[] = [];
  for (const path of PAGES) {
    const { status, text } = await visitor.get(path);
    expect(status, path).toBe(200);
    const words = wordsOf(text);
    for (const pattern of [foreign, /\b20\d\d-\d\d-\d\d\b|\bT\d\d:\d\d|\bUTC\b/]) {
      const at = pattern.exec(words);
      if (at) found.push(`${path}: …${words.slice(Math.max(0, at.index - 40), at.index + 40)}…`);
    }
  }
  return found;
}

describe('every page in the manner of the workspace', () => {
  it('with a decimal comma', async () => {
    await write({ numbers: '1.234,5', dates: 'day-month', units: 'metric' });
    expect(await findings(/(?<![\d.,])\d+\.\d{1,2} ?(ml|l|g|kg|m|mm|cm|m²|%|°C|km\/h|ha|h)\b/)).toEqual([]);
  });
  it('in miles, feet and Fahrenheit, with the month first', async () => {
    await write({ numbers: '1,234.5', dates: 'month-day', units: 'us' });
    expect(await findings(/\d ?(°C|km\/h)|(?:Sun|Mon|Tue|Wed|Thu|Fri|Sat) \d\d? [A-Z]/)).toEqual([]);
  });
  it('in metres with miles an hour', async () => {
    await write({ numbers: '1,234.5', dates: 'day-month', units: 'uk' });
    expect(
      await findings(/\d ?(°F|km\/h|ft²|ft)\b|(?:Sun|Mon|Tue|Wed|Thu|Fri|Sat) [A-Z][a-z]{2} \d/),
    ).toEqual([]);
  });
});
