import { expect, test } from '@playwright/test';
import { open } from './expected';

// 24 places of 0.1 g are 2.4 g; 18 m of skirting get 1 l of a mix of 1 ml in a litre: 1 ml, as the syringe has marks.
test('gel by its places and a regulator in cracks as one course, each with figures of its own @hand', async ({
  page,
}) => {
  await open(page, '/cases/new');
  await page.getByLabel('What is wrong').fill('Cockroaches in the guest kitchen');
  await page.getByLabel('Property').selectOption({ label: 'Lantern Bay Guest House' });
  await page.getByRole('button', { name: /Open the case/ }).click();
  await page.waitForURL(/\/cases\/\d+\/look/);
  const number = /cases\/(\d+)/.exec(page.url())?.[1] ?? '';
  const save = (stop: string, fields: Record<string, string>) =>
    page.request.post(`/cases/${number}/${stop}?/save`, {
      form: fields,
      headers: { origin: new URL(page.url()).origin, accept: 'text/html' },
      maxRedirects: 0,
    });
  // Look and Name have errands of their own.
  await save('look', {
    ...{ surrounding: 'kitchen', where: 'kitchen', test: 'sticky-monitor', 'frame.value': '7' },
    ...{ 'frame.unit': 'count', 'counts.0': '17', vigour: 'fair', note: '', then: 'stay' },
  });
  await save('name', { candidate: 'german-cockroach', stage: '', then: 'stay' });
  await save('choose', { label: 'ferncote-gel', reason: '', then: 'stay' });

  await open(page, `/cases/${number}/measure`);
  // A gel is told by places: they are asked first, and no side of anything.
  await expect(page.getByLabel('Places, counted')).toBeChecked();
  await expect(page.getByLabel('Length, m', { exact: true })).toHaveCount(0);
  await page.getByLabel('How many places').fill('9');
  await page.getByLabel('Which').fill('hinge');
  await page.getByRole('button', { name: '+ motor of the fridge' }).click();
  await page.getByLabel('How many places').nth(1).fill('15');
  await expect(page.getByText('24 places').first()).toBeVisible();
  // Whoever presses Save and at once another stop goes there, and what was saved is read there.
  let release = (): void => undefined;
  const held = new Promise<void>((done) => (release = done));
  await page.route(/measure\?\/save/, async (route) => {
    await held;
    await route.continue();
  });
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.locator('a[href$="/mix"]').first().click();
  const saved = page.waitForResponse(/measure\?\/save/);
  release();
  expect((await saved).ok()).toBe(true);
  await expect(page.getByText('2.4 g').first()).toBeVisible();
  await expect(page).toHaveURL(/\/mix$/);
  await open(page, `/cases/${number}/measure`);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();

  // The growth regulator is added from where the plan of several remedies names it.
  await open(page, `/cases/${number}/choose`);
  await page.getByText(/^Where one is not enough: /).click();
  await page
    .locator('li', { hasText: 'Alderhow Growth Regulator' })
    .getByRole('button', { name: 'Add it as a treatment' })
    .click();
  await expect(page.getByRole('heading', { name: /A course of two/ })).toBeVisible();
  await open(page, `/cases/${number}/2/measure`);
  await page.getByLabel('Running length, m').fill('18');
  await expect(page.getByText('18 m of edge').first()).toBeVisible();
  await page.getByRole('button', { name: /Save, on to When/ }).click();
  await page.waitForURL(/\/2\/when/);
  await open(page, `/cases/${number}/2/mix`);
  await page.getByLabel('Mix to make', { exact: true }).fill('1');
  await expect(page.getByText('Add 1 ml of Alderhow Growth Regulator')).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();

  // What is typed for one is not that of the other.
  await open(page, `/cases/${number}/1/place`);
  await expect(page.getByText('0.1 g at each')).toBeVisible();
  await open(page, `/cases/${number}/choose`);
  const course = page.getByRole('region', { name: 'The course' });
  await expect(course.getByRole('listitem').filter({ hasText: 'Ferncote' })).toContainText('2.4 g');
  await expect(course.getByRole('listitem').filter({ hasText: 'Alderhow' })).toContainText('1 ml');
  await course
    .getByRole('listitem')
    .filter({ hasText: 'Alderhow' })
    .getByRole('button', { name: 'earlier' })
    .click();
  await expect(course.getByRole('listitem').first()).toContainText('Alderhow');
});
