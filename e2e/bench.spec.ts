import { expect, test, type Page } from '@playwright/test';
import { open } from './expected';
import { howMuch, type Method } from '../src/lib/core/job';
import { expectAnswer } from '../src/lib/core/result';
import { parseBench } from '../src/lib/forms';
import { figureText, PLAIN, BENCH_METHODS } from '../src/lib/words';

/** One job of every method, as somebody types it, and what the sum by hand comes to. */
const JOBS: readonly (readonly [Method, Readonly<Record<string, string>>, string])[] = [
  [
    'tank',
    { least: '125', 'per.value': '1000', mix: '60', mixPer: '1000', target: '336', tank: '15', second: '6' },
    '42 ml',
  ],
  [
    'jug',
    {
      least: '125',
      'per.value': '1000',
      mix: '60',
      mixPer: '1000',
      target: '960',
      tank: '38',
      jug: '1000',
      flow: '9.5',
    },
    '120 ml',
  ],
  [
    'dial',
    { least: '125', 'per.value': '1000', mix: '60', mixPer: '1000', target: '336', dial: '5', jug: '946' },
    '42 ml',
  ],
  ['granule', { least: '1.2', target: '420', pack: '4', stripLength: '25', stripWidth: '2' }, '5.04 kg'],
  ['drops', { least: '0.25', target: '18', each: '0.045', pack: '30' }, '4.5 g'],
  ['stations', { least: '2', target: '46' }, '9.2'],
  ['film', { least: '4', target: '3.5', flow: '7' }, '14 g'],
  ['void', { least: '5', length: '2.4', width: '0.6', depth: '0.1', each: '0.12' }, '0.72 g'],
  ['aerosol', { least: '23', target: '10', flow: '3.3', pack: '400' }, '230 ml'],
  [
    'nematodes',
    { least: '50', target: '336', mix: '20', mixPer: '100', tank: '20', pack: '50' },
    '168 million',
  ],
  ['soil', { least: '8', length: '1.2', width: '1.2', depth: '0.5', mix: '20', flow: '2' }, '5.76 ml'],
  [
    'grid',
    { least: '0.5', length: '40', width: '30', radius: '7.0710678118', each: '0.25', pack: '100' },
    '10 g',
  ],
];

async function fill(page: Page, typed: Readonly<Record<string, string>>): Promise<void> {
  for (const [name, value] of Object.entries(typed))
    await page.locator(`[name="${name}"], [name="${name}.value"]`).first().fill(value);
}

test('a job of every method on the bench tells what the core tells', { tag: '@desk' }, async ({ page }) => {
  await open(page, '/how-much');
  for (const [method, typed, byHand] of JOBS) {
    // What the method before left would go over to this one, with its units.
    for (const field of await page.locator('.bench input[type=text]').all()) await field.fill('');
    await page.getByRole('radio', { name: BENCH_METHODS[method].name, exact: true }).check();
    await fill(page, typed);
    const sent = await page.evaluate(() =>
      [...new FormData(document.querySelector('form')!)].map(([k, v]) => [k, String(v)]),
    );
    const fields = new Map(sent as [string, string][]);
    expect(fields.get('method')).toBe(method);
    const worked = expectAnswer(howMuch(expectAnswer(parseBench(fields))));
    const answer = page.getByRole('region', { name: 'Answer' });
    await expect(answer.locator('.big'), method).toHaveText(byHand);
    for (const { name, value } of worked.figures.slice(1))
      await expect(
        answer.locator('dt', { hasText: new RegExp(`^${figureText(method, name)}$`) }).locator('+ dd'),
        `${method}: ${name}`,
      ).toHaveText(PLAIN.quantityText(value));
    await expect(answer.getByRole('img')).toHaveCount(Math.min(3, worked.loads.length));
  }
});

test(
  'a job is kept into a case, opened again from there, and taken out',
  { tag: '@hand' },
  async ({ page }) => {
    await open(page, '/how-much');
    await page.getByRole('radio', { name: 'Dust in a void' }).check();
    await fill(page, { least: '5', length: '2.4', width: '0.6', depth: 'deep' });
    await expect(page.getByText('must be a number')).toBeVisible();
    await fill(page, { depth: '0.1' });
    // Not into the nest of the nursery school, where a Halt keeps every amount away.
    await page.getByLabel('Keep it into the case').selectOption('13');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page).toHaveURL('/cases/13/mix');
    const kept = page.getByRole('region', { name: 'Kept from the bench' });
    await expect(kept.getByText('0.72 g')).toBeVisible();
    await kept.getByRole('link', { name: 'Open on the bench' }).first().click();
    await expect(page.locator('.big')).toHaveText('0.72 g');
    await expect(page.getByLabel('Depth', { exact: true })).toHaveValue('0.1');
    await page.goBack();
    await kept.getByRole('button', { name: 'Take out' }).click();
    await expect(kept).toHaveCount(0);
  },
);

test('Mix says what it costs, and the day’s jobs share their loads', { tag: '@hand' }, async ({ page }) => {
  await open(page, '/cases/6/mix');
  await page.getByText('What it costs, what the shelf lacks').click();
  const reach = page.getByRole('region', { name: 'How far it reaches' });
  await expect(reach.getByText('g of deltamethrin')).toHaveCount(2);
  await page.getByLabel('Treatments in the season').fill('2');
  await page.getByLabel('Quote of a service').fill('120');
  await expect(page.getByText('more than doing it')).toBeVisible();
  // Nothing was saved: the case is as it was.
  await open(page, '/mix-together');
  const turf = page.getByRole('region', { name: 'Tarnside Turf Liquid' });
  // 125 ml per 1,000 m² on 336 m² in 60 l per 1,000 m², in the tank that the case names.
  await expect(turf.getByText('42 ml in 20.2 l')).toBeVisible();
  await expect(turf.getByText('15 l over 250 m²', { exact: false })).toBeVisible();
  await expect(turf.getByText('5.16 l over 86 m²', { exact: false })).toBeVisible();
  await turf.getByRole('checkbox', { name: 'Tow tank 100 l' }).check();
  await expect(turf.getByText('20.2 l over 336 m²', { exact: false })).toBeVisible();
  await turf.getByRole('checkbox', { name: /Lantern Bay Guest House/ }).uncheck();
  await expect(turf.getByText('Tick a job and a tank.')).toBeVisible();
});
