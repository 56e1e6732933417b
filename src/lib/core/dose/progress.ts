import { answer, refusal, type Result } from '../result';
import {
  aboveZero,
  alike,
  firstRefusals,
  isAbove,
  notNegative,
  quantity,
  valueIn,
  type Quantity,
} from '../units';

export interface ProgressInput {
  readonly covered: Quantity;
  readonly target: Quantity;
  readonly left: Quantity;
  readonly started: Quantity;
}

export interface ProgressAnswer {
  readonly coveredPct: number;
  readonly usedPct: number;
  readonly ratio: number;
  readonly expectedLeft: Quantity;
  readonly willCover: Quantity | null;
  /** `faster`: too much is going down; `slower`: too little. */
  readonly advice: 'keep' | 'faster' | 'slower';
}

const KEEP_FROM = 0.95;
const KEEP_TO = 1.05;

/**
 * The live check of what is left in the tank or hopper against the area done. `ratio` is the used share over the
 * covered share. Refuses a covered share of 0 or over 1, and more left than there was, as `progress-out-of-range`.
 *
 * @example progress({ covered: 1500 ft2, target: 3000 ft2, left: 1.6 gal, started: 4 gal }) // ratio 1.2, faster
 */
export function progress(
  input: ProgressInput,
): Result<ProgressAnswer, 'invalid-input' | 'units-do-not-match' | 'progress-out-of-range'> {
  const { covered, target, left, started } = input;
  const refused = firstRefusals<'invalid-input' | 'units-do-not-match' | 'progress-out-of-range'>(
    () => [
      ...aboveZero('target.value', target.value),
      ...notNegative('left.value', left.value),
      ...aboveZero('started.value', started.value),
    ],
    () => [...alike('target.unit', target, covered), ...alike('left.unit', left, started)],
    () => outOfRange(input),
  );
  if (refused.length > 0) return { refused };
  const coveredShare = valueIn(covered, target.unit) / target.value;
  const usedShare = 1 - valueIn(left, started.unit) / started.value;
  const ratio = usedShare / coveredShare;
  return answer({
    coveredPct: coveredShare * 100,
    usedPct: usedShare * 100,
    ratio,
    expectedLeft: quantity(started.value * (1 - coveredShare), started.unit),
    willCover: isAbove(usedShare, 0) ? quantity(covered.value / usedShare, covered.unit) : null,
    advice: isAbove(ratio, KEEP_TO) ? 'faster' : isAbove(KEEP_FROM, ratio) ? 'slower' : 'keep',
  });
}

/** What should be left when each quarter of the target is done: the marks to look at while working. */
export const quartersOf = (
  target: Quantity,
  started: Quantity,
): readonly { readonly covered: Quantity; readonly left: Quantity }[] =>
  [1, 2, 3, 4].map((quarter) => ({
    covered: quantity((target.value * quarter) / 4, target.unit),
    left: quantity((started.value * (4 - quarter)) / 4, started.unit),
  }));

function outOfRange({ covered, target, left, started }: ProgressInput) {
  const share = valueIn(covered, target.unit) / target.value;
  return [
    ...(share > 0 && !isAbove(share, 1)
      ? []
      : [refusal('progress-out-of-range', 'covered.value', { share })]),
    ...(isAbove(valueIn(left, started.unit), started.value)
      ? [refusal('progress-out-of-range', 'left.value', { left: left.value, started: started.value })]
      : []),
  ];
}
