import type { Asks, Plan, PlanSummary, Zone, ZoneSummary } from '../core/plan';
import type { PlanFound, PlanSent } from './plan.worker';

/**
 * Figures of a plan from a web worker, which is sent only the zones that changed and sends back only the figures that
 * did. While one is being worked out only the last that was asked for waits: a corner that is dragged never queues.
 * `stop` ends the worker.
 */
export function planFigures(hear: (summary: PlanSummary) => void): {
  ask: (plan: Plan, asks: Asks) => void;
  stop: () => void;
} {
  const worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
  const sent = new Map<string, Zone>();
  const known = new Map<string, ZoneSummary>();
  let busy = false;
  let waiting: { plan: Plan; asks: Asks } | null = null;
  const send = ({ plan: { zones, ...plan }, asks }: { plan: Plan; asks: Asks }): void => {
    busy = true;
    const changed = zones.filter((zone) => sent.get(zone.id) !== zone);
    const before = [...sent.keys()];
    const moved = zones.length !== before.length || zones.some((zone, i) => zone.id !== before[i]);
    if (moved) sent.clear();
    for (const zone of moved ? zones : changed) sent.set(zone.id, zone);
    const order = moved ? zones.map((zone) => zone.id) : null;
    const message: PlanSent = { plan, order, changed, asks };
    worker.postMessage(message);
  };
  worker.onmessage = ({ data: { summary } }: MessageEvent<PlanFound>) => {
    busy = false;
    for (const zone of summary.zones) known.set(zone.id, zone);
    const zones = [...sent.keys()].flatMap((id) => known.get(id) ?? []);
    const next = waiting;
    waiting = null;
    if (next) send(next);
    hear({ ...summary, zones });
  };
  return {
    ask: (plan, asks) => {
      if (busy) waiting = { plan, asks };
      else send({ plan, asks });
    },
    stop: () => worker.terminate(),
  };
}
