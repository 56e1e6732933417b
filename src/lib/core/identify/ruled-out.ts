import {
  CANNOT_TELL,
  NONE_OF_THESE,
  northernMonth,
  type Candidate,
  type Finding,
  type RuleOut,
  type Sign,
} from './candidate';
import { numberOr, type Circumstances } from './likelihood';

/** Signs found that none of these causes would be likely to show: what a second cause would have to explain. */
export function unexplained(
  causes: readonly Candidate[],
  signs: readonly Sign[],
  found: Readonly<Record<string, Finding>>,
): string[] {
  const explains = (cause: Candidate, sign: Sign, finding: Finding): boolean =>
    shows(cause, sign, finding) >= EXPLAINS_FROM;
  return Object.entries(found).flatMap(([id, finding]) => {
    const sign = signs.find((s) => s.id === id);
    return !sign ||
      finding === false ||
      SPEAKS_FOR_NOTHING.has(finding) ||
      causes.some((cause) => explains(cause, sign, finding))
      ? []
      : [id];
  });
}
const EXPLAINS_FROM = 0.2;

/**
 * Whether a candidate that must be ruled out has been: its mark is always there in this month, was looked at, and found
 * otherwise. What is not seen of a mark that may be missing rules nothing out, and "cannot tell" never does.
 */
export function isRuledOut(
  candidate: Candidate,
  found: Readonly<Record<string, Finding>>,
  { month, hemisphere }: Pick<Circumstances, 'month' | 'hemisphere'>,
): boolean {
  const { ruleOut } = candidate;
  if (ruleOut === null) return false;
  const finding = found[ruleOut.sign];
  if (finding === undefined || finding === CANNOT_TELL || isMark(ruleOut, finding)) return false;
  return typeof ruleOut.always === 'boolean'
    ? ruleOut.always
    : ruleOut.always.includes(northernMonth(month, hemisphere));
}

/** The finding is the mark itself. */
export const isMark = ({ is }: RuleOut, finding: Finding): boolean =>
  typeof is === 'object' ? is.includes(String(finding)) : is === finding;

/** How often the cause shows it, as the data says it: how it may be misread speaks for nothing here. */
function shows(candidate: Candidate, sign: Sign, finding: Finding): number {
  const given = candidate.signs[sign.id];
  return typeof finding === 'string' && typeof given === 'object'
    ? (given[finding] ?? 0)
    : numberOr(given, sign.usual);
}

/** From here on a sign is always there for a cause, and hardly ever for another. */
const ALWAYS_THERE = 0.85;
const HARDLY_EVER = 0.2;
const SPEAKS_FOR_NOTHING: ReadonlySet<Finding> = new Set([CANNOT_TELL, NONE_OF_THESE]);

/** A sign was found that the one always shows and the other hardly ever: the one is confirmed by its own mark. */
export function hasOwnMark(
  one: Candidate,
  other: Candidate,
  signs: readonly Sign[],
  found: Readonly<Record<string, Finding>>,
): boolean {
  return signs.some((sign) => {
    const finding = found[sign.id];
    // What it is not is nobody’s own mark.
    if (finding === undefined || finding === false || SPEAKS_FOR_NOTHING.has(finding)) return false;
    return shows(one, sign, finding) >= ALWAYS_THERE && shows(other, sign, finding) <= HARDLY_EVER;
  });
}
