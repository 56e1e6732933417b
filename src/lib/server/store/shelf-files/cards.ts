import { findNodeAtLocation, parseTree, printParseErrorCode, type Node, type ParseError } from 'jsonc-parser';
import { z } from 'zod';
import { CARDS_FORMAT, labelSchema, MOST_CARDS, upgraded } from '../../../catalog';
import type { LabelCard } from '../../../core/labels';
import { depthOf } from '../../session/depth';

const MOST_TOLD = 20;

/** The text of a file of cards: one alone as itself, several as a shelf. */
export const cardsText = (cards: readonly LabelCard[]): string =>
  `${JSON.stringify(cards.length === 1 ? cards[0] : { format: CARDS_FORMAT, version: 1, cards }, null, 2)}\n`;

/**
 * Reads a file of label cards. What is wrong is told by line, path and what was expected; then nothing is taken.
 */
export function readCards(text: string): { ok: LabelCard[] } | { trouble: string[] } {
  if (depthOf(text, DEEPEST) > DEEPEST)
    return { trouble: ['The file is nested far deeper than a label card is. Nothing was read.'] };
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return { trouble: [noJson(text)] };
  }
  const lines = linesIn(text);
  const several = typeof raw === 'object' && raw !== null && 'cards' in raw;
  const head = several ? shelfHead.safeParse(raw) : null;
  if (head && !head.success) return { trouble: told(lines(), [], head.error.issues) };
  const cards = head?.data ? head.data.cards : [raw];
  const found: LabelCard[] = [];
  const trouble: string[] = [];
  const seen = new Set<string>();
  let more = 0;
  cards.forEach((card, i) => {
    const at = several ? ['cards', i] : [];
    const parsed = labelSchema.safeParse(upgraded(card));
    // Past what is told they are counted alone.
    if (!parsed.success)
      if (trouble.length < MOST_TOLD) trouble.push(...told(lines(), at, parsed.error.issues));
      else more += parsed.error.issues.length;
    else if (seen.has(parsed.data.id))
      trouble.push(
        `Line ${lineAt(lines(), [...at, 'id'])}, ${pathText([...at, 'id'])}: expected an id that is in the file once; “${parsed.data.id}” comes again.`,
      );
    else {
      seen.add(parsed.data.id);
      found.push(parsed.data);
    }
  });
  if (trouble.length === 0) return { ok: found };
  more += Math.max(0, trouble.length - MOST_TOLD);
  return { trouble: more > 0 ? [...trouble.slice(0, MOST_TOLD), `and ${more} more.`] : trouble };
}

const shelfHead = z.strictObject({
  format: z.literal(CARDS_FORMAT),
  version: z.literal(1),
  cards: z.array(z.unknown()).min(1).max(MOST_CARDS),
});

type Path = readonly (string | number)[];

function told(lines: Lines, at: Path, issues: readonly z.core.$ZodIssue[]): string[] {
  return issues.map((issue) => {
    const path = [...at, ...issue.path.map((p) => (typeof p === 'symbol' ? String(p) : p))];
    return `Line ${lineAt(lines, path)}, ${pathText(path)}: expected ${expectedText(issue)}.`;
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

const DEEPEST = 40;

/** Where the values of a text stand, and where its lines begin. */
interface Lines {
  readonly tree: Node | undefined;
  readonly starts: readonly number[];
}

/** Found out when it is first asked for: a text in which nothing is wrong is read once. */
function linesIn(text: string): () => Lines {
  let known: Lines | undefined;
  return () => (known ??= { tree: parseTree(text), starts: startsOf(text) });
}

function startsOf(text: string): number[] {
  const starts = [0];
  for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) starts.push(at + 1);
  return starts;
}

function noJson(text: string): string {
  const errors: ParseError[] = [];
  // The first fault is all that is told.
  parseTree(text.slice(0, MOST_SEARCHED), errors, { disallowComments: true, allowTrailingComma: false });
  const [error] = errors;
  const line = lineOf(startsOf(text), error?.offset ?? 0);
  return `Line ${line}: this is no JSON (${error ? printParseErrorCode(error.error) : 'empty'}). Choose a file of label cards.`;
}
const MOST_SEARCHED = 20_000_000;

/** The line of a value, or of the nearest thing around it that is there. */
function lineAt({ tree, starts }: Lines, path: Path): number {
  for (let n = path.length; n >= 0 && tree; n--) {
    const node = findNodeAtLocation(tree, path.slice(0, n));
    if (node) return lineOf(starts, node.offset);
  }
  return 1;
}

/** The line in which a place lies, by halving: 2,000 wrong cards once took 245 s by counting from the start each time. */
function lineOf(starts: readonly number[], offset: number): number {
  let low = 0;
  let high = starts.length;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((starts[middle] ?? 0) <= offset) low = middle;
    else high = middle;
  }
  return low + 1;
}
