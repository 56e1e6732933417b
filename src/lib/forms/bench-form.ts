import { z } from 'zod';
import type { DoseInput } from '../core/dose';
import type { Result } from '../core/result';
import { amount, numeric, orNoAmount, treeOf, type Fields } from './fields';
import { read } from './shape';
import { PRODUCTS, VOLUMES } from './stops/bodies';

export const BENCH_TARGETS = [
  'm2',
  'ft2',
  'yd2',
  'acre',
  'ha',
  'm',
  'ft',
  'l',
  'm3',
  'ft3',
  'count',
] as const;

const benchForm = z.object({
  least: numeric(0.000001, 1e6),
  most: z.preprocess((v) => (v === '' ? undefined : v), numeric(0.000001, 1e6).optional()),
  chosen: z.preprocess((v) => (v === '' ? undefined : v), numeric(0.000001, 1e6).optional()),
  rateUnit: z.enum(PRODUCTS),
  per: amount([...BENCH_TARGETS, 'gal', 'gal_uk'], 0.000001, 1e6),
  target: amount(BENCH_TARGETS, 0.000001, 1e8),
  mix: orNoAmount(amount(VOLUMES, 0.000001, 1e6)),
  mixPer: orNoAmount(amount(BENCH_TARGETS, 0.000001, 1e6)),
  tank: orNoAmount(amount(VOLUMES, 0.01, 1e5)),
  step: orNoAmount(amount(PRODUCTS, 0.000001, 1e4)),
});

/** The mixing bench without a case: what was typed from a label, as a dose. */
export function parseBench(fields: Fields): Result<DoseInput> {
  const parsed = read(benchForm, treeOf(fields));
  if ('refused' in parsed) return parsed;
  const f = parsed.ok;
  return {
    ok: {
      rate: {
        min: f.least,
        max: f.most ?? f.least,
        chosen: f.chosen ?? f.least,
        unit: f.rateUnit,
        per: f.per,
      },
      ...(f.mix && f.mixPer ? { carrier: { amount: f.mix, per: f.mixPer } } : {}),
      target: f.target,
      ...(f.mix && f.mixPer && f.tank ? { tank: { capacity: f.tank } } : {}),
      ...(f.step ? { measureStep: f.step } : {}),
    },
  };
}
