import type { Asks, Plan, PlanSummary, Zone } from '../core/plan';
import type { PlanSent } from './plan.worker';

/**
 * Figures of a plan from a web worker, which is sent only the zones that changed. While one is being worked out only the
 * last that was asked for waits: a corner that is dragged never queues. `stop` ends the worker.
 */
export function planFigures(hear: (summary: PlanSummary) => void): {
  ask: (plan: Plan, asks: Asks) => void;
  stop: () => void;
} {
  const worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
  const sent = new Map<string, Zone>();
  let turn = 0;
  let busy = false;
  let waiting: { plan: Plan; asks: Asks } | null = null;
  const send = ({ plan: { zones, ...plan }, asks }: { plan: Plan; asks: Asks }): void => {
    busy = true;
    turn += 1;
    const changed = zones.filter((zone) => sent.get(zone.id) !== zone);
    sent.clear();
    for (const zone of zones) sent.set(zone.id, zone);
    const message: PlanSent = { turn, plan, order: zones.map((zone) => zone.id), changed, asks };
    worker.postMessage(message);
  };
  worker.onmessage = ({ data }: MessageEvent<{ turn: number; summary: PlanSummary }>) => {
    busy = false;
    const next = waiting;
    waiting = null;
    if (next) send(next);
    hear(data.summary);
  };
  return {
    ask: (plan, asks) => {
      if (busy) waiting = { plan, asks };
      else send({ plan, asks });
    },
    stop: () => worker.terminate(),
  };
}
