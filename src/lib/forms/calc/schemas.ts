import { z } from 'zod';
import { day, flag, list, mapOf, number, optional, quantityShape, rateShape, unit } from '../shape';

/** Input shapes of the calculation contract (docs/calc.md), one for each topic. */
export const convertSchema = z.strictObject({ quantity: quantityShape, to: unit });

export const doseSchema = z.strictObject({
  rate: z.strictObject({
    min: number,
    max: number,
    chosen: optional(number),
    unit,
    per: quantityShape,
    basis: optional(z.enum(['target', 'mix'])),
  }),
  carrier: optional(rateShape),
  target: quantityShape,
  tank: optional(
    z.strictObject({
      capacity: quantityShape,
      carryOver: optional(z.strictObject({ finished: quantityShape, product: quantityShape })),
    }),
  ),
  split: optional(z.enum(['fill', 'equal'])),
  measureStep: optional(quantityShape),
  container: optional(z.strictObject({ size: quantityShape, price: number })),
  cap: optional(z.strictObject({ amount: quantityShape, per: quantityShape, used: quantityShape })),
  placement: optional(z.strictObject({ each: quantityShape })),
});

const kind = <K extends string, S extends z.ZodRawShape>(name: K, shape: S) =>
  z.strictObject({ kind: z.literal(name), ...shape });

export const calibrateSchema = z.discriminatedUnion('kind', [
  kind('flow', { collected: quantityShape, time: quantityShape }),
  kind('walk', {
    flow: rateShape,
    swath: quantityShape,
    speed: quantityShape,
    per: quantityShape,
    unit,
    wanted: optional(rateShape),
  }),
  kind('spreader', {
    collected: quantityShape,
    length: quantityShape,
    swath: quantityShape,
    wanted: rateShape,
    passes: optional(number),
  }),
  kind('hose-end', { makes: quantityShape, carrier: rateShape, flow: optional(rateShape) }),
  kind('hose-ratio', { jug: quantityShape, dial: rateShape }),
  kind('irrigation', { depth: quantityShape, area: quantityShape, unit, flow: optional(rateShape) }),
  kind('grid', {
    radius: optional(quantityShape),
    spacing: optional(quantityShape),
    length: optional(quantityShape),
    width: optional(quantityShape),
  }),
  kind('dye', { covered: quantityShape, packCovers: quantityShape }),
  kind('sprinkler', { depths: list(quantityShape), time: quantityShape, wanted: quantityShape }),
  kind('pace', { distance: quantityShape, paces: number }),
  kind('spray-time', { amount: quantityShape, flow: rateShape }),
]);

const point = z.tuple([number, number]);
export const shapeSchema = z.discriminatedUnion('kind', [
  kind('rectangle', { length: quantityShape, width: quantityShape }),
  kind('circle', { radius: quantityShape }),
  kind('triangle', { base: quantityShape, height: quantityShape }),
  kind('paced', { paces: point }),
  kind('polygon', { points: list(point), unit }),
]);

export const measureAreaSchema = z.strictObject({
  parts: list(shapeSchema),
  minus: optional(list(shapeSchema)),
  pace: optional(quantityShape),
  paceErrorPct: optional(number),
  unit,
});

export const lanesSchema = z.strictObject({
  outline: list(point),
  holes: optional(list(list(point))),
  unit,
  swath: quantityShape,
  overlap: optional(number),
  direction: optional(z.union([z.literal('auto'), number])),
  trim: optional(flag),
  edges: optional(z.enum(['cover', 'keep-in'])),
});

export const measureBandSchema = z.strictObject({
  walls: list(z.strictObject({ length: quantityShape, edge: z.enum(['soil', 'hard']) })),
  up: quantityShape,
  out: quantityShape,
  unit,
  wallAboveHard: optional(flag),
});

export const identifySchema = z.strictObject({
  prior: mapOf(number),
  signs: mapOf(mapOf(number)),
  seen: mapOf(flag),
  default: optional(number),
});

export const efficacySchema = z.discriminatedUnion('method', [
  z.strictObject({ method: z.literal('reduction'), before: number, after: number }),
  z.strictObject({ method: z.literal('abbott'), after: number, controlAfter: number }),
  z.strictObject({
    method: z.literal('henderson-tilton'),
    before: number,
    after: number,
    controlBefore: number,
    controlAfter: number,
  }),
]);

export const activeSchema = z.strictObject({
  product: quantityShape,
  strength: z.union([
    z.strictObject({ percent: number, density: optional(rateShape) }),
    z.strictObject({ amount: quantityShape, per: quantityShape }),
  ]),
  unit,
  area: optional(quantityShape),
  per: optional(quantityShape),
});

export const progressSchema = z.strictObject({
  covered: quantityShape,
  target: quantityShape,
  left: quantityShape,
  started: quantityShape,
});

export const retreatSchema = z.strictObject({
  first: day,
  seasonEnd: day,
  minIntervalDays: optional(number),
  residualDays: optional(number),
  strategy: optional(z.enum(['once', 'protect', 'press'])),
  maxPerYear: optional(number),
  amount: optional(number),
  capAmount: optional(number),
  capWindow: optional(z.enum(['rolling', 'calendar'])),
  prior: optional(list(z.strictObject({ date: day, amount: optional(number) }))),
});
