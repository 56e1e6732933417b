import type { CaseFacts, MeasureBody, OnPlan } from '../../core/case';
import {
  cellsOf,
  measureOnPlan,
  outlineOf,
  type BandLimits,
  type KeepOff,
  type Plan,
  type PutDown,
} from '../../core/plan';
import type { Rings } from '../../core/geometry';
import { zonesOfGround, type NamedGround } from '../../core/premises';
import { standing, type ApplicationRecord } from '../../core/record';

export const keepOffOf = ({ waterM, hardM, ediblesM }: OnPlan): KeepOff => ({ waterM, hardM, ediblesM });

export const bandOf = ({ upM = 0, outM = 0, wallAboveHard = false }: OnPlan): BandLimits | null =>
  upM > 0 || outM > 0 ? { upM, outM, wallAboveHard } : null;

/** The zones and whatever they were cut from or joined of. */
const lineageOf = (plan: Plan, ids: readonly string[]): string[] => [
  ...new Set(plan.zones.filter((zone) => ids.includes(zone.id)).flatMap((zone) => [zone.id, ...zone.from])),
];

/** What the plan comes to now for a case that is measured on it, and its ground cut up by what went down there before. */
export function groundOf(
  plan: Plan | null,
  measure: MeasureBody | undefined,
  records: readonly ApplicationRecord[],
  grounds: readonly NamedGround[] = [],
): CaseFacts['ground'] {
  if (!measure?.plan) return null;
  const { rings, ...now } = measureOnPlan(
    plan ?? EMPTY,
    measure.plan.zones,
    keepOffOf(measure.plan),
    bandOf(measure.plan),
  );
  const lineage = lineageOf(plan ?? EMPTY, measure.plan.zones);
  const all = standing(records);
  const placed = placedOf(plan, all, grounds);
  // What was logged before there was a plan, or on a ground that has a name alone, may lie anywhere.
  const anywhere = all.filter(({ id }) => !placed.some((one) => one.id === id)).map(({ id }) => id);
  const cells = cellsOf(rings, lineage, placed).map((cell) => [...cell.records, ...anywhere]);
  return { cells, now, rings: rounded(rings) };
}

/**
 * Where on the plan each record lies, of those of which it is known: by its outline, its zones, or the zones that its name is tied
 * to. What lies on a zone that the plan has no more, and in nothing that was cut from it, may lie anywhere: a zone that is drawn
 * anew frees no cap.
 */
export function placedOf(
  plan: Plan | null,
  records: readonly ApplicationRecord[],
  grounds: readonly NamedGround[],
): PutDown[] {
  const drawn = new Set((plan?.zones ?? []).flatMap((zone) => [zone.id, ...zone.from]));
  const known = (zones: readonly string[]): boolean => zones.length > 0 && zones.every((id) => drawn.has(id));
  return records.flatMap(({ id, ground, doneOn }) => {
    if (ground && (ground.footprint !== null || known(ground.zones))) return [{ id, ...ground }];
    const zones = zonesOfGround(grounds, ground?.name, doneOn);
    return zones && known(zones) ? [{ id, zones, footprint: null }] : [];
  });
}

/**
 * The named grounds of a property, each with the records that lie elsewhere by its plan. A ground whose zones are on the plan no
 * more, itself or in what was cut from them, is one of which nobody knows where it lies.
 */
export function groundsOnPlan(
  plan: Plan | null,
  grounds: readonly NamedGround[],
  records: readonly ApplicationRecord[],
): NamedGround[] {
  const placed = grounds.some(({ zones = [] }) => zones.length > 0)
    ? placedOf(plan, standing(records), grounds)
    : [];
  return grounds.map((ground) => {
    const zones = (plan?.zones ?? []).filter((zone) =>
      [zone.id, ...zone.from].some((id) => ground.zones?.includes(id)),
    );
    if (zones.length === 0) return ground;
    const lineage = zones.flatMap((zone) => [zone.id, ...zone.from]);
    const rings = zones.flatMap((zone) => outlineOf(zone.shape).rings);
    const on = new Set(cellsOf(rings, lineage, placed).flatMap((cell) => cell.records));
    return { ...ground, apart: placed.flatMap(({ id }) => (on.has(id) ? [] : [id])) };
  });
}

const EMPTY: Plan = { unit: 'm', anchor: null, north: 0, underlay: null, zones: [], marks: [] };

/** The answer of Measure with what the plan, and not the page, says that it comes to; null where nothing of it is left. */
export function measuredOnPlan(plan: Plan, body: MeasureBody): MeasureBody | null {
  if (!body.plan) return body;
  const { rings: _, ...now } = measureOnPlan(plan, body.plan.zones, keepOffOf(body.plan), bandOf(body.plan));
  const known = body.plan.zones.filter((id) => plan.zones.some((zone) => zone.id === id));
  if (known.length === 0 || (now.areaM2 <= 0 && now.places === 0 && now.edgeM <= 0 && now.volumeM3 <= 0))
    return null;
  return { ...body, plan: { ...body.plan, ...now, zones: known } };
}

/** To a centimetre. */
const rounded = (rings: Rings): Rings =>
  rings.map((ring) => ring.map(([x, y]) => [Math.round(x * 100) / 100, Math.round(y * 100) / 100] as const));

/** Where a record lies on the plan at this moment: its zones with what they came from, and the outline to a centimetre. */
export function footprintOf(plan: Plan, on: OnPlan): NonNullable<ApplicationRecord['ground']> {
  const { rings } = measureOnPlan(plan, on.zones, keepOffOf(on));
  return {
    zones: lineageOf(plan, on.zones),
    footprint: rings.length === 0 ? null : rounded(rings),
  };
}
