import { expect, test, type Page } from '@playwright/test';
import { open } from './expected';

/** A property of its own, with an empty plan; the address of the plan. */
async function newPlan(page: Page, name: string): Promise<string> {
  await open(page, '/properties/new');
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByLabel('Latitude').fill('54.4');
  await page.getByRole('button', { name: 'Add it, and say what you saw' }).click();
  await page.waitForURL(/property=[0-9a-f-]{36}/);
  const id = /[0-9a-f-]{36}/.exec(page.url())?.[0] ?? '';
  await open(page, `/properties/${id}/plan`);
  await expect(page.getByText('Nothing is drawn yet', { exact: false })).toBeVisible();
  return `/properties/${id}/plan`;
}

/** Lengths typed one after the other, each ended by Enter; nothing but Enter ends the outline. */
async function type(page: Page, ...lines: string[]): Promise<void> {
  for (const line of lines) {
    if (line !== '') await page.keyboard.type(line);
    await page.keyboard.press('Enter');
  }
}

async function press(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name, exact: true }).focus();
  await page.keyboard.press('Enter');
}

const saved = (page: Page) => expect(page.locator('[data-saving="saved"]')).toBeVisible();

test(
  'the lakeside lawn is drawn from a list of lengths by the keyboard alone, with its beds and its strip',
  { tag: '@desk' },
  async ({ page }) => {
    const plan = await newPlan(page, 'Lawn from a list');
    await press(page, 'Draw it');
    await type(page, '0; 0', '19.5 e', '24 n', '19.5 w', '');
    const chosen = page.getByRole('region', { name: 'The chosen zone' });
    await expect(chosen.getByText('468 m²')).toBeVisible();
    await press(page, 'Cut out');
    await type(page, '8; 6', '3 e', '2 n', '3 w', '');
    await expect(chosen.getByText('462 m²')).toBeVisible();
    await press(page, 'Cut out');
    await type(page, '14; 15', '2; 0', '4 0°', '2 270°', '');
    await expect(chosen.getByText('454 m²')).toBeVisible();
    await page.getByLabel('What to draw').focus();
    await page.keyboard.type('no-s');
    await page.getByLabel('How it is drawn').focus();
    await page.keyboard.type('as a r');
    await press(page, 'Draw it');
    await type(page, '5.5 x 24 at 0; 0');
    await page.getByRole('button', { name: /^Lawn,/ }).focus();
    await page.keyboard.press('Enter');
    // By hand: 19.5 × 24 − 3 × 2 − 2 × 4 − 5.5 × 24 = 322.
    await expect(chosen.getByText('322 m²', { exact: true })).toBeVisible();
    await expect(chosen.getByText('between 319 m² and 325 m²')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(chosen.getByText('454 m²', { exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Redo' }).click();
    await saved(page);
    await open(page, plan);
    await expect(page.getByRole('button', { name: 'Lawn, lawn, 322 m²' })).toBeVisible();
  },
);

test('an irregular yard is put on the plan by two tapes, and a split keeps every square metre @hand', async ({
  page,
}) => {
  await newPlan(page, 'Yard by two tapes');
  await page.getByText('An irregular yard, by two tapes').click();
  await page.getByLabel('Baseline, m').fill('10');
  // A at 0, B at 10; corners at (10, 8) and (0, 6).
  for (const [name, length] of [
    ['Corner 1 to A', '12.806'],
    ['Corner 1 to B', '8'],
    ['Corner 2 to A', '6'],
    ['Corner 2 to B', '11.662'],
  ] as const)
    await page.getByLabel(name).fill(length);
  await page.getByRole('button', { name: 'Put it on the plan' }).click();
  await expect(page.getByRole('button', { name: 'Lawn, lawn, 70 m²' })).toBeVisible();
  await page.getByLabel('Corner 1 to A').fill('1');
  await page.getByRole('button', { name: 'Put it on the plan' }).click();
  await expect(page.getByText('The tapes to corner 1 do not meet', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Split', exact: true }).click();
  await page.getByLabel('The line that splits it').fill('4; -1');
  await page.keyboard.press('Enter');
  await page.getByLabel('The line that splits it').fill('20 n');
  await page.keyboard.press('Enter');
  // The slope over 4 m: 6 to 6.8 m high, so 25.6 m² to its left.
  await expect(page.getByRole('button', { name: 'Lawn 1, lawn, 25.6 m²' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Lawn 2, lawn, 44.4 m²' })).toBeVisible();
  await saved(page);
});

const FILE = {
  type: 'FeatureCollection',
  features: [
    {
      type: 'Feature',
      id: 'a7',
      geometry: {
        type: 'Polygon',
        coordinates: [
          [
            [-2.9412, 54.4031],
            [-2.9409, 54.4031],
            [-2.94087, 54.40332],
            [-2.9412, 54.4033],
            [-2.9412, 54.4031],
          ],
        ],
      },
      properties: { name: 'North lawn', surveyed: { by: 'hand', sheets: [1, 2] } },
    },
  ],
};

test(
  'a GeoJSON file is read in and comes back as it was, and one that is damaged is refused by its path',
  { tag: '@desk' },
  async ({ page }) => {
    const plan = await newPlan(page, 'Lawn from a file');
    await page.getByText('North and place, files').click();
    const choose = (text: string) =>
      page
        .getByLabel('Read in GeoJSON')
        .setInputFiles({ name: 'plan.geojson', mimeType: 'application/geo+json', buffer: Buffer.from(text) });
    await choose(JSON.stringify(FILE).replace('54.4033]', '"x"]'));
    await expect(page.getByText('features.0.geometry.coordinates.0', { exact: false })).toBeVisible();
    await expect(page.getByText('Nothing is drawn yet', { exact: false })).toBeVisible();
    await choose(JSON.stringify(FILE));
    await expect(page.getByText('1 zones taken in', { exact: false })).toBeVisible();
    await saved(page);
    const back = (await (await page.request.get(`${plan}/export?as=geojson`)).json()) as typeof FILE;
    expect(back.features.map(({ id, geometry, properties }) => ({ id, geometry, properties }))).toEqual(
      FILE.features.map(({ id, geometry, properties }) => ({ id, geometry, properties })),
    );
    const zones = await (await page.request.get(`${plan}/export?as=csv`)).text();
    expect(zones.split('\n')[0]).toContain('name,kind,layer,measured,error_pct,area_m2');
    expect(zones).toContain('North lawn,lawn,outside,geojson,1,');
  },
);

test(
  'what is drawn without a network is kept, and what two people draw at once is put together and told',
  { tag: '@hand' },
  async ({ page, context }, info) => {
    const plan = await newPlan(page, `Two at once, ${info.project.name}`);
    const other = await context.newPage();
    await open(other, plan);
    const draw = async (on: Page, typed: string) => {
      await on.getByLabel('How it is drawn').selectOption('rectangle');
      await on.getByRole('button', { name: 'Draw it' }).click();
      await on.getByLabel('The lawn').fill(typed);
      await on.keyboard.press('Enter');
    };
    await draw(page, '10 x 4 at 0; 0');
    await saved(page);
    await draw(other, '6 x 5 at 20; 0');
    await expect(other.getByText('changed this plan meanwhile', { exact: false })).toBeVisible();
    await expect(other.getByRole('button', { name: 'Lawn, lawn, 40 m²' })).toBeVisible();
    await saved(other);
    await expect(page.getByRole('button', { name: /30 m²/ })).toBeVisible({ timeout: 15_000 });
    await context.setOffline(true);
    await draw(page, '7 x 1 at 40; 0');
    await expect(page.locator('[data-saving="kept-here"]')).toBeVisible();
    await context.setOffline(false);
    // The tab is closed before it could be sent; another one takes it up.
    await open(page, plan);
    await expect(page.getByRole('button', { name: /lawn, 7 m²/ })).toBeVisible();
    await saved(page);
  },
);

test('a bed is laid by taps, crosses itself, is put right by dragging a corner, and goes out as a picture @desk', async ({
  page,
}, info) => {
  await newPlan(page, `Bed by taps, ${info.project.name}`);
  await page.getByLabel('What to draw').selectOption('bed');
  await page.getByRole('button', { name: 'Draw it' }).click();
  const sheet = page.getByRole('group', { name: /^Plan, outside/ });
  await sheet.scrollIntoViewIfNeeded();
  const box = (await sheet.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  const at = (x: number, y: number) => ({ x: box.width * x, y: box.height * y });
  // The third and fourth corner lie the wrong way round.
  for (const position of [at(0.3, 0.3), at(0.6, 0.3), at(0.3, 0.6), at(0.6, 0.6)])
    await sheet.click({ position });
  await page.getByRole('button', { name: 'End it' }).click();
  const chosen = page.getByRole('region', { name: 'The chosen zone' });
  await expect(chosen.getByText('the outline crosses itself', { exact: false })).toBeVisible();
  for (const [number, x] of [
    [3, 0.6],
    [4, 0.3],
  ] as const) {
    await sheet.scrollIntoViewIfNeeded();
    const corner = page.getByRole('button', { name: `Corner ${number} of Bed` });
    const from = (await corner.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
    const here = (await sheet.boundingBox()) ?? box;
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(here.x + here.width * 0.45, here.y + here.height * (0.75 + number / 50), {
      steps: 4,
    });
    await page.mouse.move(here.x + here.width * x, here.y + here.height * 0.6, { steps: 4 });
    await page.mouse.up();
  }
  await expect(chosen.getByText('the outline crosses itself', { exact: false })).toBeHidden();
  await saved(page);
  await page.getByText('North and place, files').click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PNG' }).click();
  expect((await download).suggestedFilename()).toBe('plan.png');
});

test(
  'two fingers spread bring the plan nearer, one moves it, and a corner follows the finger that holds it',
  { tag: '@hand' },
  async ({ page }) => {
    await newPlan(page, 'Yard by finger');
    const sheet = page.getByRole('group', { name: /^Plan, outside/ });
    const box = await sheet.boundingBox();
    if (!box) throw new Error('the sheet is not there');
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.getByLabel('How it is drawn').selectOption({ label: 'as a rectangle' });
    await page.getByRole('button', { name: 'Draw it' }).tap();
    await page.touchscreen.tap(x - 60, y - 60);
    await page.touchscreen.tap(x + 60, y + 60);
    const lawn = page.getByRole('button', { name: /^Lawn,/ });
    await expect(lawn).toBeVisible();
    const width = async () => (await lawn.boundingBox())?.width ?? 0;
    const left = async () => (await lawn.boundingBox())?.x ?? 0;
    const hand = await page.context().newCDPSession(page);
    type Finger = readonly [number, number];
    const stroke = async (path: (at: number) => readonly Finger[]): Promise<void> => {
      const touchPoints = (at: number) => path(at).map(([fx, fy], id) => ({ x: fx, y: fy, id }));
      await hand.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: touchPoints(0) });
      for (let i = 1; i <= 8; i += 1)
        await hand.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: touchPoints(i) });
      await hand.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    };
    const narrow = await width();
    const outline = (await lawn.getAttribute('d')) ?? '';
    await stroke((i) => [
      [x - 30 - 4 * i, y],
      [x + 30 + 4 * i, y],
    ]);
    // From 60 pixels apart to 124; the fingers were on the chosen lawn, which stays where and as large as it was.
    await expect.poll(async () => (await width()) / narrow).toBeCloseTo(124 / 60, 0);
    await expect(lawn).toHaveAttribute('d', outline);
    const before = await left();
    await page.keyboard.press('Escape');
    await stroke((i) => [[x - 160 + 5 * i, y + 150]]);
    await expect.poll(async () => (await left()) - before).toBeGreaterThan(30);
    await page.getByRole('button', { name: 'Show all' }).tap();
    // The corner across from the first stretches the rectangle by as much as the finger moves.
    await expect
      .poll(async () => (await page.locator('[data-corner="2"]').boundingBox())?.y)
      .toBeGreaterThan(box.y);
    const corner = await page.locator('[data-corner="2"]').boundingBox();
    if (!corner) throw new Error('the corner is not there');
    const wide = await width();
    await stroke((i) => [[corner.x + 6 - 5 * i, corner.y + 6]]);
    await expect.poll(async () => wide - (await width())).toBeGreaterThan(25);
    await saved(page);
  },
);
