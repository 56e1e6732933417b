import {
  activeCautions,
  situationOf,
  timingHalts,
  usable,
  type ChooseSituation,
  type Option,
  type EntryInUse,
} from '../choose';
import type { DoseAnswer } from '../dose';
import { isIndoors, type Candidate, type CaseRanking } from '../identify';
import type { Caution } from '../labels';
import { factOn } from '../premises';
import type { OnGround } from '../record';
import {
  cautionKey,
  clauseCautions,
  doseCautions,
  handlingCautions,
  nameCautions,
  type ClauseSituation,
} from '../safety';
import type { JudgedHours } from '../schedule';
import type { Ground } from '../ground';
import { daysBetween, monthOf, type Quantity } from '../units';
import { dayOfWork } from './day-of-work';
import { purposeOf, type CaseFacts } from './facts';
import { passCautions, type Passes } from './passes';
import { partnerCautions } from './partner';
import { partnerOf } from './shared-tank';
import type { CaseView, SettledCaution } from './view';

/** Every caution that the case raises so far, with who settled it. */
export function cautionsOf(known: {
  facts: CaseFacts;
  ranking: CaseRanking;
  named: Candidate | null;
  situation: ChooseSituation | null;
  ground: OnGround;
  options: readonly Option[];
  chosen: EntryInUse | null;
  lawn: Ground | null;
  dose: DoseAnswer | null;
  rate: number | null;
  hours: JudgedHours | null;
  threshold: CaseView['threshold'];
  passes: Passes | null;
  perMetre: Quantity | null;
}): SettledCaution[] {
  const { facts, ranking, named, situation, chosen, lawn, rate, hours, threshold } = known;
  const purpose = purposeOf(facts);
  const found: Caution[] = nameCautions(
    ranking,
    facts.candidates,
    facts.signs,
    named,
    facts.stops.look?.signs ?? {},
    {
      month: monthOf(facts.today),
      hemisphere: facts.property.hemisphere,
      expected: purpose !== 'control',
      livesWith: facts.rules.flatMap((rule) => (rule.kind === 'lives-with' ? [rule.candidate] : [])),
    },
    {
      licence: facts.licence,
      day: dayOfWork(facts),
      surrounding: facts.stops.look?.surrounding ?? 'lawn',
    },
  );
  if (chosen && situation && (named?.kind === 'insect' || (purpose === 'routine' && !named))) {
    const option = known.options.find((o) => o.label.id === chosen.label.id);
    found.push(...(option?.halts ?? []));
    found.push(...(option?.notes ?? []).map((note) => withCover(note, chosen, known.options)));
    // What is prevented is not there yet: the count decides at the re-check.
    if (purpose === 'control' && threshold?.verdict === 'below')
      found.push({
        code: 'below-threshold',
        rank: 'care',
        stop: 'choose',
        settledBy: 'tick',
        clause: null,
        facts: { limit: threshold.limit, basis: threshold.basis },
      });
    if (lawn) found.push(...handlingCautions(situationOf(chosen, situation), lawn.waterGapM ?? 0));
    found.push(...clauseCautions(clauseSituation(facts, chosen, situation, lawn)));
    found.push(...hourCautions(facts, chosen, hours), ...planCautions(facts));
    found.push(...tankCautions(facts, chosen), ...lotCautions(facts, chosen));
    const partner = partnerOf(facts, named?.id ?? null);
    if (facts.stops.mix && partner)
      found.push(...partnerCautions(partner, facts.stops.mix, chosen.label, known.options));
    found.push(...unweighedCautions(chosen));
    found.push(...passCautions(chosen.label, known.passes, known.perMetre));
    if (lawn && known.dose && rate !== null)
      found.push(
        ...doseCautions(chosen.label, known.dose, lawn, rate),
        ...activeCautions(
          chosen.label,
          { product: known.dose.product, area: lawn.area },
          known.ground.parts,
          new Map(facts.shelf.map((entry) => [entry.label.id, entry.label])),
          dayOfWork(facts),
        ).filter(({ code }) => !option?.halts.some((halt) => halt.code === code)),
      );
  } else if (chosen && !named)
    found.push({
      code: 'no-name',
      rank: 'halt',
      stop: 'name',
      settledBy: 'change',
      clause: null,
      facts: { label: chosen.label.name },
    });
  else if (chosen)
    found.push(...timingHalts(chosen.label, { parts: known.ground.parts, today: dayOfWork(facts) }));
  return found.map((caution) => {
    const key = cautionKey(caution);
    return { caution, key, settled: caution.settledBy === 'tick' ? (facts.settled[key] ?? null) : null };
  });
}

/** What a label caps by amount and lets be used without one is not known to the cap unless somebody weighs it. */
function unweighedCautions({ label }: EntryInUse): Caution[] {
  if (label.use.instruction === null || (label.use.cap === null && !label.use.alsoCap)) return [];
  return [
    {
      ...{ code: 'amount-not-weighed', rank: 'care', stop: 'log', settledBy: 'tick' },
      ...{ clause: label.clauses.yearly ?? null, facts: { label: label.name } },
    },
  ];
}

/** What of the shelf works on the stages that a card leaves alive. */
function withCover(note: Caution, chosen: EntryInUse, options: readonly Option[]): Caution {
  if (note.code !== 'stages-left') return note;
  const left = String(note.facts.leftIds).split(',');
  const cover = options
    .filter(({ label, halts }) => label.id !== chosen.label.id && halts.length === 0)
    .filter(({ label: { use } }) =>
      use.targets.some((t) => t.pest === note.facts.pestId && left.some((one) => t.stages.includes(one))),
    )
    .map(({ label }) => label.name)
    .slice(0, 2);
  return { ...note, facts: { ...note.facts, cover: cover[0] ?? '', orElse: cover[1] ?? '' } };
}

/** Where, when and among whom the chosen label is to be used. */
function clauseSituation(
  facts: CaseFacts,
  { label }: EntryInUse,
  situation: ChooseSituation,
  lawn: Ground | null,
): ClauseSituation {
  const day = dayOfWork(facts);
  const hour = facts.stops.when?.hour;
  return {
    label,
    stinging: situation.pest?.concerns.includes('stings') ?? false,
    surrounding: situation.surrounding,
    day,
    hourOfDay: hour === undefined ? null : ((hour % 24) + 24) % 24,
    lawn,
    byWater: situation.byWater,
    flowering: situation.flowering,
    fact: (fact) => factOn(facts.property.premises, fact, day),
  };
}

/** The lot that is chosen at Mix is past its last day, or empty, while another one is not. */
function lotCautions(facts: CaseFacts, { label, containers }: EntryInUse): Caution[] {
  const lot = containers.find((c) => c.lot === facts.stops.mix?.lot);
  const day = dayOfWork(facts);
  if (!lot || usable(lot, day) || !containers.some((c) => usable(c, day))) return [];
  return [
    {
      ...{ code: 'lot-not-usable', rank: 'halt', stop: 'mix', settledBy: 'change' },
      clause: label.clauses.storage ?? null,
      facts: { lot: lot.lot, ...(lot.until !== null && lot.until < day ? { until: lot.until } : {}) },
    },
  ];
}

/** What was in the tank before, and how old what is left in it is. */
function tankCautions(facts: CaseFacts, { label }: EntryInUse): Caution[] {
  const { mix } = facts.stops;
  if (!mix || !label.use.carrier) return [];
  const clause = label.clauses.compatibility ?? null;
  const found: Caution[] = [];
  if (mix.before === 'herbicide')
    found.push({
      ...{ code: 'tank-held-herbicide', rank: 'halt', stop: 'mix', settledBy: 'change', clause },
      facts: { tank: mix.tankName },
    });
  if (mix.before === 'other')
    found.push({
      ...{ code: 'tank-held-other', rank: 'care', stop: 'mix', settledBy: 'tick', clause },
      facts: { tank: mix.tankName },
    });
  const days = mix.carryOver && mix.carriedOn ? daysBetween(mix.carriedOn, dayOfWork(facts)) : 0;
  if (days > 0)
    found.push({
      ...(label.form === 'nematodes'
        ? ({ code: 'carry-over-dead', rank: 'halt', settledBy: 'change' } as const)
        : ({ code: 'carry-over-old', rank: 'care', settledBy: 'tick' } as const)),
      ...{ stop: 'mix', clause: label.clauses.storage ?? null },
      facts: { days },
    });
  return found;
}

/** The plan says something else now than when Measure was saved. */
function planCautions({ stops, ground }: CaseFacts): Caution[] {
  const then = stops.measure?.plan;
  if (!then || !ground) return [];
  const [was, is] = [then.areaM2, ground.now.areaM2];
  const moved =
    Math.abs(was - is) > 0.005 * Math.max(was, is) ||
    ground.now.places !== then.places ||
    Math.abs(ground.now.edgeM - then.edgeM) > 0.1;
  if (!moved) return [];
  return [
    {
      ...{ code: 'plan-changed', rank: 'halt', stop: 'measure', settledBy: 'change', clause: null },
      facts: { was, is },
    },
  ];
}

/** What the chosen hour raises; without any known weather the limits have to be checked by whoever does the work. */
function hourCautions(facts: CaseFacts, chosen: EntryInUse, hours: JudgedHours | null): Caution[] {
  const { use, clauses } = chosen.label;
  if (isIndoors(facts.stops.look?.surrounding ?? 'lawn')) return [];
  if (!facts.forecast)
    return [
      {
        code: 'no-weather-known',
        rank: 'care',
        stop: 'when',
        settledBy: 'tick',
        clause: clauses.weather ?? null,
        facts: {},
      },
    ];
  const at = facts.stops.when?.hour;
  const hour = hours?.hours.find((h) => h.hour === at);
  const soil = at === undefined ? undefined : facts.forecast.hours[at - facts.forecast.startHour]?.soilC;
  const found: Caution[] = [];
  if (hour?.because.includes('calm-air'))
    found.push({
      code: 'calm-air',
      rank: 'care',
      stop: 'when',
      settledBy: 'tick',
      clause: clauses.weather ?? null,
      facts: {},
    });
  const [coldest, warmest] = use.soilC ?? [null, null];
  if (soil !== undefined && ((coldest !== null && soil < coldest) || (warmest !== null && soil > warmest)))
    found.push({
      code: 'soil-out-of-range',
      rank: 'halt',
      stop: 'when',
      settledBy: 'change',
      clause: clauses.soil ?? null,
      facts: {
        soil,
        ...(coldest === null ? {} : { from: coldest }),
        ...(warmest === null ? {} : { to: warmest }),
      },
    });
  return found;
}
