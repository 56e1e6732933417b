import { TARGET_OF, type Method } from '../core/job';
import { isUnit, sameDimension, valueIn, type System, type Unit } from '../core/units';
import { JOB_FIELDS } from './job-form';

/** What is used here in place of a metric unit: the same kind of measure, of about the same size. */
const LOCAL: Readonly<Record<System, Partial<Record<Unit, Unit>>>> = {
  metric: {},
  uk: {},
  us: { ml: 'floz', l: 'gal', m2: 'ft2', m: 'ft', cm: 'in', g: 'oz', kg: 'lb', m3: 'ft3' },
};
/** Round figures of one system that are said as another round figure in another. */
const ROUND: Partial<Record<Unit, number>> = { ft2: 10 };

/** The unit in which a field opens in a workspace, and the round figure that stands beside it. */
export function opensIn(
  unit: Unit,
  units: readonly Unit[],
  system: System,
  value?: number,
): { readonly unit: Unit; readonly value: number | undefined } {
  const local = LOCAL[system][unit];
  if (local === undefined || !units.includes(local)) return { unit, value };
  const times = value !== undefined && value >= 100 ? (ROUND[local] ?? 1) : 1;
  return { unit: local, value: value === undefined ? undefined : value * times };
}

const KEEPS_NUMBER = /^(least|most|chosen)$/;

/**
 * What was typed for one method, as the next method can take it: an amount keeps its unit where the next field has it,
 * is converted where it measures the same thing, and is left out where it does not. No number ever stays without its
 * unit. Fields are the plain ones (`least`, `per.value`, `per.unit`), numbers as the core writes them.
 */
export function carriedOver(
  typed: Readonly<Record<string, string>>,
  from: Method,
  to: Method,
): Record<string, string> {
  const next = JOB_FIELDS[to];
  const kept: Record<string, string> = {};
  const ground = TARGET_OF[from] === TARGET_OF[to];
  const take = (name: string, units: readonly Unit[]): boolean => {
    const [value = '', unit = ''] = [typed[`${name}.value`], typed[`${name}.unit`]];
    if (!isUnit(unit) || value.trim() === '') return false;
    const other = units.includes(unit) ? unit : units.find((one) => sameDimension({ unit: one }, { unit }));
    if (other === undefined) return false;
    const number = Number(value);
    kept[`${name}.unit`] = other;
    kept[`${name}.value`] =
      value.trim() === '' || !Number.isFinite(number) || other === unit
        ? value
        : String(Number(valueIn({ value: number, unit }, other).toPrecision(12)));
    return true;
  };
  // A rate is a number, its unit, and what it is for: all of it goes over, or none.
  const rated = ['least', 'most', 'chosen'].some((name) => (typed[name] ?? '').trim() !== '');
  if (rated && take('per', next.per)) {
    for (const [name, value] of Object.entries(typed)) if (KEEPS_NUMBER.test(name)) kept[name] = value;
    if (typed.rateUnit !== undefined) kept.rateUnit = typed.rateUnit;
  }
  for (const { name, units } of next.fields) {
    if (name === 'target' && !ground) continue;
    if (units.length === 0) {
      if (typed[name] !== undefined) kept[name] = typed[name];
    } else take(name, units);
  }
  return kept;
}
