import { expect, test, type Page } from '@playwright/test';
import { open } from './expected';

async function row(page: Page, n: number, values: Record<string, string>): Promise<void> {
  for (const [key, value] of Object.entries(values))
    await page.locator(`[name="readings.${n}.${key}"]`).fill(value);
}

test(
  'a new spreader is calibrated at two settings, proposes the third, and loses nothing that was typed wrong',
  { tag: '@desk' },
  async ({ page }, info) => {
    await open(page, '/equipment');
    await page.getByText('Add equipment, or a person').click();
    await page.getByLabel('What it is').selectOption({ label: 'spreader' });
    await page.getByLabel('Name', { exact: true }).fill(`Broadcaster ${info.project.name}`);
    await page.getByLabel('The hopper holds', { exact: true }).fill('20');
    await page.getByLabel('Width of a pass, m').fill('2');
    await page.getByRole('button', { name: 'Add' }).click();
    await expect(page.getByText('never calibrated')).toBeVisible();
    await page.getByLabel('Width of a pass, m').first().fill('2');
    // 2 m wide and 25 m long is half of 100 m²: twice what was weighed.
    await row(page, 0, { setting: '2', amount: '300', metres: '25' });
    await row(page, 1, { setting: '4', amount: '1200', metres: 'far' });
    await page.getByRole('button', { name: 'Write it into the book' }).click();
    await expect(page.getByText('Row 2, length walked must be a number; it is far.')).toBeVisible();
    await expect(page.locator('[name="readings.0.amount"]')).toHaveValue('300');
    await row(page, 1, { metres: '25' });
    await page.getByRole('button', { name: 'Write it into the book' }).click();
    await expect(page.getByText('2 passes: 600, 2,400 g per 100 m²')).toBeVisible();
    // Four times as much at twice the setting: the square of it. Half of 2,700 is 1,350 = 600 × (3 ÷ 2)².
    await page.getByLabel('Wanted, g per 100 m²').fill('2700');
    await expect(page.getByText('Try 3.', { exact: true })).toBeVisible();
    await page.getByLabel('Wanted, g per 100 m²').fill('20000');
    await expect(page.getByText('beyond the settings that were tried', { exact: false })).toBeVisible();
    await page.getByText('Change or remove it').click();
    await page.getByRole('button', { name: 'Remove it with its book' }).click();
    await expect(page.getByRole('heading', { name: 'Equipment and calibrations' })).toBeVisible();
    await expect(page.getByText(`Broadcaster ${info.project.name}`)).toHaveCount(0);
  },
);

test(
  'a catch that does not fit is pointed out while it is typed, and the watch hands over its time',
  { tag: '@hand' },
  async ({ page }) => {
    await open(page, '/equipment');
    await page.getByRole('link', { name: 'Tow tank 100 l' }).click();
    await page.getByText('Calibrate it').click();
    await row(page, 0, { amount: '4100', seconds: '60' });
    await row(page, 1, { amount: '4110', seconds: '60' });
    await row(page, 2, { amount: '4900', seconds: '60' });
    await expect(page.getByText('Catch 3 does not go with the others: 4,900.')).toBeVisible();
    await row(page, 2, { amount: '4090', seconds: '' });
    await page.getByRole('button', { name: /^Start the watch/ }).click();
    await page.waitForTimeout(1200);
    await page.getByRole('button', { name: 'Stop, and take the time' }).click();
    await expect(page.locator('[name="readings.2.seconds"]')).toHaveValue(/^[12]\.\d$/);
  },
);

test(
  'a pace of the book is taken over in Measure, with its spread as the error',
  { tag: '@hand' },
  async ({ page }) => {
    await open(page, '/cases/6/measure');
    await page.getByRole('radio', { name: 'By calibrated paces' }).check({ force: true });
    // 30 m in 40 and twice in 41 and 40 paces: 0.744 m on the mean.
    await page.getByRole('button', { name: /^Take R\. Hallow’s: 0\.744 m a pace/ }).click();
    await expect(page.getByLabel('Distance walked, m')).toHaveValue('74.39');
    await page.getByLabel('Paces along').fill('30');
    await page.getByLabel('Paces across').fill('20');
    await page.getByLabel('Strip left out').fill('0');
    // 30 × 20 paces of 0.7439 m: 332 m².
    await expect(page.getByText('332 m²').first()).toBeVisible();
  },
);

test(
  'Mix says whether the calibrated walk lays down the mix, and marks what was never measured',
  { tag: '@hand' },
  async ({ page }) => {
    await open(page, '/cases/6/mix');
    const walk = page.getByRole('region', { name: 'What comes out of the equipment' });
    // 3.2 l a minute, 1.5 m wide at 0.6 m/s: 59 l on 1,000 m², where the label has 60.
    await expect(walk).toContainText('The walk fits the mix.');
    await expect(walk).toContainText('59 l goes down per 1,000 m²; the label’s mix is 60 l');
    await page.getByText('Rate, tank and measure').click();
    await page.getByLabel('Tank', { exact: true }).selectOption('Tow tank 100 l');
    await expect(walk).toContainText('Walk slower');
    await page.getByLabel('Tank', { exact: true }).selectOption('Watering can 10 l');
    await expect(walk).toContainText('Unproven: Watering can 10 l was never calibrated for this.');
    await page.getByLabel('Tank', { exact: true }).selectOption('Knapsack 15 l');
    await page.getByText('Which tool, what to write').click();
    // 15 l of 20.2 l of mix carry 31.25 ml, 4 of them are in the tank already.
    const tools = page.getByRole('region', { name: 'Measuring tools' });
    await expect(tools.getByRole('row', { name: /Syringe 30 ml/ })).toContainText('to the 27 ml mark');
    await expect(tools.getByRole('row', { name: /Cup 250 ml/ })).toContainText('to the 30 ml mark');
    await expect(page.getByText('0.2 l cannot be drawn', { exact: false })).toContainText(
      '3 rinses of 1.5 l',
    );
    await page.getByLabel('What was last in this tank').selectOption({ label: 'weed killer' });
    await expect(page.getByText('Weed killer was in this tank').first()).toBeVisible();
    await expect(page.getByText('No amounts while a Halt is open.')).toBeVisible();
    await page
      .getByLabel('What was last in this tank')
      .selectOption({ label: 'nothing, or it was cleaned since' });
    await expect(tools).toBeVisible();
  },
);

test(
  'a dial is read at two settings and proposes the third; a maker’s figure stands until a catch is measured',
  { tag: '@desk' },
  async ({ page }, info) => {
    await open(page, '/equipment');
    await page.getByText('Add equipment, or a person').click();
    await page.getByLabel('What it is').selectOption({ label: 'hose-end jug' });
    await page.getByLabel('Name', { exact: true }).fill(`Hose jug ${info.project.name}`);
    await page.getByLabel('The jug holds', { exact: true }).fill('946');
    await page.getByLabel('Its maker says', { exact: true }).fill('38');
    await page.getByLabel('It cost', { exact: true }).fill('24');
    await page.getByLabel('Lasts for, jobs', { exact: true }).fill('60');
    await page.getByRole('button', { name: 'Add' }).click();
    await expect(page).toHaveURL(/equipment\/[0-9a-f-]{36}$/);
    // It makes 38 l by its maker, and Mix offers it as a tank.
    const own = page.url();
    await open(page, '/cases/6/mix');
    await page.getByText('Rate, tank and measure').click();
    await page.getByLabel('Tank', { exact: true }).selectOption(`Hose jug ${info.project.name}`);
    await expect(page.getByLabel('It holds', { exact: true })).toHaveValue('38');
    await expect(page.getByText('a jug is always filled anew', { exact: false })).toBeVisible();
    await page.getByLabel('Mix left', { exact: true }).fill('');
    // 20.16 of the 38 l that a full one makes: 946 × 20.16 ÷ 38.
    await expect(page.getByText(/Jug 1: 42 ml of product, water to its 502 ml line/)).toBeVisible();
    await open(page, own);
    await page.getByLabel('What is measured').selectOption({ label: 'What the dial lets out' });
    await row(page, 0, { setting: '1', amount: '30', litres: '2' });
    await row(page, 1, { setting: '2', amount: '120', litres: '2' });
    await page.getByRole('button', { name: 'Write it into the book' }).click();
    await expect(page.getByText('2 settings: 15, 60 ml per l')).toBeVisible();
    // Four times as much at twice the setting: 33.75 is 15 × 1.5².
    await page.getByLabel('Wanted, ml per l').fill('33.75');
    await expect(page.getByText('Try 1.5.', { exact: true })).toBeVisible();
    await page.getByText('Change or remove it').click();
    await page.getByRole('button', { name: 'Remove it with its book' }).click();
    await expect(page.getByText(`Hose jug ${info.project.name}`)).toHaveCount(0);
  },
);
