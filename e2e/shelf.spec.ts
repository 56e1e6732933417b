import { expect, test, type Page } from '@playwright/test';
import { open } from './expected';

/** Goes to a field by the Tab key alone. */
async function tabTo(page: Page, name: string): Promise<void> {
  for (let presses = 0; presses < 500; presses++) {
    await page.keyboard.press('Tab');
    const at = await page.evaluate(() => {
      const element = document.activeElement;
      return element instanceof HTMLButtonElement
        ? element.textContent?.trim()
        : (element?.getAttribute('name') ?? element?.id);
    });
    if (at === name) return;
  }
  throw new Error(`no Tab leads to ${name}`);
}

async function typeInto(page: Page, fields: readonly (readonly [string, string])[]): Promise<void> {
  for (const [name, text] of fields) {
    await tabTo(page, name);
    // What stands in the field is marked when a Tab comes to it; a choice takes the letters that are typed.
    await page.keyboard.type(text);
  }
}

const stop = (page: Page, number: number) =>
  page
    .getByRole('navigation', { name: 'The nine stops of this case' })
    .getByRole('link')
    .nth(number - 1)
    .click();

test(
  'a label is copied by keyboard, its contradiction found, chosen against the ranking, and halted by its spent cap',
  { tag: '@desk' },
  async ({ page }) => {
    await open(page, '/shelf/new');
    await expect(page.getByText('No pest is named', { exact: false })).toBeVisible();
    await typeInto(page, [
      ['name', 'Brookfold Turf Liquid'],
      ['registration', 'X-12'],
      ['form', 'liquid c'],
      ['family', 'quick'],
      ['actives.0.name', 'bifenthrin'],
      ['actives.0.mass', '80'],
      ['actives.0.group', '3A'],
    ]);
    await tabTo(page, 'uses.0.sites.turf');
    await page.keyboard.press('Space');
    await tabTo(page, 'uses.0-add');
    await page.keyboard.type('sod web');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Sod webworm', { exact: true })).toBeVisible();
    await typeInto(page, [
      ['uses.0.method', 'spray'],
      ['uses.0.least', '20'],
      ['uses.0.most', '12'],
      ['uses.0.per.value', '100'],
      ['uses.0.mix.value', '6'],
    ]);
    const plain = page.getByRole('region', { name: 'In plain words' });
    const check = page.getByRole('region', { name: 'Label check' });
    await expect(plain.getByText('20 to 12 ml in 6 l of finished mix for 100 m²')).toBeVisible();
    await expect(check.getByText('The least rate lies above the most.')).toBeVisible();
    await typeInto(page, [
      ['uses.0.noSoonerThanDays', '14'],
      ['uses.0.maxPerYear', '3'],
      ['uses.0.cap.value', '15'],
      ['ppe', 'gloves'],
      ['size.value', '250'],
      ['lot', 'B1'],
      ['price', '20'],
    ]);
    // Round once more to the rate that was read wrongly.
    await typeInto(page, [
      ['uses.0.least', '12'],
      ['uses.0.most', '20'],
    ]);
    await expect(
      plain.getByText(
        '12 to 20 ml in 6 l of finished mix for 100 m², no sooner than 14 days, 3 times a year, at most 15 ml for 100 m² in 12 months',
      ),
    ).toBeVisible();
    await expect(check.getByText('The least rate lies above the most.')).toHaveCount(0);
    await tabTo(page, 'Put it on the shelf');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { level: 1, name: 'Brookfold Turf Liquid' })).toBeVisible();
    await expect(page.getByText('lot B1')).toBeVisible();

    // Chosen in a case of its own although the ranking has milder ones first; the reason goes into the record.
    await open(page, '/cases/new');
    await page.getByLabel('What is wrong').fill('Chewed pitch');
    await page.getByLabel('Property').selectOption({ label: 'Sallow Point Campsite' });
    await page.getByRole('button', { name: 'Open the case' }).click();
    await page.getByLabel('Where', { exact: true }).fill('Pitch 9');
    await page.getByRole('button', { name: /^Show all \d+ signs/ }).click();
    for (const sign of ['chewed-blades', 'green-pellets', 'moths-at-dusk'])
      await page.locator(`#sign-${sign}`).getByRole('radio', { name: 'Seen', exact: true }).check();
    await page.getByRole('button', { name: 'Save, on to Name' }).click();
    await page.getByRole('checkbox', { name: /half-grown/i }).check();
    await page.getByRole('button', { name: 'Save, on to Choose' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Choose' })).toBeVisible();
    await stop(page, 4);
    await page.getByLabel('Length, m').fill('20');
    await page.getByLabel('Width, m').fill('10');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    await stop(page, 3);
    await page.getByText(/^What counts here: /).click();
    await page.getByRole('checkbox', { name: 'nothing synthetic' }).check();
    const scored = page.getByRole('listitem').filter({ hasText: 'Brookfold Turf Liquid' });
    await page.getByRole('button', { name: /^Show \d+ more for it/ }).click();
    await expect(scored.getByText('-50 · nothing synthetic')).toBeAttached();
    await page.getByRole('radio', { name: /Brookfold Turf Liquid/ }).check();
    await page.getByLabel('Reason, where it is not the first').fill('The cool box failed');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('status').getByText('Saved', { exact: true })).toBeVisible();
    await stop(page, 8);
    await page.getByLabel('Wind, km/h').fill('8');
    await page.getByLabel('End', { exact: true }).fill('08:10');
    await page.getByRole('button', { name: 'Log what was done' }).click();
    await expect(page.getByText('Chosen because: The cool box failed')).toBeVisible();
    await stop(page, 6);
    await expect(page.getByText('Halt · Over the season’s cap')).toBeVisible();
    await expect(page.getByText(/^Add \d+ ml/)).toHaveCount(0);

    // Spilled stock is noted, and what is left follows.
    await open(page, '/shelf');
    await page.getByRole('link', { name: 'Brookfold Turf Liquid' }).click();
    await page.getByText('Count it, or note what went away').click();
    await page.getByLabel('What happened').selectOption('spill');
    await expect(page.getByText('soak it up with sand', { exact: false })).toBeVisible();
    await page.getByLabel('Went away, ml').fill('50');
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(page.getByText('What was changed besides the records: 1')).toBeVisible();
  },
);

test(
  'a label of two uses takes no more than 40 entries, and the text of a label fills in its own figures',
  {
    tag: '@desk',
  },
  async ({ page }) => {
    let entries = 0;
    const set = async (name: string, value: string): Promise<void> => {
      entries += 1;
      const field = page.locator(`[name="${name}"]`);
      const kind = await field.evaluate((one) =>
        one instanceof HTMLSelectElement ? 'select' : one instanceof HTMLInputElement ? one.type : '',
      );
      if (kind === 'select') await field.selectOption(value);
      else if (kind === 'checkbox') await field.setChecked(value === 'on');
      else await field.fill(value);
    };
    const press = async (name: string, last = false): Promise<void> => {
      entries += 1;
      const buttons = page.getByRole('button', { name });
      await (last ? buttons.last() : buttons.first()).click();
    };
    const against = async (use: number, pest: string): Promise<void> => {
      entries += 1;
      await page.locator(`[id="uses.${use}-add"]`).fill(pest);
      await page.locator(`[id="uses.${use}-add"]`).press('Enter');
    };
    await open(page, '/shelf/new');
    await set('name', 'Fenholme Lawn Concentrate');
    await set('registration', 'X-4471');
    await set('signalWord', 'Caution');
    await set('form', 'concentrate');
    await set('family', 'residual');
    await set('actives.0.name', 'lambda-cyhalothrin');
    await set('actives.0.percent', '9.7');
    await set('actives.0.group', '3A');
    await set('uses.0.sites.turf', 'on');
    await against(0, 'Chinch bug');
    await set('uses.0.method', 'spray');
    await set('uses.0.least', '12,5');
    await set('uses.0.most', '25');
    await set('uses.0.mix.value', '6');
    await set('uses.0.noSoonerThanDays', '7');
    await set('uses.0.maxPerYear', '6');
    await set('uses.0.rainFreeHours', '24');
    await set('uses.0.maxWindKmh', '15');
    await set('uses.0.reEntry', 'until-dry');
    await press('Another use, as a copy of the last');
    await set('uses.1.sites.turf', '');
    await set('uses.1.sites.mound', 'on');
    await press('Take Chinch bug off', true);
    await against(1, 'ants');
    await set('uses.1.method', 'drench');
    await set('uses.1.basis', 'mix');
    await set('uses.1.least', '5');
    await set('uses.1.most', '5');
    await set('uses.1.mix.value', '');
    await set('ppe', 'gloves, goggles');
    await set('firstAid', 'Rinse the eyes for a quarter of an hour.');
    await set('size.value', '500');
    await set('lot', 'F1');
    await set('price', '24,50');
    const plain = page.getByRole('region', { name: 'In plain words' });
    await expect(plain.getByText('12.5 to 25 ml in 6 l of finished mix for 100 m²')).toBeVisible();
    await expect(plain.getByText('5 ml in 1 l', { exact: false })).toBeVisible();
    await press('Put it on the shelf');
    expect(entries).toBeLessThanOrEqual(40);
    await expect(page.getByRole('heading', { level: 1, name: 'Fenholme Lawn Concentrate' })).toBeVisible();
    await expect(page.getByText('lot F1')).toBeVisible();

    // The same label from its text: each figure is taken from beside its sentence, in the units it is printed in.
    await open(page, '/shelf/new');
    await page.getByText('Paste the label’s text').click();
    await page
      .getByLabel('The text of the label')
      .fill(
        'CAUTION\nApply 0.5 to 1.5 fl oz of product per 1,000 sq ft in 2 gallons of water. Do not apply when wind speed is above 10 mph. Do not use more than six times per year.',
      );
    await expect(page.getByText('5 figures were recognised', { exact: false })).toBeVisible();
    for (const figure of ['The rate', 'The finished mix', 'Wind at most', 'Most in 12 months, times'])
      await page.getByRole('button', { name: `Take ${figure}` }).click();
    await expect(page.locator('[name="uses.0.maxWindKmh"]')).toHaveValue('10 mph');
    await expect(page.locator('[name="uses.0.maxPerYear"]')).toHaveValue('6');
    await expect(page.locator('[name="uses.0.rateUnit"]')).toHaveValue('floz');
    // What stood in a field before is not told once another number was typed into it.
    await expect(page.getByText('It was', { exact: false })).toHaveCount(0);
    await expect(
      plain.getByText('0.5 to 1.5 fl oz in 2 gal (US) of finished mix for 1,000 ft², 6 times a year', {
        exact: false,
      }),
    ).toBeVisible();
    await expect(page.locator('[name="clauses.rate.text"]')).toHaveValue(/^Apply 0\.5 to 1\.5 fl oz/);
  },
);
