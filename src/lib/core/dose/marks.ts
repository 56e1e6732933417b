import { ceilOf, floorOf, isAbove, roundHalfUp } from '../units';
import { measureOut } from './portion';

/** Loads to be found whose product falls on the marks of a tool: volumes in one unit, product in the rate's. */
export interface MarksJob {
  /** Finished mix and product of the whole job at the chosen rate. */
  readonly finished: number;
  readonly product: number;
  /** The label's least and most for the whole job. */
  readonly least: number;
  readonly most: number;
  readonly capacity: number;
  /** The tool's smallest mark, and what it holds when full; null where that is not known. */
  readonly step: number;
  readonly holds: number | null;
}

export interface MarkedLoads {
  /** Finished mix of each load. */
  readonly volumes: readonly number[];
  /** Times that the tool is filled for all of them. */
  readonly fills: number;
}

/** Loads more than the tank asks for that are still looked at. */
const MORE_LOADS = 2;
/** A tool with very fine marks has more sizes than are worth trying. */
const MOST_SIZES = 2000;

interface Found extends MarkedLoads {
  readonly kinds: number;
  readonly off: number;
}

/**
 * Loads that take as few measures as possible: every load's product is a whole number of the tool's marks and keeps to
 * the label as the dose rounds it. Looked through are all plans of equal loads but the last, which takes the rest, with
 * as many loads as the tank asks for and up to two more, of every size whose product at the chosen rate is on a mark, of
 * the full tank, and of equal parts. Of those the fewest fills of the tool win, then the fewest loads, then the fewest
 * different amounts, then the rate nearest to the chosen one. null where none keeps to the label.
 */
export function loadsOnMarks(job: MarksJob): MarkedLoads | null {
  const { finished, product, capacity, step } = job;
  const strength = product / finished;
  const fewest = Math.max(1, ceilOf(finished / capacity));
  const sizes = Math.min(MOST_SIZES, floorOf((capacity * strength) / step));
  let best: Found | null = null;
  for (let loads = fewest; loads <= fewest + MORE_LOADS; loads++) {
    const tried = [capacity, finished / loads];
    for (let marks = 1; marks <= sizes; marks++) tried.push((marks * step) / strength);
    for (const volume of tried) {
      const found = planOf(job, strength, loads, volume);
      if (found && (best === null || isBetter(found, best))) best = found;
    }
  }
  return best;
}

function planOf(job: MarksJob, strength: number, loads: number, volume: number): Found | null {
  const rest = job.finished - (loads - 1) * volume;
  if (isAbove(volume, job.capacity) || isAbove(rest, job.capacity) || !isAbove(rest, 0)) return null;
  const volumes = [...Array.from({ length: loads - 1 }, () => volume), rest];
  const marks = volumes.map((of) => marksFor(job, strength, of));
  if (marks.includes(null)) return null;
  const counts = marks as readonly number[];
  return {
    volumes,
    fills: counts.reduce((sum, count) => sum + fillsOf(count, job), 0),
    kinds: new Set(counts).size,
    off: Math.max(
      ...counts.map((count, i) => Math.abs((count * job.step) / ((volumes[i] ?? 0) * strength) - 1)),
    ),
  };
}

/** The marks that a load of this volume takes, as the dose rounds them; null where none keeps to the label. */
function marksFor({ step, least, most, product }: MarksJob, strength: number, volume: number): number | null {
  const exact = volume * strength;
  const share = exact / product;
  const { add, coarse } = measureOut(
    { exact, least: least * share, most: most * share, carried: 0 },
    step,
    true,
  );
  return coarse ? null : roundHalfUp(add / step);
}

const fillsOf = (marks: number, { step, holds }: MarksJob): number =>
  holds === null ? 1 : Math.max(1, ceilOf((marks * step) / holds));

function isBetter(a: Found, b: Found): boolean {
  if (a.fills !== b.fills) return a.fills < b.fills;
  if (a.volumes.length !== b.volumes.length) return a.volumes.length < b.volumes.length;
  if (a.kinds !== b.kinds) return a.kinds < b.kinds;
  return isAbove(b.off, a.off);
}
