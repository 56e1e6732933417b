import type { EvidenceGrade } from '../labels';
import type { Quantity } from '../units';

/** A recipe for one batch; amounts grow and shrink with the batch alone. */
export interface KitchenRecipe {
  /** What one batch gives. */
  readonly makes: Quantity;
  /** What the batches are counted in: traps, or litres of a spray. */
  readonly of: string;
  readonly parts: readonly { readonly what: string; readonly amount: Quantity }[];
  /** How long it keeps, in hours. */
  readonly freshHours: number;
  readonly storage: string;
}

/** What people have at hand against insects: with its grade, why, and what it harms. Never logged as a treatment. */
export interface KitchenRemedy {
  readonly id: string;
  readonly name: string;
  /** Other words under which people look for it. */
  readonly words: readonly string[];
  readonly pests: readonly string[];
  readonly grade: EvidenceGrade;
  readonly why: string;
  readonly harms: string;
  /** What to do instead, or besides. */
  readonly instead: string;
  readonly recipe: KitchenRecipe | null;
  /** After so many days it is plain whether it helps; null where it is not to be tried. */
  readonly tryDays: number | null;
}

/**
 * The parts of a recipe for so much of what it makes, in the unit that it makes; null where less than nothing, or no
 * number, is wanted.
 *
 * @example scaleRecipe({ makes: 1 l, parts: [soap 5 ml], … }, 0.5) // soap 2.5 ml
 */
export function scaleRecipe(recipe: KitchenRecipe, wanted: number): KitchenRecipe['parts'] | null {
  if (!Number.isFinite(wanted) || wanted <= 0) return null;
  const times = wanted / recipe.makes.value;
  return recipe.parts.map(({ what, amount }) => ({
    what,
    amount: { value: amount.value * times, unit: amount.unit },
  }));
}

/** Words that bind others and find nothing by themselves. */
const BINDING: ReadonlySet<string> = new Set([
  'and',
  'or',
  'with',
  'on',
  'in',
  'the',
  'a',
  'of',
  'for',
  'against',
  'to',
]);

/**
 * Whether what somebody typed is about a remedy: every word of it begins some word of its name, of what people call it, or of
 * the pests. "vinegar and bleach" finds what warns of mixing them.
 */
export function isAbout(asked: string, texts: readonly string[]): boolean {
  const wordsOf = (text: string): string[] =>
    text
      .toLowerCase()
      .split(/[^\p{L}\p{N}]+/u)
      .filter(Boolean);
  const known = texts.flatMap(wordsOf);
  const wanted = wordsOf(asked).filter((word) => !BINDING.has(word));
  return wanted.length > 0 && wanted.every((word) => known.some((other) => other.startsWith(word)));
}
