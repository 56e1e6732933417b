import { findNodeAtLocation, parseTree, printParseErrorCode, type Node, type ParseError } from 'jsonc-parser';
import { z } from 'zod';
import { CARDS_FORMAT, labelSchema, MOST_CARDS, upgraded } from '../../../catalog';
import type { LabelCard } from '../../../core/labels';

const MOST_TOLD = 20;

/** The text of a file of cards: one alone as itself, several as a shelf. */
export const cardsText = (cards: readonly LabelCard[]): string =>
  `${JSON.stringify(cards.length === 1 ? cards[0] : { format: CARDS_FORMAT, version: 1, cards }, null, 2)}\n`;

/**
 * Reads a file of label cards. What is wrong is told by line, path and what was expected; then nothing is taken.
 */
export function readCards(text: string): { ok: LabelCard[] } | { trouble: string[] } {
  const errors: ParseError[] = [];
  const tree = parseTree(text, errors, { disallowComments: true, allowTrailingComma: false });
  const [error] = errors;
  if (error || !tree)
    return {
      trouble: [
        `Line ${lineOf(text, error?.offset ?? 0)}: this is no JSON (${error ? printParseErrorCode(error.error) : 'empty'}). Choose a file of label cards.`,
      ],
    };
  const raw: unknown = JSON.parse(text);
  const several = typeof raw === 'object' && raw !== null && 'cards' in raw;
  const head = several ? shelfHead.safeParse(raw) : null;
  if (head && !head.success) return { trouble: told(text, tree, [], head.error.issues) };
  const cards = head?.data ? head.data.cards : [raw];
  const found: LabelCard[] = [];
  const trouble: string[] = [];
  const seen = new Set<string>();
  cards.forEach((card, i) => {
    const at = several ? ['cards', i] : [];
    const parsed = labelSchema.safeParse(upgraded(card));
    if (!parsed.success) trouble.push(...told(text, tree, at, parsed.error.issues));
    else if (seen.has(parsed.data.id))
      trouble.push(
        `Line ${lineAt(text, tree, [...at, 'id'])}, ${pathText([...at, 'id'])}: expected an id that is in the file once; “${parsed.data.id}” comes again.`,
      );
    else {
      seen.add(parsed.data.id);
      found.push(parsed.data);
    }
  });
  if (trouble.length === 0) return { ok: found };
  const more = trouble.length - MOST_TOLD;
  return { trouble: more > 0 ? [...trouble.slice(0, MOST_TOLD), `and ${more} more.`] : trouble };
}

const shelfHead = z.strictObject({
  format: z.literal(CARDS_FORMAT),
  version: z.literal(1),
  cards: z.array(z.unknown()).min(1).max(MOST_CARDS),
});

type Path = readonly (string | number)[];

function told(text: string, tree: Node, at: Path, issues: readonly z.core.$ZodIssue[]): string[] {
  return issues.map((issue) => {
    const path = [...at, ...issue.path.map((p) => (typeof p === 'symbol' ? String(p) : p))];
    return `Line ${lineAt(text, tree, path)}, ${pathText(path)}: expected ${expectedText(issue)}.`;
  });
}

function expectedText(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      return `${issue.expected === 'nonoptional' ? 'a value' : `a ${issue.expected}`}, which is missing or something else`;
    case 'invalid_value':
      return `one of ${issue.values.slice(0, 12).map(String).join(', ')}${issue.values.length > 12 ? ', …' : ''}`;
    case 'unrecognized_keys':
      return `no other keys than the schema’s; ${issue.keys.slice(0, 5).join(', ')} is not one`;
    case 'too_small':
      return `at least ${issue.minimum}`;
    case 'too_big':
      return `at most ${issue.maximum}`;
    default:
      return issue.message.toLowerCase();
  }
}

const pathText = (path: Path): string =>
  path.length === 0
    ? 'the file itself'
    : path.map((p, i) => (typeof p === 'number' ? `[${p}]` : i === 0 ? p : `.${p}`)).join('');

/** The line of a value, or of the nearest thing around it that is there. */
function lineAt(text: string, tree: Node, path: Path): number {
  for (let n = path.length; n >= 0; n--) {
    const node = findNodeAtLocation(tree, path.slice(0, n));
    if (node) return lineOf(text, node.offset);
  }
  return 1;
}

const lineOf = (text: string, offset: number): number => text.slice(0, offset).split('\n').length;
