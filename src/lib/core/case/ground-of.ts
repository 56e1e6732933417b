import { pace } from '../calibrate';
import { isRefused, type Refusal } from '../result';
import { groundOfPlan, measureRectangle, type Ground, type PlanMeasured } from '../ground';
import { quantity } from '../units';
import type { MeasureBody } from './facts';

/** Something of it can be treated. */
const hasTarget = ({ areaM2, places, edgeM, volumeM3 }: PlanMeasured): boolean =>
  areaM2 > 0 || places > 0 || edgeM > 0 || volumeM3 > 0;

/** The lawn of a stop Measure: by tape, or by paces of the length that the calibration walk gave. */
export function groundOf(body: MeasureBody | undefined): {
  lawn: Ground | null;
  refused: readonly Refusal[];
} {
  if (!body) return { lawn: null, refused: [] };
  const { unit } = body;
  const area = unit === 'm' ? 'm2' : 'ft2';
  if (body.how === 'plan')
    return { lawn: body.plan && hasTarget(body.plan) ? groundOfPlan(body.plan, area) : null, refused: [] };
  const strip = body.strip > 0 ? quantity(body.strip, unit) : null;
  if (body.how === 'tape') {
    const sides = {
      how: 'tape',
      length: quantity(body.length, unit),
      width: quantity(body.width, unit),
    } as const;
    const lawn = measureRectangle({ sides, strip, unit: area });
    return isRefused(lawn) ? { lawn: null, refused: lawn.refused } : { lawn: lawn.ok, refused: [] };
  }
  const step = pace({ distance: quantity(body.walked, unit), paces: body.walkedPaces });
  if (isRefused(step)) return { lawn: null, refused: step.refused };
  const sides = {
    how: 'paces',
    paces: body.paces,
    pace: step.ok.pace,
    paceErrorPct: body.paceErrorPct,
  } as const;
  const lawn = measureRectangle({ sides, strip, unit: area });
  return isRefused(lawn) ? { lawn: null, refused: lawn.refused } : { lawn: lawn.ok, refused: [] };
}
