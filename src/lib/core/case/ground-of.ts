import { pace } from '../equipment';
import { isRefused, type Refusal, type Result } from '../result';
import {
  groundKnown,
  groundOfEdge,
  groundOfGrid,
  groundOfParts,
  groundOfPlaces,
  groundOfPlan,
  groundOfVolume,
  measureRectangle,
  type Ground,
  type PlanMeasured,
} from '../ground';
import { quantity, valueIn, type Quantity } from '../units';
import type { Rings } from '../geometry';
import type { CaseFacts, MeasureBody } from './facts';

/** How far a band goes up and out, in metres, as it was measured by hand or on the plan; 0 where nobody said. */
export function bandMeasured(body: MeasureBody | undefined): { readonly upM: number; readonly outM: number } {
  if (body?.plan) return { upM: body.plan.upM ?? 0, outM: body.plan.outM ?? 0 };
  const metres = (length: number | undefined): number =>
    valueIn(quantity(length ?? 0, body?.unit ?? 'm'), 'm');
  return { upM: metres(body?.edge?.up), outM: metres(body?.edge?.out) };
}

/** Something of it can be treated. */
const hasTarget = ({ areaM2, places, edgeM, volumeM3 }: PlanMeasured): boolean =>
  areaM2 > 0 || places > 0 || edgeM > 0 || volumeM3 > 0;

interface Measured {
  readonly lawn: Ground | null;
  readonly refused: readonly Refusal[];
}

/** What is treated, as the stop Measure has it, whichever way it was measured. */
export function groundOf(body: MeasureBody | undefined, drawn: CaseFacts['ground'] = null): Measured {
  if (!body) return { lawn: null, refused: [] };
  const measured = measuredBy(body, drawn);
  const { lawn } = measured;
  // A plan knows where water lies; otherwise a strip, or whoever measured.
  const offM = body.how === 'plan' || !body.waterOff ? 0 : valueIn(quantity(body.waterOff, body.unit), 'm');
  return lawn && offM > (lawn.waterGapM ?? 0)
    ? { ...measured, lawn: { ...lawn, waterGapM: offM } }
    : measured;
}

function measuredBy(body: MeasureBody, drawn: CaseFacts['ground']): Measured {
  const { unit } = body;
  const area = unit === 'm' ? 'm2' : 'ft2';
  if (body.how === 'plan')
    return body.plan && hasTarget(body.plan)
      ? { lawn: { ...groundOfPlan(body.plan, area), rings: drawnRings(body.plan, drawn) }, refused: [] }
      : nothing;
  const told = (result: Result<Ground>) =>
    isRefused(result) ? { lawn: null, refused: result.refused } : { lawn: result.ok, refused: [] };
  const size = (value: number): Quantity => quantity(value, unit);
  switch (body.how) {
    case 'known':
      return body.known ? told(groundKnown(body.known.area, body.known.errorPct)) : nothing;
    case 'places':
      return told(
        groundOfPlaces(
          (body.places ?? []).map(({ count }) => count),
          area,
        ),
      );
    case 'edges': {
      if (!body.edge) return nothing;
      const { run, hard, up, out, wallAboveHard, more = [] } = body.edge;
      return told(
        groundOfEdge(
          {
            ...{ run: size(run), hard: size(hard), up: size(up), out: size(out), wallAboveHard },
            more: more.map((one) => ({ run: size(one.run), wide: size(one.wide) })),
          },
          area,
        ),
      );
    }
    case 'volume':
      return body.volume ? told(groundOfVolume(body.volume, area)) : nothing;
    case 'grid':
      return body.grid
        ? told(
            groundOfGrid(
              {
                ...{ length: size(body.length), width: size(body.width) },
                ...{ spacing: size(body.grid.spacing), pattern: body.grid.pattern },
              },
              area,
            ),
          )
        : nothing;
  }
  const strip = body.strip > 0 ? size(body.strip) : null;
  if (body.how === 'tape') {
    const [length, width] = [size(body.length), size(body.width)];
    const parts = body.parts ?? [];
    if (parts.length > 0)
      return told(
        groundOfParts(
          [
            { kind: 'rectangle', a: length, b: width, off: false },
            ...(strip ? [{ kind: 'rectangle', a: length, b: strip, off: true } as const] : []),
            ...parts.map(({ kind, a, b, off }) => ({ kind, a: size(a), b: size(b), off })),
          ],
          area,
        ),
      );
    return told(measureRectangle({ sides: { how: 'tape', length, width }, strip, unit: area }));
  }
  const step = pace({ distance: size(body.walked), paces: body.walkedPaces });
  if (isRefused(step)) return { lawn: null, refused: step.refused };
  const sides = {
    how: 'paces',
    paces: body.paces,
    pace: step.ok.pace,
    paceErrorPct: body.paceErrorPct,
  } as const;
  return told(measureRectangle({ sides, strip, unit: area }));
}

const nothing = { lawn: null, refused: [] };

/** The shape that was saved belongs to the zones that are chosen now, as long as both come to the same. */
const drawnRings = (plan: PlanMeasured, drawn: CaseFacts['ground']): Rings =>
  drawn !== null && Math.abs(drawn.now.areaM2 - plan.areaM2) <= SAME_M2 ? drawn.rings : [];
const SAME_M2 = 0.01;
