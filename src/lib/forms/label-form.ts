import { z } from 'zod';
import type { Candidate } from '../core/identify';
import { FAMILIES, type LabelCard } from '../core/labels';
import type { Result } from '../core/result';
import {
  amount,
  dayField,
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

const PER_AREAS = ['m2', 'ft2', 'yd2', 'acre', 'ha'] as const;
const days = orNothing(whole(1, 3650));

const labelForm = z
  .object({
    name: neededText(120),
    maker: plainText(120),
    registration: orNothing(plainText(60)),
    form: z.enum(['granule', 'concentrate', 'nematodes']),
    family: z.enum(FAMILIES),
    active: plainText(120),
    percent: orNothing(numeric(0.000001, 100)),
    group: orNothing(plainText(20)),
    pests: z.record(z.string(), ticked),
    least: numeric(0.000001, 1e6),
    most: numeric(0.000001, 1e6),
    rateUnit: z.enum(PRODUCTS),
    per: amount(PER_AREAS, 0.01, 1e6),
    mix: orNoAmount(amount(VOLUMES, 0.01, 1e6)),
    noSoonerThanDays: days,
    maxPerYear: days,
    cap: orNothing(numeric(0.000001, 1e6)),
    waterMm: orNothing(numeric(0.1, 100)),
    waterHours: orNothing(whole(1, 240)),
    rainFreeHours: orNothing(whole(1, 240)),
    maxWindKmh: orNothing(numeric(1, 100)),
    soilFrom: orNothing(numeric(-10, 60)),
    soilTo: orNothing(numeric(-10, 60)),
    waterBufferM: orNothing(numeric(0.1, 1000)),
    notOnBloom: ticked,
    keepFromSun: ticked,
    filterOut: ticked,
    reEntry: z.enum(['until-dry', 'until-watered-in', 'none']),
    effectFrom: whole(0, 365),
    effectTo: whole(1, 365),
    protectsDays: days,
    ppe: plainText(300),
    size: amount(PRODUCTS, 0.000001, 1e6),
    lot: neededText(60),
    price: numeric(0, 1e6),
    expiresOn: orNothing(dayField),
    keptIn: plainText(60),
  })
  .refine((f) => f.least <= f.most, { path: ['most'], params: { expected: 'not-below-least' } })
  .refine((f) => f.effectFrom <= f.effectTo, { path: ['effectTo'], params: { expected: 'not-below-least' } })
  .refine((f) => Object.values(f.pests).some(Boolean), { path: ['pests'], params: { expected: 'needed' } })
  .refine((f) => (f.soilFrom === null) === (f.soilTo === null), {
    path: ['soilTo'],
    params: { expected: 'needed' },
  })
  .refine((f) => (f.waterMm === null) === (f.waterHours === null), {
    path: ['waterHours'],
    params: { expected: 'needed' },
  });

export interface OwnLabel {
  readonly card: Omit<LabelCard, 'version'>;
  readonly container: {
    readonly lot: string;
    readonly size: number;
    readonly unit: string;
    readonly price: number;
    readonly expiresOn: string | null;
    readonly keptIn: string;
  };
}

/**
 * A label card as somebody copied it from a container, with that container. What the label does not state stays "not
 * stated". Pests that the catalogue does not know are ignored; a label that names none is refused.
 */
export function parseOwnLabel(
  fields: Fields,
  candidates: readonly Candidate[],
  id: string,
): Result<OwnLabel> {
  const parsed = read(labelForm, { pests: {}, ...treeOf(fields) });
  if ('refused' in parsed) return parsed;
  const f = parsed.ok;
  const per = f.per;
  const targets = candidates
    .filter((c) => f.pests[c.id] === true && c.kind === 'insect' && c.status === 'pest')
    .map((c) => ({
      pest: c.id,
      stages: c.stages.map((stage) => stage.id),
      grade: 'fair' as const,
      reason: 'As the label claims; no evidence of your own yet',
    }));
  return {
    ok: {
      card: {
        id,
        name: f.name,
        maker: f.maker === '' ? 'not stated' : f.maker,
        demonstration: false,
        registration: f.registration,
        form: f.form,
        family: f.family,
        actives: f.active === '' ? [] : [{ name: f.active, percent: f.percent, group: f.group }],
        signalWord: null,
        use: {
          site: 'turf',
          targets,
          rate: { min: f.least, max: f.most, unit: f.rateUnit, per },
          carrier: f.mix ? { amount: f.mix, per } : null,
          noSoonerThanDays: f.noSoonerThanDays,
          aboutEveryDays: null,
          maxPerYear: f.maxPerYear,
          cap: f.cap === null ? null : { amount: { value: f.cap, unit: f.rateUnit }, per },
          wateringIn:
            f.waterMm !== null && f.waterHours !== null ? { mm: f.waterMm, withinHours: f.waterHours } : null,
          rainFreeHours: f.rainFreeHours,
          maxWindKmh: f.maxWindKmh,
          minWindKmh: null,
          tempC: null,
          soilC: f.soilFrom !== null && f.soilTo !== null ? [f.soilFrom, f.soilTo] : null,
          keepFromSun: f.keepFromSun,
          waterBufferM: f.waterBufferM,
          notOnBloom: f.notOnBloom,
          reEntry: f.reEntry,
          daysToEffect: [f.effectFrom, f.effectTo],
          protectsDays: f.protectsDays,
        },
        ppe: f.ppe
          .split(',')
          .map((item) => item.trim())
          .filter(Boolean),
        filterOut: f.filterOut,
        clauses: {},
        firstAid: null,
        container: { size: f.size },
      },
      container: {
        lot: f.lot,
        size: f.size.value,
        unit: f.size.unit,
        price: f.price,
        expiresOn: f.expiresOn,
        keptIn: f.keptIn,
      },
    },
  };
}
