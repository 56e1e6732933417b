import { summaryOf, type Asks, type Plan, type Zone } from '../core/plan';

/** What is sent of a plan: all but its zones, their order, and those that changed since the last time. */
export interface PlanSent {
  readonly turn: number;
  readonly plan: Omit<Plan, 'zones'>;
  readonly order: readonly string[];
  readonly changed: readonly Zone[];
  readonly asks: Asks;
}

/** The zones as they were sent: one that did not change is the same object again, and is not worked out again. */
const zones = new Map<string, Zone>();

/** Works out the figures of a plan off the page's own thread. */
self.onmessage = ({ data }: MessageEvent<PlanSent>) => {
  for (const zone of data.changed) zones.set(zone.id, zone);
  const present = data.order.flatMap((id) => zones.get(id) ?? []);
  for (const id of zones.keys()) if (!data.order.includes(id)) zones.delete(id);
  self.postMessage({ turn: data.turn, summary: summaryOf({ ...data.plan, zones: present }, data.asks) });
};
