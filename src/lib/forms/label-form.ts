import { z } from 'zod';
import {
  CLAUSE_KEYS,
  FAMILIES,
  FORMS,
  METHODS,
  moreFields,
  otherHalf,
  SITES,
  type Ends,
  type LabelCard,
  type LabelUse,
  type More,
  type MoreKey,
  type TargetOnLabel,
} from '../core/labels';
import { refusal, type Result } from '../core/result';
import { dimensionOf, inBase, isUnit, type Quantity } from '../core/units';
import {
  amount,
  dayField,
  listed,
  neededText,
  numeric,
  orNoAmount,
  orNothing,
  plainText,
  ticked,
  treeOf,
  whole,
  type Fields,
} from './fields';
import { read } from './shape';
import { PRODUCTS, VOLUMES } from './stops/bodies';

/** What a rate of a label may be per: areas, lengths, volumes of soil, void or mix, and pieces. */
export const RATE_BASES = [
  ...(['m2', 'ft2', 'yd2', 'acre', 'ha', 'm', 'ft', 'l', 'm3', 'ft3', 'gal', 'gal_uk', 'count'] as const),
] as const;
const GRADES = ['strong', 'fair', 'weak', 'none', 'harmful'] as const;
const CAP_UNITS = [...PRODUCTS] as const;

/** What the form has to know of a pest. */
export interface KnownPest {
  readonly id: string;
  readonly stages: readonly { readonly id: string }[];
}

/** Stands on a card where nobody said it. */
export const NOT_STATED = 'not stated';

const days = orNothing(whole(1, 3650));
const measure = (from: number, to: number) => orNothing(numeric(from, to));
const choice = <T extends string>(values: readonly T[]) => orNothing(z.enum(values as [T, ...T[]]));
const per = amount(RATE_BASES, 0.000001, 1e6);
/** One name or several, with commas between. */
const names = (most: number) =>
  plainText(most).transform((text) =>
    text
      .split(',')
      .map((item) => item.trim())
      .filter(Boolean),
  );
const yesNo = choice(['yes', 'no']);

/** How labels print a strength as mass in a volume, in grams in a litre. */
const STRENGTHS = {
  'g/l': 1,
  'g/kg': 1,
  'lb/gal': (inBase({ value: 1, unit: 'lb' }) * 1000) / inBase({ value: 1, unit: 'gal' }),
  'oz/gal': (inBase({ value: 1, unit: 'oz' }) * 1000) / inBase({ value: 1, unit: 'gal' }),
} as const;
export const STRENGTH_UNITS = Object.keys(STRENGTHS) as [
  keyof typeof STRENGTHS,
  ...(keyof typeof STRENGTHS)[],
];

/** The clauses of the table, each by its kind; what is blank is not stated. */
function moreForm(of: 'card' | 'use') {
  const shapes = moreFields(of).map(([key, field]) => [
    key,
    field.kind === 'tick'
      ? ticked
      : field.kind === 'choice'
        ? choice(field.choices as readonly string[])
        : field.kind === 'text'
          ? plainText(600)
          : measure(field.from ?? 0, field.to ?? 1e9),
  ]);
  return z.preprocess(
    (value) => value ?? {},
    z.object(Object.fromEntries(shapes) as Record<MoreKey, z.ZodType>),
  );
}
const moreOf = (typed: Readonly<Record<string, unknown>>): More =>
  Object.fromEntries(
    Object.entries(typed).filter(([, value]) => value !== null && value !== '' && value !== false),
  ) as More;

const useForm = z.object({
  sites: z.record(z.string(), ticked).default({}),
  method: z.enum(METHODS),
  targets: listed(
    z.object({
      pest: plainText(60),
      stages: z.record(z.string(), ticked).default({}),
      grade: choice(GRADES),
      reason: plainText(300),
    }),
    0,
    60,
  ).default([]),
  least: measure(0.000001, 1e6),
  most: measure(0.000001, 1e6),
  rateUnit: z.enum(PRODUCTS),
  basis: z.enum(['target', 'mix']),
  per,
  mix: orNoAmount(amount(VOLUMES, 0.001, 1e6)),
  mixMost: measure(0.001, 1e6),
  mixPer: orNoAmount(per),
  steps: listed(
    z.object({
      pest: plainText(60),
      stage: plainText(60),
      severity: plainText(60),
      drop: measure(0.1, 100_000),
      min: measure(0.000001, 1e6),
      max: measure(0.000001, 1e6),
    }),
    0,
    20,
  ).default([]),
  months: z.record(z.string(), ticked).default({}),
  monthsFor: z.enum(['north', 'south']).default('north'),
  noSoonerThanDays: days,
  aboutEveryDays: days,
  maxPerYear: orNothing(whole(1, 365)),
  cap: orNoAmount(amount(CAP_UNITS, 0.000001, 1e6)),
  capOf: z.enum(['product', 'active']).default('product'),
  capPer: orNoAmount(per),
  alsoCap: orNoAmount(amount(CAP_UNITS, 0.000001, 1e6)),
  alsoCapPer: orNoAmount(per),
  waterMm: measure(0.1, 100),
  waterMostMm: measure(0.1, 100),
  waterHours: orNothing(whole(1, 240)),
  dryHours: orNothing(whole(1, 240)),
  rainFreeHours: orNothing(whole(1, 240)),
  maxWindKmh: measure(1, 100),
  minWindKmh: measure(0.1, 100),
  tempFrom: measure(-30, 60),
  tempTo: measure(-30, 60),
  soilFrom: measure(-10, 60),
  soilTo: measure(-10, 60),
  keepFromSun: ticked,
  waterBufferM: measure(0.1, 1000),
  hardGround: choice(['band', 'spots', 'no']),
  wallAboveHard: yesNo,
  maxHeightM: measure(0.1, 100),
  edibles: yesNo,
  preHarvestDays: orNothing(whole(0, 365)),
  foodAreas: choice(['yes', 'crevices', 'no']),
  notOnFoodContact: ticked,
  keepFromLive: ticked,
  notOnBloom: ticked,
  reEntry: z.enum(['until-dry', 'until-watered-in', 'hours', 'none']).default('none'),
  reEntryHours: measure(0.1, 720),
  effectFrom: orNothing(whole(0, 3650)),
  effectTo: orNothing(whole(0, 3650)),
  protectsDays: days,
  more: moreForm('use'),
});

export const cardForm = z.object({
  name: neededText(120),
  maker: plainText(120),
  registration: orNothing(plainText(60)),
  form: z.enum(FORMS),
  family: z.enum(FAMILIES),
  signalWord: orNothing(plainText(40)),
  licenceNeeded: yesNo,
  allowedIn: names(300),
  actives: listed(
    z.object({
      name: plainText(120),
      percent: measure(0.000001, 100),
      mass: measure(0.000001, 1e6),
      massIn: z.enum(STRENGTH_UNITS).default('g/l'),
      group: orNothing(plainText(20)),
    }),
    0,
    6,
  ).default([]),
  densityKgPerL: measure(0.1, 5),
  uses: listed(useForm, 1, 40),
  ppe: names(300),
  ownPpe: names(300),
  filterOut: ticked,
  repellent: ticked,
  flammable: ticked,
  mixWithOthers: yesNo,
  firstAid: orNothing(plainText(600)),
  storeFrom: measure(-30, 60),
  storeTo: measure(-30, 60),
  shelfLifeMonths: orNothing(whole(1, 240)),
  openedDays: days,
  disposal: orNothing(plainText(600)),
  size: amount(PRODUCTS, 0.000001, 1e6),
  more: moreForm('card'),
  otherSizes: listed(orNoAmount(amount(PRODUCTS, 0.000001, 1e6)), 0, 6).default([]),
  clauses: z.record(z.string(), z.object({ at: plainText(40), text: plainText(600) })).default({}),
});

const containerForm = z.object({
  lot: neededText(60),
  price: orNothing(numeric(0, 1e6)),
  expiresOn: orNothing(dayField),
  keptIn: plainText(60),
});

export interface NewLot {
  readonly lot: string;
  readonly size: number;
  readonly unit: string;
  readonly price: number | null;
  readonly expiresOn: string | null;
  readonly boughtOn?: string | null;
  readonly openedOn?: string | null;
  readonly keptIn: string;
}

/** Each end of a range as it is stated. */
const range = (from: number | null, to: number | null): Ends | null =>
  from === null && to === null ? null : [from, to];
const both = (from: number | null, to: number | null): [number, number] | null =>
  from === null && to === null ? null : [from ?? to ?? 0, to ?? from ?? 0];

/** What a use's form opens with, and what says nothing by itself. */
const OPENS_WITH = /\.(unit|rateUnit|basis|capOf|monthsFor|reEntry|per\.value|massIn)$/;

/** The fields without the uses that nobody wrote anything into; the first one stays. */
function withoutEmptyUses(fields: Fields): Fields {
  const used = new Set<string>(['0']);
  for (const [name, value] of fields) {
    const [, index] = /^uses\.(\d{1,3})\./.exec(name) ?? [];
    if (index !== undefined && value.trim() !== '' && !name.includes('~') && !OPENS_WITH.test(name))
      used.add(index);
  }
  return new Map(
    [...fields].filter(([name]) => {
      const [, index] = /^uses\.(\d{1,3})\./.exec(name) ?? [];
      return index === undefined || used.has(index);
    }),
  );
}

/**
 * A label card as somebody copied it from a container. What the label does not state stays "not stated"; what it
 * contradicts itself in is for the label check. A pest without a tick at any stage holds for all its stages; pests that
 * the catalogue does not know are refused, and so is a use without a place once the card is `finished`.
 */
export function parseCard(
  fields: Fields,
  candidates: readonly KnownPest[],
  id: string,
  finished = true,
): Result<Omit<LabelCard, 'version'>> {
  const parsed = read(cardForm, treeOf(finished ? withoutEmptyUses(fields) : fields));
  if ('refused' in parsed) return parsed;
  const f = parsed.ok;
  const refused = f.uses.flatMap((use, i) => [
    ...(!finished || Object.values(use.sites).some(Boolean)
      ? []
      : [refusal('invalid-input', `uses.${i}.sites`, { expected: 'needed' })]),
    ...use.targets.flatMap((target, k) =>
      target.pest === '' || candidates.some((c) => c.id === target.pest)
        ? []
        : [refusal('invalid-input', `uses.${i}.targets.${k}.pest`, { expected: 'one-of' })],
    ),
  ]);
  // Half a clause is asked for, never filled in.
  const half = (from: unknown, to: unknown, path: string) =>
    finished && (from === null) !== (to === null)
      ? [refusal('invalid-input', path, { expected: 'needed' })]
      : [];
  refused.push(
    ...half(f.storeFrom, f.storeTo, f.storeFrom === null ? 'storeFrom' : 'storeTo'),
    // A rate for some cases without its case, or without its figure, is not dropped without a word.
    ...f.uses.flatMap((u, i) =>
      u.steps.flatMap(({ min, max, severity, pest, stage, drop }, k) => {
        const [named, figured] = [
          severity + pest + stage !== '' || drop !== null,
          min !== null || max !== null,
        ];
        const path = `uses.${i}.steps.${k}.${named ? 'min' : 'severity'}`;
        return finished && named !== figured ? [refusal('invalid-input', path, { expected: 'needed' })] : [];
      }),
    ),
    ...f.uses.flatMap((u, i) => [
      ...half(u.waterMm, u.waterHours, `uses.${i}.${u.waterMm === null ? 'waterMm' : 'waterHours'}`),
    ]),
  );
  if (refused.length > 0) return { refused };
  const clauses = CLAUSE_KEYS.flatMap((key) => {
    const clause = f.clauses[key];
    return clause && clause.text !== ''
      ? [[key, { at: clause.at === '' ? 'no number' : clause.at, text: clause.text }] as const]
      : [];
  });
  return {
    ok: {
      id,
      name: f.name,
      maker: f.maker === '' ? NOT_STATED : f.maker,
      demonstration: false,
      registration: f.registration,
      form: f.form,
      family: f.family,
      actives: f.actives
        .filter((active) => active.name !== '')
        .map(({ mass, massIn, ...active }) => ({
          ...active,
          ...strengthOf(active.percent, mass, massIn),
        })),
      densityKgPerL: f.densityKgPerL,
      signalWord: f.signalWord,
      uses: f.uses.map((use) => useOf(use, candidates)),
      ppe: f.ppe,
      ownPpe: f.ownPpe,
      filterOut: f.filterOut,
      repellent: f.repellent,
      mixWithOthers: f.mixWithOthers,
      clauses: Object.fromEntries(clauses),
      firstAid: f.firstAid,
      storeC: both(f.storeFrom, f.storeTo),
      flammable: f.flammable,
      shelfLifeMonths: f.shelfLifeMonths,
      openedDays: f.openedDays,
      disposal: f.disposal,
      licenceNeeded: f.licenceNeeded === null ? null : f.licenceNeeded === 'yes',
      allowedIn: f.allowedIn,
      container: { size: f.size },
      otherSizes: f.otherSizes.filter((size) => size !== null),
      ...(Object.keys(moreOf(f.more)).length > 0 ? { more: moreOf(f.more) } : {}),
    },
  };
}

/** A strength as the card keeps it: percent, or grams in a litre; grams in a kilogram are a percent. */
function strengthOf(
  percent: number | null,
  mass: number | null,
  massIn: keyof typeof STRENGTHS,
): { percent: number | null; gramsPerLitre: number | null } {
  if (mass === null) return { percent, gramsPerLitre: null };
  if (massIn === 'g/kg') return { percent: percent ?? mass / 10, gramsPerLitre: null };
  return { percent, gramsPerLitre: Number((mass * STRENGTHS[massIn]).toPrecision(12)) };
}

function useOf(f: z.output<typeof useForm>, candidates: readonly KnownPest[]): LabelUse {
  const onMix = f.basis === 'mix';
  return {
    sites: SITES.filter((site) => f.sites[site]),
    method: f.method,
    targets: f.targets.filter((t) => t.pest !== '').map((target) => targetOf(target, candidates)),
    rate:
      f.least === null && f.most === null
        ? null
        : { min: f.least, max: f.most, unit: f.rateUnit, per: f.per, basis: f.basis },
    steps: f.steps.flatMap(({ min, max, drop, ...names }) => {
      const by = { ...names, drop: drop === null ? '' : String(drop) };
      const named = (['severity', 'pest', 'stage', 'drop'] as const).flatMap((key) =>
        by[key] === '' ? [] : [{ by: key, of: by[key] }],
      );
      const [first, ...and] = named;
      const least = min ?? max;
      if (!first || least === null) return [];
      return [{ ...first, ...(and.length > 0 ? { and } : {}), min: least, max: max ?? least }];
    }),
    carrier: f.mix && (f.mixPer || !onMix) ? { amount: f.mix, per: f.mixPer ?? f.per } : null,
    months: monthsOf(f.months, f.monthsFor),
    ...(f.monthsFor === 'south' ? { monthsFor: f.monthsFor } : {}),
    ...(f.mix && f.mixMost !== null && f.mixMost > f.mix.value
      ? { carrierMost: { value: f.mixMost, unit: f.mix.unit } }
      : {}),
    noSoonerThanDays: f.noSoonerThanDays,
    aboutEveryDays: f.aboutEveryDays,
    maxPerYear: f.maxPerYear,
    cap: f.cap ? { of: f.capOf, amount: f.cap, per: f.capPer ?? f.per } : null,
    ...(f.alsoCap
      ? {
          alsoCap: {
            of: f.capOf === 'product' ? ('active' as const) : ('product' as const),
            amount: f.alsoCap,
            per: f.alsoCapPer ?? f.capPer ?? f.per,
          },
        }
      : {}),
    wateringIn:
      f.waterMm === null || f.waterHours === null
        ? null
        : { mm: f.waterMm, mostMm: f.waterMostMm, withinHours: f.waterHours },
    dryHours: f.dryHours,
    rainFreeHours: f.rainFreeHours,
    maxWindKmh: f.maxWindKmh,
    minWindKmh: f.minWindKmh,
    tempC: range(f.tempFrom, f.tempTo),
    soilC: range(f.soilFrom, f.soilTo),
    keepFromSun: f.keepFromSun,
    waterBufferM: f.waterBufferM,
    hardGround: f.hardGround,
    wallAboveHard: f.wallAboveHard,
    maxHeightM: f.maxHeightM,
    edibles: f.edibles,
    preHarvestDays: f.preHarvestDays,
    foodAreas: f.foodAreas,
    notOnFoodContact: f.notOnFoodContact,
    keepFromLive: f.keepFromLive,
    notOnBloom: f.notOnBloom,
    reEntry: f.reEntry,
    reEntryHours: f.reEntryHours,
    daysToEffect: both(f.effectFrom, f.effectTo),
    protectsDays: f.protectsDays,
    ...(Object.keys(moreOf(f.more)).length > 0 ? { more: moreOf(f.more) } : {}),
  };
}

/** Months as they are printed, kept for the northern year. */
function monthsOf(ticks: Readonly<Record<string, boolean>>, printedFor: 'north' | 'south'): number[] | null {
  const months = Array.from({ length: 12 }, (_, i) => i + 1)
    .filter((month) => ticks[month])
    .map((month) => (printedFor === 'south' ? otherHalf(month) : month))
    .sort((a, b) => a - b);
  return months.length === 0 || months.length === 12 ? null : months;
}

function targetOf(
  target: { pest: string; stages: Record<string, boolean>; grade: TargetOnLabel['grade']; reason: string },
  candidates: readonly KnownPest[],
): TargetOnLabel {
  const all = candidates.find((c) => c.id === target.pest)?.stages.map((s) => s.id) ?? [];
  const ticks = all.filter((stage) => target.stages[stage]);
  return {
    pest: target.pest,
    stages: ticks.length > 0 ? ticks : all,
    grade: target.grade,
    reason: target.reason,
  };
}

/** The container that came with a card; null where no lot was typed. */
export function parseLot(fields: Fields, size: Quantity): Result<NewLot | null> {
  if ((fields.get('lot') ?? '').trim() === '') return { ok: null };
  const parsed = read(containerForm, treeOf(fields));
  if ('refused' in parsed) return parsed;
  return { ok: { ...parsed.ok, size: size.value, unit: size.unit } };
}

/** The fields of a card, by the names of its form: what an editor starts from. */
export function fieldsOfCard(card: Omit<LabelCard, 'version'>): Record<string, string> {
  const fields: Record<string, string> = {};
  const put = (name: string, value: string | number | boolean | null | undefined): void => {
    if (value === true) fields[name] = 'on';
    else if (value !== null && value !== undefined && value !== false) fields[name] = String(value);
  };
  const putAmount = (name: string, q: Quantity | null | undefined): void => {
    put(`${name}.value`, q?.value);
    put(`${name}.unit`, q?.unit);
  };
  for (const key of [
    'name',
    'maker',
    'registration',
    'form',
    'family',
    'signalWord',
    'densityKgPerL',
  ] as const)
    put(key, card[key]);
  for (const key of ['filterOut', 'repellent', 'flammable', 'mixWithOthers', 'firstAid', 'disposal'] as const)
    put(key, card[key]);
  put('shelfLifeMonths', card.shelfLifeMonths);
  put('openedDays', card.openedDays);
  put('licenceNeeded', card.licenceNeeded === null ? null : card.licenceNeeded ? 'yes' : 'no');
  put('allowedIn', card.allowedIn.join(', '));
  put('ppe', card.ppe.join(', '));
  put('ownPpe', card.ownPpe.join(', '));
  put('storeFrom', card.storeC?.[0]);
  put('storeTo', card.storeC?.[1]);
  for (const [key, value] of Object.entries(card.more ?? {})) put(`more.${key}`, value);
  putAmount('size', card.container.size);
  card.otherSizes.forEach((size, i) => putAmount(`otherSizes.${i}`, size));
  card.actives.forEach((active, i) => {
    for (const key of ['name', 'percent', 'group'] as const) put(`actives.${i}.${key}`, active[key]);
    put(`actives.${i}.mass`, active.gramsPerLitre);
    put(`actives.${i}.massIn`, active.gramsPerLitre === null ? null : 'g/l');
  });
  for (const key of CLAUSE_KEYS) {
    put(`clauses.${key}.at`, card.clauses[key]?.at);
    put(`clauses.${key}.text`, card.clauses[key]?.text);
  }
  card.uses.forEach((use, i) => putUse(use, `uses.${i}`, put, putAmount));
  return fields;
}

function putUse(
  use: LabelUse,
  at: string,
  put: (name: string, value: string | number | boolean | null | undefined) => void,
  putAmount: (name: string, q: Quantity | null | undefined) => void,
): void {
  for (const site of use.sites) put(`${at}.sites.${site}`, true);
  use.targets.forEach((target, k) => {
    put(`${at}.targets.${k}.pest`, target.pest);
    put(`${at}.targets.${k}.grade`, target.grade);
    put(`${at}.targets.${k}.reason`, target.reason);
    for (const stage of target.stages) put(`${at}.targets.${k}.stages.${stage}`, true);
  });
  put(`${at}.least`, use.rate?.min);
  put(`${at}.most`, use.rate?.max);
  // Where no rate is stated its fields stand as they do in an empty form.
  put(`${at}.rateUnit`, use.rate?.unit ?? 'g');
  put(`${at}.basis`, use.rate?.basis ?? 'target');
  putAmount(`${at}.per`, use.rate?.per ?? { value: 1, unit: 'count' });
  putAmount(`${at}.mix`, use.carrier?.amount);
  putAmount(`${at}.mixPer`, use.carrier?.per);
  use.steps.forEach((step, k) => {
    for (const { by, of } of [step, ...(step.and ?? [])]) put(`${at}.steps.${k}.${by}`, of);
    for (const key of ['min', 'max'] as const) put(`${at}.steps.${k}.${key}`, step[key]);
  });
  const south = use.monthsFor === 'south';
  for (const month of use.months ?? []) put(`${at}.months.${south ? otherHalf(month) : month}`, true);
  put(`${at}.monthsFor`, use.monthsFor);
  put(`${at}.mixMost`, use.carrierMost?.value);
  putAmount(`${at}.alsoCap`, use.alsoCap?.amount);
  putAmount(`${at}.alsoCapPer`, use.alsoCap?.per);
  for (const [key, value] of Object.entries(use.more ?? {})) put(`${at}.more.${key}`, value);
  put(`${at}.capOf`, use.cap?.of);
  putAmount(`${at}.cap`, use.cap?.amount);
  putAmount(`${at}.capPer`, use.cap?.per);
  put(`${at}.waterMm`, use.wateringIn?.mm);
  put(`${at}.waterMostMm`, use.wateringIn?.mostMm);
  put(`${at}.waterHours`, use.wateringIn?.withinHours);
  put(`${at}.tempFrom`, use.tempC?.[0]);
  put(`${at}.tempTo`, use.tempC?.[1]);
  put(`${at}.soilFrom`, use.soilC?.[0]);
  put(`${at}.soilTo`, use.soilC?.[1]);
  put(`${at}.effectFrom`, use.daysToEffect?.[0]);
  put(`${at}.effectTo`, use.daysToEffect?.[1]);
  for (const key of PLAIN_KEYS) put(`${at}.${key}`, use[key]);
}

const PLAIN_KEYS = [
  ...(['method', 'noSoonerThanDays', 'aboutEveryDays', 'maxPerYear', 'dryHours', 'rainFreeHours'] as const),
  ...(['maxWindKmh', 'minWindKmh', 'keepFromSun', 'waterBufferM', 'hardGround', 'wallAboveHard'] as const),
  ...(['maxHeightM', 'edibles', 'preHarvestDays', 'foodAreas', 'notOnFoodContact', 'keepFromLive'] as const),
  ...(['notOnBloom', 'reEntry', 'reEntryHours', 'protectsDays'] as const),
] as const;

/** The same fields with what is needed but was not typed yet filled in, for a preview of an unfinished card. */
export function unfinished(fields: Fields): Fields {
  const filled = new Map(fields);
  if ((fields.get('name') ?? '').trim() === '') filled.set('name', 'Without a name');
  if ((fields.get('form') ?? '') === '') filled.set('form', 'concentrate');
  if ((fields.get('family') ?? '') === '') filled.set('family', 'residual');
  for (const [name, value] of fields)
    if (/^uses\.\d+\.method$/.test(name) && value === '') filled.set(name, 'spray');
  if ((fields.get('size.value') ?? '').trim() === '') {
    const unit = fields.get('uses.0.rateUnit') ?? 'ml';
    filled.set('size.value', '1');
    filled.set('size.unit', isUnit(unit) && dimensionOf(unit) === 'mass' ? 'g' : unit);
  }
  return filled;
}
