import { expect, test, type Page } from '@playwright/test';
import { open } from './expected';

async function fill(page: Page, typed: Readonly<Record<string, string>>): Promise<void> {
  for (const [name, value] of Object.entries(typed))
    await page.locator(`[name="${name}"], [name="${name}.value"]`).first().fill(value);
}

test(
  'a job is taken into a case as a treatment, and what holds the case holds it',
  { tag: '@hand' },
  async ({ page }) => {
    await open(page, '/how-much');
    await page.getByRole('radio', { name: 'Dust in a void' }).check();
    await fill(page, { least: '5', length: '2.4', width: '0.6', depth: 'deep' });
    await expect(page.getByText('must be a number')).toBeVisible();
    await fill(page, { depth: '0.1' });
    await page.getByLabel('Case', { exact: true }).selectOption('13');
    const take = page.getByRole('button', { name: 'Take it into the case' });
    await take.click();
    await expect(page.getByText(/The name on the label/).first()).toBeVisible();
    await page.getByLabel('Name on the label').fill('Sedgefold dust');
    await page.getByLabel('Its container holds', { exact: true }).fill('250');
    await take.click();
    await expect(page).toHaveURL(/\/cases\/13\/\d+\/mix/);
    await expect(page.getByText('Only the figures of this label were copied').first()).toBeVisible();
    // No amount before that: the label of the container says what the figures do not.
    await expect(page.getByText('0.72 g')).toHaveCount(0);
    await page.getByRole('button', { name: 'Read to its end; it allows this, here' }).click();
    await expect(page.getByText('0.72 g').first()).toBeVisible();
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
