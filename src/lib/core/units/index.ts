export { byCodeUnit, ceilOf, floorOf, isAbove, roundHalfUp } from './compare';
export {
  addDays,
  dayNumber,
  daysBetween,
  fromDayNumber,
  inYearOf,
  outOfYear,
  monthOf,
  oneYearEarlier,
  parseDay,
  yearOf,
} from './day';
export type { CalendarDay } from './day';
export {
  convert,
  fromBase,
  hasDimension,
  inBase,
  inHandyUnit,
  quantity,
  sameDimension,
  valueIn,
} from './quantity';
export type { Quantity, QuantityOf, Rate } from './quantity';
export { ALL_UNITS, dimensionOf, isUnit } from './unit';
export type { AreaUnit, Dimension, LengthUnit, MassUnit, Unit, UnitOf, VolumeUnit } from './unit';
export {
  AS,
  BEFORE,
  CLOCK,
  DAY,
  MOST,
  TODAY,
  doubtfulText,
  doubtIn,
  IN,
  UNIT,
  enteredNumber,
  enteredUnit,
  fromKept,
  KEPT_IN,
  keptFrom,
  toKept,
} from './entered';
export type { EnteredUnit, Measure, System } from './entered';
export { DATE_ORDERS, groupOf, NUMBER_MANNERS, pointOf } from './manner';
export type { DateOrder, NumberManner } from './manner';
export { LONGEST_NUMBER, readNumber } from './read-number';
export type { NumberRead } from './read-number';
export { LONGEST_AMOUNT, readQuantity, unitNamed } from './read-quantity';
export type { QuantityRead } from './read-quantity';
export { readTyped } from './read-typed';
export type { TypedNumber } from './read-typed';
export { entryText, writeNumber } from './write-number';
export { dayEntry, readClock, readDay } from './read-day';
export { aboveZero, alike, firstRefusals, measures, notNegative } from './gate';
