import type { EntryInUse } from '../choose';
import { dose, stockOf, wholePacks, type DoseAnswer, type Packs, type Stock } from '../dose';
import { targetFor, type Ground } from '../ground';
import { capOf, measuredFor, methodOf } from '../labels';
import { applicationsOf, type OnGround } from '../record';
import { invalid, isRefused, type Refusal } from '../result';
import { inYearOf, quantity, sameDimension, valueIn, type Quantity } from '../units';
import { dayOfWork } from './day-of-work';
import type { Name } from './diagnosis';
import { doneOf } from './done-of';
import type { CaseFacts } from './facts';
import { lotInUse } from './lot-in-use';
import { cardIn, carrierOfBoth, partnerOf } from './shared-tank';
import type { CaseView } from './view';

/**
 * A dilution that does not say how much mix goes where is made up as much as somebody wants of it: that is its finished mix for
 * the whole of what is treated.
 */
export function madeUp(
  chosen: EntryInUse | null,
  make: Quantity | null,
  lawn: Ground | null,
): EntryInUse | null {
  if (!chosen || !make || !lawn || chosen.label.use.carrier || chosen.label.use.rate.basis !== 'mix')
    return chosen;
  const whole = doneOf(lawn, measuredFor(chosen.label, methodOf(chosen.label, chosen.label.use)));
  if (!(whole.value > 0)) return chosen;
  const use = { ...chosen.label.use, carrier: { amount: make, per: whole } };
  return { ...chosen, label: { ...chosen.label, use } };
}

/** In a tank that is shared there is one finished volume, within what both labels let theirs be made up to. */
export function inOneVolume(facts: CaseFacts, chosen: EntryInUse | null, { named }: Name): EntryInUse | null {
  const pest = named?.id ?? null;
  const partner = chosen?.label.use.carrier ? partnerOf(facts, pest) : null;
  const other = partner && cardIn(facts, pest, partner.label);
  const carrier = chosen && other && carrierOfBoth(chosen.label.use, other.use);
  return carrier ? { ...chosen, label: { ...chosen.label, use: { ...chosen.label.use, carrier } } } : chosen;
}

const wholeFor = (lawn: Ground, per: Quantity): Quantity =>
  sameDimension(per, lawn.area) ? lawn.area : targetFor(lawn, per);

export interface Mixed {
  readonly dose: DoseAnswer | null;
  readonly refused: readonly Refusal[];
  readonly rate: number | null;
  readonly used: number;
  readonly stock: Stock | null;
}

export function mixOf(
  facts: CaseFacts,
  chosen: EntryInUse | null,
  lawn: Ground | null,
  ground: OnGround,
): Mixed {
  if (!chosen || !lawn) return { dose: null, refused: [], rate: null, used: 0, stock: null };
  const { use, id } = chosen.label;
  // By its instruction: nothing is reckoned, and what was used is weighed or counted at Log.
  if (use.instruction !== null) return { dose: null, refused: [], rate: null, used: 0, stock: null };
  if (use.rate.basis === 'mix' && !use.carrier)
    return { dose: null, refused: [invalid('make', 'needed')], rate: null, used: 0, stock: null };
  const mix = facts.stops.mix;
  const rate = mix?.rate ?? use.rate.min;
  const container = lotInUse(chosen, facts);
  const used = Math.max(
    ...ground.parts.map((records) =>
      applicationsOf(records, id, use.rate.unit)
        .filter((a) => inYearOf(a.date, dayOfWork(facts), 'rolling'))
        .reduce((sum, a) => sum + a.amount, 0),
    ),
  );
  const capped = capOf(use, 'product');
  // What is made up for the whole is for the whole, however that is measured.
  const target =
    use.rate.basis === 'mix' && use.carrier ? wholeFor(lawn, use.carrier.per) : targetFor(lawn, use.rate.per);
  const part = partOfRate(use.rate, rate, mix?.half === true);
  const packed = packsFor(chosen, target, part, mix?.packs ?? 'whole', container?.size ?? null);
  const result = dose({
    rate: packed ? { ...part, chosen: packed.rate } : part,
    ...(use.carrier ? { carrier: use.carrier } : {}),
    target,
    rounding: 'inside',
    ...(lawn.areaLow && lawn.areaHigh && target === lawn.area
      ? { mergeRest: quantity((lawn.areaHigh.value - lawn.areaLow.value) / 2, lawn.area.unit) }
      : {}),
    ...(use.carrier && mix?.tank
      ? { tank: { capacity: mix.tank, ...(mix.carryOver ? { carryOver: mix.carryOver } : {}) } }
      : {}),
    split: mix?.split ?? 'fill',
    ...(mix?.step ? { measureStep: mix.step } : {}),
    ...(mix?.holds && mix.step && sameDimension(mix.holds, mix.step) ? { measureHolds: mix.holds } : {}),
    ...(container && container.price !== null && sameDimension(container.size, use.rate)
      ? { container: { size: container.size, price: container.price } }
      : {}),
    ...(capped ? { cap: { ...capped, used: quantity(used, use.rate.unit) } } : {}),
  });
  if (isRefused(result)) return { dose: null, refused: result.refused, rate, used, stock: null };
  const loads = result.ok.loads.map(({ product }) => product.value);
  return {
    ...{ dose: result.ok, refused: [], rate, used },
    stock: packed ? stockOf(packed, packed.pack, packed.litresEach, loads) : null,
  };
}

/** The rate of one go: all of it, or half where the dose is put down in two. */
export const partOfRate = <R extends { readonly min: number; readonly max: number }>(
  rate: R,
  chosen: number,
  half: boolean,
): R & { chosen: number } =>
  half ? { ...rate, min: rate.min / 2, max: rate.max / 2, chosen: chosen / 2 } : { ...rate, chosen };

/** What comes in packs that are rinsed out into stock: how many, and the rate that they come to; null for all else. */
function packsFor(
  { label: { form, use, container } }: EntryInUse,
  target: Quantity,
  rate: { readonly min: number; readonly max: number; readonly chosen: number },
  wish: 'whole' | 'exact',
  size: Quantity | null,
): (Packs & { pack: number; litresEach: number; rate: number }) | null {
  const litresEach = Number(use.more?.stockLitres ?? 0);
  const pack = size ?? container.size;
  if (form !== 'nematodes' || !(litresEach > 0) || !sameDimension(pack, use.rate)) return null;
  if (!sameDimension(target, use.rate.per) || use.rate.basis !== 'target') return null;
  const times = valueIn(target, use.rate.per.unit) / use.rate.per.value;
  const held = valueIn(pack, use.rate.unit);
  if (!(times > 0) || !(held > 0)) return null;
  const need = rate.chosen * times;
  const packs =
    wish === 'exact'
      ? { ...wholePacks({ need, least: need, most: 0, pack: held }), laid: need, whole: false }
      : wholePacks({ need, least: rate.min * times, most: rate.max * times, pack: held });
  return { ...packs, pack: held, litresEach, rate: packs.laid / times };
}

export function allowanceOf(
  answer: DoseAnswer | null,
  chosen: EntryInUse | null,
  used: number,
): CaseView['allowance'] {
  if (!answer?.cap || !chosen) return null;
  const unit = chosen.label.use.rate.unit;
  const carried = answer.cap.allowed.value - answer.cap.left.value - used;
  return { allowed: answer.cap.allowed, used: quantity(used, unit), now: quantity(carried, unit) };
}
