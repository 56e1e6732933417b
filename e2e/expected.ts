import type { Page } from '@playwright/test';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { dose, type DoseAnswer, type DoseInput } from '../src/lib/core/dose';
import {
  densityOf,
  rankCase,
  type Candidate,
  type Counted,
  type Finding,
  type Sign,
} from '../src/lib/core/identify';
import { inHand, type CardInUse, type LabelCard } from '../src/lib/core/labels';
import { expectAnswer } from '../src/lib/core/result';
import { PLAIN } from '../src/lib/words/show';

/** What the core says, for comparison with the screens. */
const CATALOG = join(process.cwd(), 'src', 'lib', 'catalog');
const read = <T>(...path: string[]): T => JSON.parse(readFileSync(join(CATALOG, ...path), 'utf8')) as T;

const candidates = readdirSync(join(CATALOG, 'candidates')).flatMap((file) =>
  read<Candidate[]>('candidates', file),
);
const signs = read<Sign[]>('signs.json');

/** A demonstration label with its use on turf. */
export const labelNamed = (id: string): CardInUse => {
  const card = inHand(read<LabelCard>('labels', `${id}.json`), {
    ...{ pest: null, stage: null, surrounding: 'lawn' as const },
  });
  if (!card) throw new Error(`${id} states no rate`);
  return card;
};

export function certaintyOf(
  pest: string,
  seen: Record<string, Finding>,
  history: Record<string, number> = {},
  counted: Counted | null = null,
): number {
  const ranking = rankCase(candidates, signs, seen, {
    ...{ month: 9, hemisphere: 'north', surrounding: 'lawn', history, lengthMm: null, region: 'europe' },
    counted,
  });
  return ranking.ranked.find((entry) => entry.id === pest)?.p ?? 0;
}

export function densityText(counts: readonly number[], frameM2: number): string {
  const { mean: perM2 } = expectAnswer(densityOf(counts, { value: frameM2, unit: 'm2' }));
  return PLAIN.densityText(perM2);
}

export const doseOf = (input: DoseInput): DoseAnswer => expectAnswer(dose(input));

/** Opens a page and waits until its scripts have it. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await page.locator('html[data-ready]').waitFor({ state: 'attached' });
}
