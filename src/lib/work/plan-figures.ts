import type { Asks, Plan, PlanSummary } from '../core/plan';

/**
 * Figures of a plan from a web worker. While one is being worked out only the last that was asked for waits: a corner
 * that is dragged never queues. `stop` ends the worker.
 */
export function planFigures(hear: (summary: PlanSummary) => void): {
  ask: (plan: Plan, asks: Asks) => void;
  stop: () => void;
} {
  const worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
  let turn = 0;
  let busy = false;
  let waiting: { plan: Plan; asks: Asks } | null = null;
  const send = (next: { plan: Plan; asks: Asks }): void => {
    busy = true;
    turn += 1;
    worker.postMessage({ turn, ...next });
  };
  worker.onmessage = ({ data }: MessageEvent<{ turn: number; summary: PlanSummary }>) => {
    busy = false;
    if (data.turn === turn) hear(data.summary);
    if (waiting) {
      const next = waiting;
      waiting = null;
      send(next);
    }
  };
  return {
    ask: (plan, asks) => {
      if (busy) waiting = { plan, asks };
      else send({ plan, asks });
    },
    stop: () => worker.terminate(),
  };
}
