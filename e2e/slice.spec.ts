import { expect, test, type Page } from '@playwright/test';
import { retreat } from '../src/lib/core/schedule';
import { measureRectangle } from '../src/lib/core/ground';
import type { CalendarDay } from '../src/lib/core/units';
import { expectAnswer } from '../src/lib/core/result';
import { percentText, PLAIN } from '../src/lib/words/show';
import { open, certaintyOf, densityText, doseOf, labelNamed } from './expected';

const { quantityText } = PLAIN;

/** One lawn problem from sighting to re-check, as a technician walks it. */
async function openCase(page: Page, property: string, title: string): Promise<void> {
  await open(page, '/');
  await page.getByRole('link', { name: 'What did you see?' }).click();
  await page.getByLabel('What is wrong').fill(title);
  await page.getByLabel('Property').selectOption({ label: property });
  await page.getByRole('button', { name: 'Open the case' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Look' })).toBeVisible();
}

/** On a telephone Look asks one question at a time until somebody wants the list. */
async function asList(page: Page): Promise<void> {
  if ((page.viewportSize()?.width ?? 0) >= 700) return;
  if (await page.getByRole('radio', { name: 'Seen', exact: true }).first().isVisible()) return;
  await page.getByRole('button', { name: 'Everything as a list' }).click();
}

async function look(page: Page, counts: readonly number[], signs: Record<string, string>): Promise<void> {
  await asList(page);
  await page.getByLabel('Where', { exact: true }).fill('North end');
  for (const [i, count] of counts.entries()) await page.locator(`[name="counts.${i}"]`).fill(String(count));
  const all = page.getByRole('button', { name: /^Show all \d+ signs/ });
  if (await all.isVisible()) await all.click();
  for (const [sign, answer] of Object.entries(signs))
    await page.locator(`#sign-${sign}`).getByRole('radio', { name: answer, exact: true }).check();
}

const on = (page: Page, stop: string) => page.getByRole('button', { name: `Save, on to ${stop}` }).click();
const heading = (page: Page, name: string) =>
  expect(page.getByRole('heading', { level: 1, name, exact: true })).toBeVisible();
const follows = (page: Page) => page.getByRole('complementary', { name: 'What follows' });
async function takeFirstHour(page: Page): Promise<void> {
  const hours = page.getByLabel('Start at');
  const first = await hours.locator('option').nth(1).getAttribute('value');
  await hours.selectOption(first ?? '');
  await expect(page.getByText('✓ Go').or(page.getByText('! Go with a Care'))).toBeVisible();
}

test('webworms by soap flush, paced lawn, liquid with a carry-over, logged and counted again @hand', async ({
  page,
}, info) => {
  const counts = [24, 26, 22, 27, 25];
  await openCase(
    page,
    info.project.name === 'wide' ? '3 Weir Terrace' : 'Weir Lane Nursery School',
    'Ragged patches',
  );

  // Nobody said where it was: that comes before any question, and begins what is written under Where.
  const asking = page.getByRole('region', { name: 'One question at a time' });
  await expect(asking).toHaveCount(0);
  await page.getByRole('radio', { name: 'lawn', exact: true }).tap();
  await expect(asking).toBeVisible();
  await asList(page);
  await expect(page.getByLabel('Where', { exact: true })).toHaveValue('lawn');
  await page.getByLabel('Field test').selectOption('soap-flush');
  await page.getByLabel('Frame', { exact: true }).fill('1');
  await look(page, counts, {
    'chewed-blades': 'Seen',
    'green-pellets': 'Seen',
    'moths-at-dusk': 'Seen',
    'turf-lifts': 'Not seen',
  });
  await expect(
    page.locator('[data-answer]').getByText(densityText(counts, 1), { exact: true }),
  ).toBeVisible();
  await on(page, 'Name');

  await heading(page, 'Name');
  const seen = { 'chewed-blades': true, 'green-pellets': true, 'moths-at-dusk': true, 'turf-lifts': false };
  // What rose in the flush speaks for what it counts.
  const mean = counts.reduce((sum, count) => sum + count, 0) / counts.length;
  const p = certaintyOf('sod-webworm', seen, {}, { test: { id: 'soap-flush', catches: [] }, mean });
  await expect(page.getByText(`Sod webworm, ${percentText(p)}`, { exact: true })).toBeVisible();
  await expect(page.getByRole('radio', { name: /Sod webworm/ })).toBeChecked();
  await expect(page.getByText('Worth looking at next')).toBeVisible();
  await page.getByRole('checkbox', { name: /half-grown/i }).check();
  await on(page, 'Choose');

  await heading(page, 'Choose');
  await expect(page.getByText('Above the threshold', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: /^Show \d+ more for it/ }).click();
  await page.getByRole('radio', { name: /Tarnside Turf Liquid/ }).check();
  await page.getByLabel('Reason, where it is not the first').fill('Guests from Friday');
  await on(page, 'Measure');

  await heading(page, 'Measure');
  await page.getByRole('radio', { name: 'By calibrated paces' }).check();
  await page.getByLabel('Paces along').fill('32');
  await page.getByLabel('Paces across').fill('26');
  await page.getByLabel('Distance walked, m').fill('30');
  await page.getByLabel('Paces counted').fill('40');
  await page.getByLabel('It may be off by, %').fill('3');
  const pace = { value: 0.75, unit: 'm' } as const;
  const lawn = expectAnswer(
    measureRectangle({
      sides: { how: 'paces', paces: [32, 26], pace, paceErrorPct: 3 },
      strip: null,
      unit: 'm2',
    }),
  );
  await expect(
    page.locator('[data-answer]').getByText(quantityText(lawn.area), { exact: true }),
  ).toBeVisible();
  await expect(page.getByText(/^between 440 and 497$/)).toBeVisible();
  // What follows is there before anything is saved.
  const { rate, carrier } = labelNamed('tarnside-liquid').use;
  const plain = doseOf({ rate, carrier: carrier ?? undefined, target: lawn.area });
  await expect(follows(page).getByText(quantityText(plain.product), { exact: true })).toBeVisible();
  await on(page, 'When');

  await heading(page, 'When');
  await takeFirstHour(page);
  await on(page, 'Mix');

  await heading(page, 'Mix');
  await page.getByRole('textbox', { name: /^Rate, label/ }).fill('125');
  await page.getByLabel('Tank', { exact: true }).selectOption('Knapsack 15 l');
  await page.getByText('Something is left in the tank').click();
  await page.getByLabel('Mix left', { exact: true }).fill('2');
  await page.getByLabel('Product in it', { exact: true }).fill('4');
  const mixed = doseOf({
    rate: { ...rate, chosen: 125 },
    carrier: carrier ?? undefined,
    target: lawn.area,
    tank: {
      capacity: { value: 15, unit: 'l' },
      carryOver: { finished: { value: 2, unit: 'l' }, product: { value: 4, unit: 'ml' } },
    },
    measureStep: { value: 1, unit: 'ml' },
  });
  await expect(page.getByText(`Add ${quantityText(mixed.product)} of Tarnside Turf Liquid`)).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Load \d$/ })).toHaveCount(mixed.loads.length);
  for (const [i, load] of mixed.loads.entries())
    await expect(
      page.getByRole('img', {
        name: new RegExp(`^Load ${i + 1}: .*add ${quantityText(load.product)}, top up`),
      }),
    ).toBeVisible();
  await page.getByText('Show the working').first().click();
  await expect(page.getByRole('cell', { name: 'chosen here, clause 3.1' })).toBeVisible();
  await page.getByRole('button', { name: 'I wear them' }).click();
  // What is settled is a line; who ticked it, and when, stands behind it.
  await page.getByText(/Settled · Wear gloves/).click();
  await expect(page.getByText(/I wear them: R\. Hallow, Wed 15 Sep/)).toBeVisible();
  await on(page, 'Place');

  await heading(page, 'Place');
  await page.getByLabel('Swath, m').fill('1.5');
  await expect(page.getByText('13 lanes, 330 m to walk')).toBeVisible();
  await page.getByLabel('Area done, m²').fill('234');
  await page.getByLabel(/^Left of/).fill('10');
  await expect(page.getByText('Too much is going down: walk faster.')).toBeVisible();
  await on(page, 'Log');

  await heading(page, 'Log');
  await page.getByLabel('Wind, km/h').fill('8');
  await page.getByLabel('End', { exact: true }).fill('08:10');
  await page.getByRole('button', { name: 'Log what was done' }).click();
  await expect(
    page.getByText(`${quantityText(mixed.product)} of Tarnside Turf Liquid over ${quantityText(lawn.area)}`),
  ).toBeVisible();
  await expect(page.getByText('Chosen because: Guests from Friday')).toBeVisible();

  // The interval now runs: Mix names the Halt where the amounts were.
  await page
    .getByRole('navigation', { name: 'The nine stops of this case' })
    .getByRole('link')
    .nth(5)
    .click();
  const again = expectAnswer(
    retreat({
      first: '2027-09-15' as CalendarDay,
      seasonEnd: '2027-12-31' as CalendarDay,
      minIntervalDays: 21,
      strategy: 'once',
      prior: [{ date: '2027-09-15' as CalendarDay }],
    }),
  );
  expect(again.dates).toEqual(['2027-10-06']);
  await expect(page.getByText('Halt · No sooner than Wed 6 Oct')).toBeVisible();
  await expect(page.getByText(/^Add \d+ ml/)).toHaveCount(0);

  await page
    .getByRole('navigation', { name: 'The nine stops of this case' })
    .getByRole('link')
    .nth(8)
    .click();
  await heading(page, 'Re-check');
  await expect(page.getByText('Count again on Wed 22 Sep')).toBeVisible();
  for (const [i, count] of [2, 3, 1, 2, 2].entries())
    await page.getByLabel(`Square ${i + 1}`).fill(String(count));
  await page.getByRole('textbox', { name: 'Counted on' }).fill('2027-09-22');
  await expect(page.locator('[data-answer]').getByText('91.9 % fewer')).toBeVisible();
  await expect(page.locator('.verdict').getByText('Done', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('status').getByText('Saved', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Close the case' }).click();
  await expect(page.getByRole('button', { name: 'Open the case again' })).toBeVisible();
});

test('grubs by turf flap, nematodes, a changed lawn, a wrong entry and its correction @desk', async ({
  page,
}, info) => {
  const counts = [9, 11, 8, 12, 10];
  await openCase(
    page,
    info.project.name === 'wide' ? 'Ostermere Bowls Club' : 'Old Mill Bakery and Tea-room',
    'Turf lifts',
  );
  await look(page, counts, {
    'turf-lifts': 'Seen',
    'c-grubs': 'Seen',
    'birds-probing': 'Seen',
    raster: 'two rows that part like an open zip',
  });
  await expect(
    page.locator('[data-answer]').getByText(densityText(counts, 0.1), { exact: true }),
  ).toBeVisible();
  await on(page, 'Name');
  await expect(page.getByRole('radio', { name: /Chafer grub/ })).toBeChecked();
  await on(page, 'Choose');

  await page.getByText(/^Not on their labels: \d+$/).click();
  await expect(page.getByText('Halt: Chafer grub is not on these labels.')).toBeVisible();
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: 'Tarnside' })
      .getByText(/Clause [\d.]+: “.+”/),
  ).toBeVisible();
  await page.getByRole('radio', { name: /Tarnside/ }).check();
  await expect(page.getByText('Halt · Chafer grub is not on this label')).toBeVisible();
  await page.getByRole('radio', { name: /Wath Lawn Nematodes/ }).check();
  await expect(page.getByText('Halt · Chafer grub is not on this label')).toHaveCount(0);
  await on(page, 'Measure');

  await page.getByLabel('Length, m').fill('-20');
  await on(page, 'When');
  await expect(page.getByRole('alert')).toContainText(
    'The length must lie between 0.1 and 5,000; it is −20.',
  );
  await expect(page.getByLabel('Length, m')).toHaveValue('-20');
  await page.getByLabel('Length, m').fill('20');
  await page.getByLabel('Width, m').fill('9');
  await on(page, 'When');
  await takeFirstHour(page);
  await on(page, 'Mix');

  const { rate, carrier } = labelNamed('wath-nematodes').use;
  const area = { value: 180, unit: 'm2' } as const;
  const mixed = doseOf({
    rate,
    carrier: carrier ?? undefined,
    target: area,
    tank: { capacity: { value: 15, unit: 'l' } },
  });
  await page.getByLabel('Tank', { exact: true }).selectOption('Knapsack 15 l');
  await expect(page.getByText(`Add ${quantityText(mixed.product)} of Wath Lawn Nematodes`)).toBeVisible();
  await expect(follows(page).getByText('short by 40 million')).toBeVisible();
  await page.getByRole('button', { name: 'The filters are out' }).click();
  await on(page, 'Place');
  await on(page, 'Log');

  // The lawn was measured wrong: what was built on it says so until it is looked at again.
  const trail = page.getByRole('navigation', { name: 'The nine stops of this case' }).getByRole('link');
  await trail.nth(3).click();
  await page.getByLabel('Width, m').fill('10');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('status').getByText('Saved', { exact: true })).toBeVisible();
  await trail.nth(5).click();
  await expect(page.getByText('An earlier stop changed after this was saved.')).toBeVisible();
  await expect(page.getByText('Add 100 million of Wath Lawn Nematodes')).toBeVisible();
  await on(page, 'Place');
  await on(page, 'Log');

  await page.getByLabel('Product used', { exact: true }).fill('1000');
  await page.getByLabel('Lot', { exact: true }).fill('W27-8');
  await page.getByRole('button', { name: 'Log what was done' }).click();
  await page.getByRole('button', { name: 'Correct this entry' }).click();
  await page.getByLabel('Product used', { exact: true }).fill('100');
  await page.getByRole('button', { name: 'Log the correction' }).click();
  await expect(page.getByText('corrected later')).toBeVisible();
  await expect(page.getByText('100 million of Wath Lawn Nematodes over 200 m²')).toBeVisible();
  await expect(follows(page).getByText('100 million on Wed 15 Sep')).toBeVisible();
});

test(
  'a nest by the sand pit keeps every amount away until it is ruled out',
  { tag: '@hand' },
  async ({ page }) => {
    await open(page, '/');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('halted');
    await open(page, '/cases/8/mix');
    await expect(page.getByText(/Halt · Could be: yellowjackets/)).toBeVisible();
    await expect(page.getByText('No amounts while a Halt is open.')).toBeVisible();
    await expect(follows(page).getByText('none while a Halt is open')).toBeVisible();
  },
);

test('a grub is told by its raster, doubt is said, and bumble bees stop the plan', async ({ page }, info) => {
  const wide = info.project.name === 'wide';
  const property = wide ? 'Old Mill Bakery and Tea-room' : 'Weir Lane Nursery School';
  // On the phone another errand has found webworms there before.
  const history: Record<string, number> = wide ? {} : { 'sod-webworm': 1 };
  await open(page, '/cases/new');
  await page.getByRole('radio', { name: 'lawn', exact: true }).check();
  await page.getByRole('radio', { name: 'animals digging' }).check();
  await page.getByRole('radio', { name: 'many', exact: true }).check();
  await page.getByLabel('Property').selectOption({ label: property });
  await page.getByRole('button', { name: 'Open the case' }).click();
  await heading(page, 'Look');
  await expect(page.getByRole('heading', { level: 2, name: 'Animals digging: lawn, many' })).toBeVisible();

  // Lifting turf and grubs alone are not enough to tell which grub it is.
  const signs = { 'turf-lifts': true, 'c-grubs': true } as const;
  await look(page, [], { 'turf-lifts': 'Seen', 'c-grubs': 'Seen' });
  await on(page, 'Name');
  await expect(page.getByText(/^White grubs, (over )?\d+ %$/)).toBeVisible();
  await expect(page.getByText('Which of them is not sure')).toBeVisible();
  const next = page.getByRole('link', { name: 'The spines on the last ring of a grub' });
  await next.click();

  await heading(page, 'Look');
  await expect(page.locator('#sign-raster')).toBeVisible();
  const raster = page.locator('#sign-raster');
  await raster.getByRole('radio', { name: 'a long oval of two rows' }).check();
  await on(page, 'Name');
  const june = certaintyOf('june-beetle', { ...signs, raster: 'rows-oval' }, history);
  await expect(page.getByRole('listitem').filter({ hasText: 'June beetle grub' }).first()).toContainText(
    percentText(june),
  );
  await expect(page.getByText(/▲ (strongly )?for/).first()).toBeVisible();
  await page.goBack();
  await raster.getByRole('radio', { name: 'two rows that part like an open zip' }).check();
  await on(page, 'Name');
  const chafer = certaintyOf('chafer-grub', { ...signs, raster: 'rows-spread' }, history);
  await expect(page.getByText(`Chafer grub, ${percentText(chafer)}`, { exact: true })).toBeVisible();

  // A sheet for an expert has the signs and how to pack a sample.
  await page.getByRole('link', { name: 'a sheet to ask an expert' }).click();
  await expect(page.getByRole('heading', { name: 'How to pack a sample' })).toBeVisible();
  await expect(page.getByText('two rows that part like an open zip')).toBeVisible();

  // Round, furry bees at the same lawn: nothing is planned until their mark was looked for.
  await page.goBack();
  await page
    .getByRole('navigation', { name: 'The nine stops of this case' })
    .getByRole('link')
    .first()
    .click();
  await look(page, [], { 'turf-lifts': 'Not seen', 'c-grubs': 'Not seen', 'furry-bees': 'Seen' });
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText(/Halt · Could be: bumble bees/)).toBeVisible();
  await page
    .locator('#sign-flier-look')
    .getByRole('radio', { name: /^round, furry, slow$/ })
    .check();
  await on(page, 'Name');
  await page.getByRole('radio', { name: /Bumble bees/ }).check();
  await expect(page.getByText(/Halt · This is: bumble bees/)).toBeVisible();
});

test(
  'the field guide finds misspelt names, and tells two look-alikes apart',
  { tag: '@hand' },
  async ({ page }) => {
    await open(page, '/guide');
    await page.getByLabel('Name, scientific name, or what you see').fill('yelowjaket');
    await expect(page.getByRole('listitem').filter({ hasText: 'Yellowjackets' })).toBeVisible();
    await page.getByLabel('Name, scientific name, or what you see').fill('wool holes');
    await page.getByRole('link', { name: /Clothes moths/ }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Clothes moths' })).toBeVisible();
    await page.getByRole('link', { name: 'Carpet beetles' }).first().click();
    await expect(page.getByText('bristly larvae without silk')).toBeVisible();
    await page.getByRole('link', { name: 'I have seen this: start a case' }).click();
    await expect(page.getByRole('radio', { name: 'bedroom', exact: true })).toBeChecked();
  },
);

test(
  'just tell me how much, without a case, and typed before the scripts came',
  { tag: '@hand' },
  async ({ page }) => {
    let come = (): void => {};
    const slow = new Promise<void>((resolve) => (come = resolve));
    await page.route(/\/_app\/.*\.js$/, async (route) => {
      await slow;
      await route.continue();
    });
    await page.goto('/how-much', { waitUntil: 'commit' });
    await page.getByLabel('At least').fill('12');
    await page.getByLabel('At most').fill('20');
    await page.getByLabel('Finished mix, if it is mixed', { exact: true }).fill('6');
    come();
    await page.getByLabel('Area, length, volume or spots', { exact: true }).fill('310');
    await page.getByLabel('Rate chosen').fill('15');
    await page.getByLabel('The tank holds', { exact: true }).fill('15');
    await page.getByLabel('Smallest mark of the measure', { exact: true }).fill('5');
    await expect(page.getByText('50 ml', { exact: true }).first()).toBeVisible();
    await expect(page.getByRole('img', { name: /^Load 2: .*add 10 ml, top up to 3\.5 l/ })).toBeVisible();
    await page.getByLabel('Rate chosen').fill('21');
    await expect(page.getByText('Halt: the chosen rate passes the label’s most.')).toBeVisible();
    await expect(page.getByText('50 ml', { exact: true })).toHaveCount(0);
  },
);

test('traps are read week after week, and what they say together stands beside the newest @desk', async ({
  page,
}) => {
  await open(page, '/cases/11/look');
  const fill = async (counts: readonly number[]): Promise<void> => {
    for (const [i, count] of counts.entries()) await page.locator(`[name="counts.${i}"]`).fill(String(count));
  };
  const next = page.getByRole('button', { name: 'Next reading of the same traps' });
  await fill([11, 3, 2, 0, 0, 1]);
  await page.getByRole('textbox', { name: 'Counted on' }).fill('1 Sep 2027');
  await next.click();
  await expect(page.getByText('Wed 1 Sep, 7 nights: 17 at 6 traps')).toBeVisible();
  await page.getByRole('textbox', { name: 'Counted on' }).fill('8 Sep 2027');
  await fill([6, 2, 1, 0, 0, 0]);
  await next.click();
  await fill([4, 0, 0, 0, 0, 0]);
  await expect(page.getByText('It is falling.')).toBeVisible();
  await expect(page.getByText(/Nearly all is at trap 1/)).toBeVisible();
  await expect(page.getByText(/Traps 4 and 5 never held any: move them there\./)).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  // One that was taken down twice is taken out again, and what is saved comes back as it was.
  await open(page, '/cases/11/look');
  await page.getByText('Wed 8 Sep, 7 nights: 9 at 6 traps').click();
  await page.getByRole('button', { name: 'Take it out' }).last().click();
  await expect(page.getByText('Wed 8 Sep, 7 nights: 9 at 6 traps')).toHaveCount(0);
  await expect(page.getByText('It is falling.')).toBeVisible();
});

test('on a page just opened, the remedy that is picked instead of the saved one stays picked @desk', async ({
  page,
}) => {
  await open(page, '/cases/6/choose');
  const saved = page.locator('input[name="label"]:checked');
  const before = await saved.inputValue();
  const other = page.getByRole('radio', { name: /Wath Lawn Nematodes/ });
  await other.check();
  // The ranking is worked out anew for it; the sheet beside it says so.
  await expect(page.getByText('Care · Filters out')).toBeVisible();
  await expect(other).toBeChecked();
  expect(before).not.toBe('wath-nematodes');
  await expect(saved).toHaveValue('wath-nematodes');
});
