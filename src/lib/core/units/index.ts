export { byCodeUnit, ceilOf, floorOf, isAbove, roundHalfUp } from './compare';
export {
  addDays,
  dayNumber,
  daysBetween,
  fromDayNumber,
  monthOf,
  oneYearEarlier,
  parseDay,
  yearOf,
} from './day';
export type { CalendarDay } from './day';
export { convert, fromBase, hasDimension, inBase, quantity, sameDimension, valueIn } from './quantity';
export type { Quantity, QuantityOf, Rate } from './quantity';
export { ALL_UNITS, dimensionOf, isUnit } from './unit';
export type { AreaUnit, Dimension, LengthUnit, MassUnit, Unit, UnitOf, VolumeUnit } from './unit';
export { BEFORE, IN, enteredText, enteredUnit, fromKept, KEPT_IN, keptFrom, toKept } from './entered';
export type { EnteredUnit, Measure, System } from './entered';
export { aboveZero, alike, firstRefusals, measures, notNegative } from './gate';
