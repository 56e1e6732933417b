import {
  agendaOf,
  assess,
  courseAgenda,
  letterOf,
  numberOf,
  standingCourse,
  type CaseFacts,
} from '$lib/core/case';
import { restGoesOnto } from '$lib/core/safety';
import { targetFor } from '$lib/core/ground';
import { quantity, valueIn } from '$lib/core/units';
import { loadOpenCases, type LoadedCase } from '$lib/server/store/cases';
import { listEquipment } from '$lib/server/store/equipment';
import type { PageServerLoad } from './$types';

/** A case whose mix is settled and not yet put down. */
function jobOf(facts: CaseFacts) {
  const view = assess(facts);
  const { label, lawn, dose: made, rate, allowance } = view;
  if (!label?.use.carrier || !lawn || !made?.finished || view.halts.length > 0 || view.records.length > 0)
    return [];
  const { kind, day } = agendaOf(facts, view);
  const target = targetFor(lawn, label.use.rate.per);
  return [
    {
      number: facts.number,
      title:
        standingCourse(facts).length > 1
          ? `${facts.title}, ${letterOf(facts, numberOf(facts))}`
          : facts.title,
      property: facts.property.name,
      today: kind === 'work' && day === facts.today,
      target,
      label: { id: label.id, name: label.name },
      rate: { ...label.use.rate, chosen: rate ?? label.use.rate.min },
      carrier: label.use.carrier,
      filterOut: label.filterOut,
      step: facts.stops.mix?.step ?? null,
      tankName: facts.stops.mix?.tankName ?? '',
      /**
       * What the year still allows there once this job is done; none where a rinse cannot go over the ground at all: in
       * rooms, cracks, mounds.
       */
      room: !restGoesOnto(label, facts.stops.look?.surrounding ?? 'lawn')
        ? quantity(0, label.use.rate.unit)
        : allowance
          ? quantity(
              Math.max(
                0,
                allowance.allowed.value -
                  valueIn(allowance.used, allowance.allowed.unit) -
                  valueIn(allowance.now, allowance.allowed.unit),
              ),
              allowance.allowed.unit,
            )
          : null,
    },
  ];
}

export const load: PageServerLoad = ({ locals }) =>
  locals.kept('mix together', async (tx) =>
    together(await loadOpenCases(tx, locals.around), await listEquipment(tx)),
  );

function together(cases: readonly LoadedCase[], tools: Awaited<ReturnType<typeof listEquipment>>) {
  const jobs = cases.flatMap(({ facts }) => courseAgenda(facts).flatMap((one) => jobOf(one.facts)));
  const mixes = new Map<string, (typeof jobs)[number][]>();
  for (const job of jobs) {
    // The same mix: the same product, at the same strength.
    const { rate, carrier, label } = job;
    const key = JSON.stringify([label.id, rate.chosen, rate.unit, rate.per, carrier]);
    mixes.set(key, [...(mixes.get(key) ?? []), job]);
  }
  return {
    mixes: [...mixes.values()].sort((a, b) => b.length - a.length),
    tanks: tools
      .filter(({ kind }) => kind === 'tank')
      .map(({ name, size, unit, undrawn }) => ({ name, size, unit, undrawn })),
  };
}
