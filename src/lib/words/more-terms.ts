import type { MoreField, MoreKey, MoreSection } from '../core/labels';
import { enteredUnit } from '../core/units';
import { LICENCE_CATEGORY_WORDS } from './premises-terms';
import type { Show } from './show';
import { unitText } from './show';

export const MORE_SECTION_WORDS: Readonly<Record<MoreSection, string>> = {
  people: 'First aid by route, poison line, licence',
  handling: 'Wear, stirring, flames',
  'put-down': 'How it is put down',
  limits: 'Limits for people, animals, ground',
  surroundings: 'Water, wells, bees, ducts',
  resistance: 'Resistance',
};

/** What each clause is called in the form and on the card. */
export const MORE_WORDS: Readonly<Record<MoreKey, string>> = {
  figuresOnly: 'Only the figures of the label are copied',
  notAPesticide: 'Not a registered pesticide',
  licenceCategory: 'The licence is for',
  firstAidSwallowed: 'First aid, swallowed',
  firstAidSkin: 'First aid, on skin',
  firstAidEyes: 'First aid, in the eyes',
  firstAidBreathed: 'First aid, breathed in',
  antidote: 'Antidote, note to the doctor',
  poisonLine: 'Number for poisoning on the label',
  wearToMix: 'Wear while mixing',
  wearToApply: 'Wear while applying',
  respirator: 'Kind of respirator',
  agitation: 'Keep it stirred',
  ignition: 'Flames and sparks',
  resistanceGenerations: 'Change the group after',
  instruction: 'How to use it, where no rate is stated',
  distanceM: 'Held away by',
  seconds: 'Seconds or sweeps',
  passes: 'Passes',
  spacingM: 'From point to point',
  dropMg: 'One drop is',
  stockLitres: 'A pack or sponge makes stock of',
  spreaderSettings: 'Spreader settings by model',
  droplets: 'Droplets',
  nozzle: 'Nozzle',
  boomHeightM: 'Height of the boom',
  crackOnly: 'In cracks and crevices only',
  noBroadcast: 'Never over the whole surface',
  stationsClosed: 'Stations may not be opened',
  baitPerStation: 'Bait in a station',
  mostGroundPerDayM2: 'Most ground in a day',
  mostPerHouse: 'Most for a house and day',
  neverWaterIn: 'Never watered in',
  workerReEntryHours: 'Workers off for',
  airingHours: 'Air the room for',
  untilSettled: 'Off until the dust or spray has settled',
  grazingDays: 'No grazing for',
  plantBackDays: 'Nothing planted for',
  keepClippings: 'Clippings stay where they fall',
  vegetatedStripM: 'Grown strip beside water',
  wellM: 'From wells and drains',
  notOnSaturated: 'Not on soaked ground',
  protectedSpecies: 'Protected species',
  notInAirDucts: 'Not in air ducts',
  notInElectricPanels: 'Not in electrical panels',
  pollinatorHours: 'For pollinators',
  daysBeforeBloom: 'Last day before bloom',
};

/** How a strength is printed. */
export const STRENGTH_WORDS: Readonly<Record<string, string>> = {
  'g/l': 'g in a litre',
  'g/kg': 'g in a kilogram',
  'lb/gal': 'lb in a gallon (US)',
  'oz/gal': 'oz in a gallon (US)',
};

const CHOICE_WORDS: Readonly<Record<string, string>> = {
  none: 'not needed',
  shake: 'shaken before and now and then',
  constant: 'all the time',
  fine: 'fine',
  medium: 'medium',
  coarse: 'coarse',
  'very-coarse': 'very coarse',
  evening: 'in the evening only',
  'not-while-flying': 'not while bees fly',
  'days-before-bloom': 'only so many days before bloom',
  ...LICENCE_CATEGORY_WORDS,
};
export const moreChoiceText = (choice: string): string => CHOICE_WORDS[choice] ?? choice;

const IN_WORDS: Readonly<Record<NonNullable<MoreField['in']>, string>> = {
  ...{
    hours: 'hours',
    days: 'days',
    times: 'times',
    g: 'g',
    mg: 'mg',
    l: 'l',
    micrometres: 'µm',
    bar: 'bar',
  },
  ...{ '%': '%', m2: 'm²', generations: 'generations' },
};

/** What stands behind the name of a number in the form. */
export function moreUnitText(field: MoreField, show: Show): string {
  if (field.kind === 'measure' && field.measure)
    return unitText(enteredUnit(field.measure, show.manner.units));
  return field.in ? IN_WORDS[field.in] : '';
}

/** What a card says of a clause. */
export function moreText(field: MoreField, value: string | number | boolean, show: Show): string {
  if (value === true) return 'yes';
  if (typeof value === 'string') return field.kind === 'choice' ? moreChoiceText(value) : value;
  if (typeof value !== 'number') return '';
  if (field.kind === 'measure') return show.lengthText(value);
  if (field.in === 'm2') return show.areaText(value);
  if (field.in === 'g') return show.massText(value);
  const unit = field.in ? IN_WORDS[field.in] : '';
  return `${show.exactText(value)} ${value === 1 ? unit.replace(/(?<=[a-z]{3})s$/, '') : unit}`.trim();
}
