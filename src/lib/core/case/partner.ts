import type { Option } from '../choose';
import { dose, type DoseAnswer } from '../dose';
import {
  aboutWhom,
  cautionOf,
  type CardInUse,
  type Caution,
  type CautionCode,
  type Clause,
  type FactsOf,
} from '../labels';
import { targetFor, type Ground } from '../ground';
import { isAbove, quantity, type Quantity } from '../units';
import type { MixBody } from './facts';
import { carrierOfBoth, type SecondProduct } from './shared-tank';

/** A second product of a tank: in all, and for each load of the first. */
export interface PartnerAmounts {
  readonly product: Quantity;
  readonly loads: readonly Quantity[];
}

/**
 * How much of a second product goes into each load, by its own label's rate on the same ground. Mix with a partner has
 * nothing carried over, so that it is shared like the mix. null where its label is told otherwise than the ground.
 */
export function partnerAmounts(
  card: CardInUse,
  rate: number,
  lawn: Ground,
  first: DoseAnswer,
): PartnerAmounts | null {
  const made = dose({
    rate: { ...card.use.rate, chosen: rate },
    ...(card.use.carrier ? { carrier: card.use.carrier } : {}),
    target: targetFor(lawn, card.use.rate.per),
  });
  if ('refused' in made || !first.finished || first.finished.value <= 0) return null;
  const { exactProduct } = made.ok;
  const whole = first.finished.value;
  return {
    product: exactProduct,
    loads: first.loads.map(({ finished }) =>
      quantity((exactProduct.value * finished.value) / whole, exactProduct.unit),
    ),
  };
}

/** What stands against two products in one tank: both labels must allow it, and a jar must have stayed mixed. */
export function partnerCautions(
  partner: SecondProduct,
  mix: Pick<MixBody, 'carryOver'>,
  label: CardInUse,
  options: readonly Option[],
): Caution[] {
  if (!label.use.carrier) return [];
  const option = options.find((one) => one.label.id === partner.label);
  const halt = <Code extends CautionCode>(
    code: Code,
    facts: FactsOf<Code>,
    clause: Clause | null = null,
  ): Caution => cautionOf(code, 'halt', 'mix', 'change', facts, clause);
  if (!option?.label.use.carrier || partner.label === label.id)
    return [halt('partner-unknown', { label: option?.label.name ?? partner.label })];
  const other = option.label;
  // In a shared tank the mix of this one is already that of the other: its own label is asked again.
  const mine = options.find((one) => one.label.id === label.id)?.label ?? label;
  const both = { label: label.name, other: other.name };
  const against = [label, other].find((card) => card.mixWithOthers !== 'yes');
  const { min, max, unit } = other.use.rate;
  return [
    ...(against
      ? [
          halt(
            'partner-not-allowed',
            { label: against.name, other: against === label ? other.name : label.name },
            against.clauses.compatibility ?? null,
          ),
        ]
      : partner.jarResult === 'separates'
        ? [halt('partner-jar-failed', both)]
        : partner.jarResult === null || partner.jarOn === null || partner.jarBy === ''
          ? [halt('partner-jar-missing', both)]
          : []),
    ...(carrierOfBoth(mine.use, other.use)
      ? []
      : [halt('partner-carrier', both, other.clauses.rate ?? null)]),
    ...(mix.carryOver ? [halt('partner-carry-over', {})] : []),
    ...(isAbove(partner.rate, max) || isAbove(min, partner.rate)
      ? [
          halt(
            'partner-rate',
            { ...{ label: other.name, chosen: partner.rate, least: min, most: max }, unit },
            other.clauses.rate ?? null,
          ),
        ]
      : []),
    ...option.halts.map((found) => aboutWhom(found, other.id)),
    {
      code: 'partner-log',
      rank: 'note',
      stop: 'mix',
      settledBy: 'change',
      clause: null,
      facts: { label: other.name },
    },
  ];
}
