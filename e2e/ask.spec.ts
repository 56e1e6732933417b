import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import type { Candidate, Sign } from '../src/lib/core/identify';
import { open } from './expected';

const written = <T>(file: string): readonly T[] =>
  JSON.parse(readFileSync(`src/lib/catalog/${file}.json`, 'utf8')) as readonly T[];
const SIGNS = written<Sign>('signs');
const found = <T>(one: T | undefined, what: string): T => {
  if (one === undefined) throw new Error(`not in the catalogue: ${what}`);
  return one;
};
const german = found(
  written<Candidate>('candidates/house').find(({ id }) => id === 'german-cockroach'),
  'german-cockroach',
);

/** What somebody says who has a German cockroach before him. */
function saysOf(heading: string): string {
  const sign = found(
    SIGNS.find(({ name }) => name === heading),
    heading,
  );
  const given = german.signs[sign.id];
  if (sign.values === null)
    return (typeof given === 'number' ? given : sign.usual) >= 0.5
      ? 'Yes, it is so'
      : 'No, looked for and not so';
  if (typeof given !== 'object') return 'None of these';
  const [likeliest] = Object.entries(given).sort((one, other) => other[1] - one[1]);
  return sign.values.find(({ id }) => id === likeliest?.[0])?.name ?? 'None of these';
}

test('where it was is tapped on a picture, and a question at a time comes to a name', async ({ page }) => {
  const phone = (page.viewportSize()?.width ?? 0) < 700;
  await open(page, '/cases/new');
  const kitchen = page.getByRole('radio', { name: 'kitchen' });
  // By a thumb, or by keys alone.
  if (phone) await kitchen.tap();
  else {
    await kitchen.focus();
    await page.keyboard.press('Space');
  }
  await expect(kitchen).toBeChecked();
  await page.getByRole('radio', { name: 'at night' }).check();
  await page.getByRole('radio', { name: 'insects' }).check();
  await page.getByRole('button', { name: 'Open the case' }).click();
  await expect(page).toHaveURL(/\/look$/);
  const asking = page.getByRole('region', { name: 'One question at a time' });
  if (!phone) await page.getByRole('button', { name: 'One question at a time' }).click();
  const heading = asking.getByRole('heading');
  await expect(heading).toHaveText('What the flat, fast insect looks like');
  // Passed over, it is not asked again; taken back, it is.
  await asking.getByRole('button', { name: 'Skip' }).click();
  await expect(heading).not.toHaveText('What the flat, fast insect looks like');
  await asking.getByRole('button', { name: 'Back' }).click();
  await expect(heading).toHaveText('What the flat, fast insect looks like');
  let answers = 0;
  for (
    ;
    answers < 6 && (await asking.getByText('More questions would change nothing').count()) === 0;
    answers++
  ) {
    const before = await heading.innerText();
    const answer = asking.getByRole('button', { name: saysOf(before), exact: true });
    if (phone) await answer.tap();
    else await answer.press('Enter');
    await expect(heading).not.toHaveText(before);
  }
  expect(answers).toBeGreaterThan(1);
  await expect(heading).toHaveText(/^German cockroach, (over )?\d+ %$/);
  await expect(heading).toBeFocused();
  await page.getByRole('button', { name: 'Save, on to Name' }).click();
  await expect(page).toHaveURL(/\/name$/);
  await expect(page.getByText(/^German cockroach, (over )?\d+ %$/).first()).toBeVisible();
  await page.goBack();
  // The list has every answer that was given to a question.
  if (phone) await page.getByRole('button', { name: 'Everything as a list' }).click();
  await expect(page.locator('fieldset.sign input:checked:not([value=""])')).toHaveCount(answers);
});
