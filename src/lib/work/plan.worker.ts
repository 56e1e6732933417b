import { summaryOf, type Asks, type Plan, type PlanSummary, type Zone, type ZoneSummary } from '../core/plan';

/** What is sent of a plan: all but its zones, their order where it changed, and those that changed since the last time. */
export interface PlanSent {
  readonly plan: Omit<Plan, 'zones'>;
  readonly order: readonly string[] | null;
  readonly changed: readonly Zone[];
  readonly asks: Asks;
}

/** What comes back: the figures of the zones whose figures changed, and the rest of the summary. */
export interface PlanFound {
  readonly summary: PlanSummary;
}

/** The zones as they were sent: one that did not change is the same object again, and is not worked out again. */
const zones = new Map<string, Zone>();

let told: ReadonlyMap<string, ZoneSummary> = new Map();
let order: readonly string[] = [];

/** Works out the figures of a plan off the page's own thread. */
self.onmessage = ({ data }: MessageEvent<PlanSent>) => {
  for (const zone of data.changed) zones.set(zone.id, zone);
  if (data.order) {
    order = data.order;
    const kept = new Set(order);
    for (const id of zones.keys()) if (!kept.has(id)) zones.delete(id);
  }
  const present = order.flatMap((id) => zones.get(id) ?? []);
  const summary = summaryOf({ ...data.plan, zones: present }, data.asks);
  const found: PlanFound = {
    summary: { ...summary, zones: summary.zones.filter((zone) => told.get(zone.id) !== zone) },
  };
  told = new Map(summary.zones.map((zone) => [zone.id, zone]));
  self.postMessage(found);
};
