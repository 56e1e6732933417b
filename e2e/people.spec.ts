import { expect, test, type Browser, type Page } from '@playwright/test';
import { open } from './expected';

/** Somebody of the demonstration in a browser of their own. */
async function stepIn(
  browser: Browser,
  name: string,
  viewport: { width: number; height: number },
): Promise<Page> {
  const context = await browser.newContext({ viewport, storageState: { cookies: [], origins: [] } });
  const page = await context.newPage();
  await open(page, '/sign-in');
  await page.getByRole('button', { name }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  return page;
}

test(
  'an owner invites somebody, who joins, signs out and in again, and reads but does not change',
  { tag: '@desk' },
  async ({ browser }, info) => {
    const viewport = info.project.use.viewport ?? { width: 1280, height: 800 };
    const email = `office.${info.project.name}@ostermere.example`;
    const boss = await stepIn(browser, 'R. Hallow', viewport);
    await open(boss, '/people');
    await boss.getByLabel('E-mail address').fill(email);
    await boss.getByLabel('Role', { exact: true }).selectOption('viewer');
    await boss.getByRole('button', { name: 'Make a link' }).click();
    const link = (await boss.locator('.address').textContent()) ?? '';
    expect(link).toContain('/join/');

    const context = await browser.newContext({ viewport, storageState: { cookies: [], origins: [] } });
    const page = await context.newPage();
    await open(page, link);
    await page.getByLabel('Your name').fill('V. Reed');
    await page.getByLabel('Password').fill('short');
    await page.getByRole('button', { name: 'Join' }).click();
    await expect(page.getByText('at least 10 characters. Four or five words')).toBeVisible();
    await page.getByLabel('Password').fill('reeds by the lake side');
    await page.getByRole('button', { name: 'Join' }).click();
    await expect(page.getByRole('link', { name: /V\. Reed/ })).toBeVisible();

    await open(page, '/cases/6/mix');
    await expect(page.getByText('figures can be tried, but not saved')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Save', exact: true })).toHaveCount(0);

    await open(page, '/account');
    await page.getByRole('button', { name: 'Sign out here' }).click();
    await expect(page.getByText('You are signed out.')).toBeVisible();
    await open(page, '/cases/6/mix');
    await page.getByLabel('E-mail address').fill(email);
    await page.getByLabel('Password').fill('reeds by the lake side');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Mix' })).toBeVisible();
    await open(boss, '/people');
    await boss
      .getByRole('listitem')
      .filter({ hasText: email })
      .getByRole('button', { name: /Take V\. Reed out/ })
      .click();
    await open(page, '/cases');
    await expect(page.getByText('You belong to no workspace now')).toBeVisible();
  },
);

test(
  'a form says by field what is wrong, keeps a draft, asks before it is left, and works before its scripts came',
  { tag: '@desk' },
  async ({ browser }, info) => {
    const viewport = info.project.use.viewport ?? { width: 1280, height: 800 };
    const page = await stepIn(browser, 'R. Hallow', viewport);
    const asked: string[] = [];
    page.on('dialog', async (dialog) => {
      asked.push(dialog.message());
      await dialog.dismiss();
    });
    const name = page.getByLabel('Name', { exact: true });
    const add = page.getByRole('button', { name: 'Add', exact: true });
    await open(page, '/customers');
    await page.getByText('Add a customer').click();
    await add.click();
    await expect(page.getByText('The name is missing. Type or choose it.')).toBeVisible();
    await expect(name).toBeFocused();

    await name.fill('Marta Quill');
    await expect(page.getByText('Kept in this browser as you type')).toBeVisible();
    await page.getByRole('link', { name: 'People' }).first().click();
    await expect.poll(() => asked).toEqual([expect.stringContaining('What was typed here is not saved.')]);
    await expect(page).toHaveURL(/customers$/);
    // Typed back to how it opened: nothing is lost by leaving.
    await name.fill('');
    await expect(page.getByText('Kept in this browser as you type')).toHaveCount(0);
    await page.getByRole('link', { name: 'People' }).first().click();
    await expect(page).toHaveURL(/people$/);

    await open(page, '/customers');
    await page.getByText('Add a customer').click();
    await name.fill(`Marta Quill, ${info.project.name}`);
    await add.click();
    await expect(page).toHaveURL(/customers\/.+/);
    expect(asked).toHaveLength(1);

    const cookies = await page.context().cookies();
    const plain = await browser.newContext({ viewport, javaScriptEnabled: false });
    await plain.addCookies(cookies);
    const bare = await plain.newPage();
    await bare.goto(new URL('/customers', page.url()).href);
    await bare.getByText('Add a customer').click();
    await bare.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(bare.getByText('The name is missing. Type or choose it.')).toBeVisible();
    await plain.close();
  },
);

test('two people measure one lawn: the later save shows both changes and keeps them @desk', async ({
  browser,
}, info) => {
  const viewport = info.project.use.viewport ?? { width: 1280, height: 800 };
  const [boss, technician] = [
    await stepIn(browser, 'R. Hallow', viewport),
    await stepIn(browser, 'T. Marsh', viewport),
  ];
  for (const page of [boss, technician]) await open(page, '/cases/7/measure');
  const was = await boss.getByLabel('Length, m').inputValue();
  const longer = String(Number(was) + 2);
  await boss.getByLabel('Width, m').fill('12');
  await technician.getByLabel('Length, m').fill(longer);
  await technician.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(technician.getByRole('status').getByText('Saved', { exact: true })).toBeVisible();
  // Longer than a draft waits to be kept: what was saved is not told as “not saved yet” after it.
  await technician.waitForTimeout(600);
  await expect(technician.getByText('not saved yet', { exact: false })).toHaveCount(0);

  await boss.getByRole('button', { name: 'Save', exact: true }).click();
  const conflict = boss.getByRole('alert', { name: 'Somebody else saved meanwhile' });
  await expect(conflict).toContainText('T. Marsh saved this stop');
  await expect(conflict).toContainText(`The length: ${was} → ${longer}`);
  await expect(boss.getByLabel('Width, m')).toHaveValue('12');
  await conflict.getByRole('button', { name: 'Save both changes together' }).click();
  await expect(conflict).toHaveCount(0);
  await expect(boss.getByLabel('Length, m')).toHaveValue(longer);
  await expect(boss.getByLabel('Width, m')).toHaveValue('12');

  await technician.reload();
  await technician.getByLabel('Width, m').fill('9');
  await technician.getByLabel('Length, m').fill(was);
  await technician.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(technician.getByRole('status').getByText('Saved', { exact: true })).toBeVisible();
});

test(
  'a local rule halts a remedy where its amounts would be, and US measures change what is read',
  { tag: '@desk' },
  async ({ browser }, info) => {
    const viewport = info.project.use.viewport ?? { width: 1280, height: 800 };
    const page = await stepIn(browser, 'M. Finch', viewport);
    await open(page, '/settings');
    await page.getByLabel('Measures').selectOption('us');
    await page.getByLabel('Rule 1').selectOption('ban');
    await page.getByLabel('Where it is written').fill('Town order 12');
    await page.getByRole('button', { name: 'Save the settings' }).click();
    await expect(page.getByText('Saved.')).toBeVisible();
    await open(page, '/cases/1/choose');
    await expect(page.getByText('is not allowed here').first()).toBeVisible();
    await open(page, '/cases/2/look');
    await expect(page.getByText(/per ft²/).first()).toBeVisible();
    await open(page, '/settings');
    await page.getByLabel('Measures').selectOption('metric');
    await page.getByLabel('Rule 1').selectOption('');
    await page.getByRole('button', { name: 'Save the settings' }).click();
    await expect(page.getByText('Saved.')).toBeVisible();
    await open(page, '/cases/1/choose');
    await expect(page.getByText('is not allowed here')).toHaveCount(0);
  },
);

test(
  'a customer sees the notice of a treatment, and nothing once it is revoked',
  { tag: '@hand' },
  async ({ browser }, info) => {
    const viewport = info.project.use.viewport ?? { width: 1280, height: 800 };
    const boss = await stepIn(browser, 'R. Hallow', viewport);
    await open(boss, '/cases/6/share');
    await boss.getByRole('button', { name: 'Make a link' }).click();
    const link = (await boss.locator('.address').textContent()) ?? '';
    const customer = await (
      await browser.newContext({ viewport, storageState: { cookies: [], origins: [] } })
    ).newPage();
    await open(customer, link);
    await expect(customer.getByRole('heading', { level: 1, name: 'Notice of a treatment' })).toBeVisible();
    await expect(customer.getByText('Keep people and pets off until everything is dry.')).toBeVisible();
    await expect(customer.getByRole('navigation')).toHaveCount(0);
    await open(boss, '/cases/6/share');
    await boss.getByRole('button', { name: 'Revoke' }).first().click();
    await customer.reload();
    await expect(customer.getByText('This link shows nothing')).toBeVisible();
  },
);
