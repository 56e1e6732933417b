import {
  againstThreshold,
  byPresence,
  densityOf,
  spotsToDecide,
  type Density,
  type ThresholdVerdict,
} from '../identify';
import type { UseInHand } from '../labels';
import { nextDate } from '../schedule';
import { addDays, type CalendarDay, type Quantity } from '../units';
import { reductionBand, efficacy, type EfficacyBand } from './efficacy';

export type Verdict =
  | 'wait'
  | 'done'
  | 'nought-once'
  | 'repeat'
  | 'not-yet-allowed'
  | 'change-approach'
  | 'count-more'
  | 'over-threshold';

/** Whether a count asks for what is done only if it says so; null where it does not decide. */
export function asksForMore(verdict: Verdict): boolean | null {
  if (verdict === 'done') return false;
  return verdict === 'wait' || verdict === 'count-more' || verdict === 'nought-once' ? null : true;
}

export interface RecheckInput {
  readonly doneOn: CalendarDay;
  readonly today: CalendarDay;
  readonly use: UseInHand;
  readonly frame: Quantity;
  readonly before: readonly number[];
  readonly after: readonly number[];
  /** Untreated strip: insects counted in it before and after, over the same frames. */
  readonly control: { readonly before: number; readonly after: number } | null;
  readonly threshold: number | null;
  /** Any of it counts, and done is two readings of nought: whether the reading before was nought. Absent where a number decides. */
  readonly presence?: { readonly noughtBefore: boolean } | undefined;
  /** Earlier applications of the label here, this one included. */
  readonly applications: readonly { readonly date: CalendarDay; readonly amount: number }[];
  /** What would go down again, and the year's most on this ground, in the unit of the applications. */
  readonly amount?: number | undefined;
  readonly capAmount?: number | undefined;
}

export interface Recheck {
  readonly density: Density;
  /** By the threshold alone where nothing was counted before: then no share of it is told. */
  readonly method: 'reduction' | 'henderson-tilton' | 'threshold';
  readonly pct: number | null;
  readonly band: EfficacyBand | null;
  readonly verdict: Verdict;
  /** Where a repeat is due: the first day that the label allows; null where it allows none this season. */
  readonly repeatOn: CalendarDay | null;
  /** Of a count that does not tell yet: so many more like it would; null for more than anybody counts. */
  readonly moreSpots: number | null;
}

/** A reduction under this share does not come from a remedy that works. */
const WORKED_FROM_PCT = 60;

/** Where a label does not say in how many days it works, it is looked at again after so many. */
export const USUAL_DAYS = 14;

/** The day from which the remedy can be judged: the long end of its time to effect, two weeks where it states none. */
export function recheckDue(doneOn: CalendarDay, use: UseInHand): CalendarDay {
  return addDays(doneOn, use.daysToEffect?.[1] ?? USUAL_DAYS);
}

/**
 * Efficacy at the same spots (Henderson & Tilton where an untreated strip was counted) and what follows from it: wait
 * while the remedy is still working, done under the threshold, a repeat no sooner than the label allows, or another
 * approach. Where nothing was counted before, as where something was prevented, or the count was 0, the threshold alone decides;
 * null without one, and without a count after.
 */
export function judgeRecheck(input: RecheckInput): Recheck | null {
  const { before, after, control, frame, use, doneOn, today } = input;
  const density = densityOf(after, frame);
  const [sumBefore, sumAfter] = [before, after].map((counts) => counts.reduce((a, b) => a + b, 0)) as [
    number,
    number,
  ];
  const scale = after.length > 0 ? before.length / after.length : 1;
  const band = reductionBand(sumBefore, sumAfter * scale);
  if ('refused' in density) return null;
  if ('refused' in band)
    return before.length === 0 || sumBefore === 0 ? byThreshold(input, density.ok) : null;
  const corrected = control
    ? efficacy({
        method: 'henderson-tilton',
        before: sumBefore,
        after: sumAfter * scale,
        controlBefore: control.before,
        controlAfter: control.after,
      })
    : null;
  const useControl = corrected !== null && 'ok' in corrected;
  const pct = useControl ? corrected.ok.pct : band.ok.pct;
  const repeatOn = nextDate(input).day;
  const verdict = verdictOf(input, density.ok, pct, repeatOn);
  return {
    density: density.ok,
    method: useControl ? 'henderson-tilton' : 'reduction',
    pct,
    band: band.ok,
    verdict: verdict === 'repeat' && today < addDays(doneOn, use.daysToEffect?.[0] ?? 0) ? 'wait' : verdict,
    repeatOn,
    moreSpots: moreSpotsOf(input),
  };
}

const moreSpotsOf = ({ after, frame, threshold }: RecheckInput): number | null =>
  threshold === null ? null : spotsToDecide(after, frame, threshold);

function byThreshold(input: RecheckInput, density: Density): Recheck | null {
  const { threshold, today, doneOn, use } = input;
  if (threshold === null) return null;
  const level = levelOf(input, density, threshold);
  const early = level === 'above' && today < recheckDue(doneOn, use);
  const verdict =
    level === 'below' ? ended(input) : level === 'cannot-tell' ? 'count-more' : 'over-threshold';
  return {
    ...{ density, method: 'threshold', pct: null, band: null },
    ...{ verdict: early ? 'wait' : verdict, repeatOn: nextDate(input).day },
    moreSpots: moreSpotsOf(input),
  };
}

function verdictOf(
  input: RecheckInput,
  density: Density,
  pct: number,
  repeatOn: CalendarDay | null,
): Verdict {
  const { threshold, doneOn, today, use } = input;
  const level = threshold === null ? null : levelOf(input, density, threshold);
  if (level === 'below') return ended(input);
  if (today < recheckDue(doneOn, use)) return 'wait';
  if (level === 'cannot-tell' && density.mean < (threshold ?? 0)) return 'count-more';
  if (pct < WORKED_FROM_PCT) return 'change-approach';
  if (repeatOn === null) return 'change-approach';
  return repeatOn > today ? 'not-yet-allowed' : 'repeat';
}

const levelOf = ({ presence }: RecheckInput, density: Density, threshold: number): ThresholdVerdict =>
  presence ? byPresence(density) : againstThreshold(density, threshold);

/** Under the threshold it is done; where presence decides, not before the second reading of nought. */
const ended = ({ presence }: RecheckInput): Verdict =>
  presence === undefined || presence.noughtBefore ? 'done' : 'nought-once';
