import type { LabelFigureKind } from '../core/labels';
import { isUnit } from '../core/units';
import { unitText } from './show';

/** What a figure found in a label's text is. */
export const LABEL_FIGURE_WORDS: Readonly<Record<LabelFigureKind, string>> = {
  rate: 'The rate',
  dilution: 'The dilution',
  mix: 'The finished mix',
  'no-sooner': 'No sooner than, days',
  'about-every': 'Repeat about every, days',
  times: 'Most in 12 months, times',
  cap: 'The yearly most',
  watering: 'Watered in',
  'rain-free': 'Without rain, hours',
  'stays-dry': 'Stays dry, hours',
  wind: 'Wind at most',
  'air-below': 'Air, not below',
  'air-above': 'Air, not above',
  'soil-below': 'Soil, not below',
  'soil-above': 'Soil, not above',
  're-entry': 'People and pets off, hours',
  'until-dry': 'People and pets off until dry',
  harvest: 'Before harvest, days',
  water: 'From open water',
  keep: 'Kept at',
  strength: 'The active ingredient',
  registration: 'The registration',
  'signal-word': 'The signal word',
  size: 'What it holds',
};

/** What would be taken, as the label prints its numbers. */
export function labelFigureText(
  what: LabelFigureKind,
  fields: readonly (readonly [name: string, value: string])[],
): string {
  const of = new Map(fields);
  const said = (name: string): string => of.get(name) ?? '';
  const unit = (name: string): string => (isUnit(said(name)) ? unitText(said(name)) : said(name));
  const range = (from: string, to: string): string => (to === '' || to === from ? from : `${from} to ${to}`);
  switch (what) {
    case 'rate':
    case 'dilution':
      return `${range(said('least'), said('most'))} ${unit('rateUnit')} for ${said('per.value')} ${unit('per.unit')}`;
    case 'mix':
      return `${range(said('mix.value'), said('mixMost'))} ${unit('mix.unit')}`;
    case 'cap':
      return `${said('cap.value')} ${unit('cap.unit')} for ${said('capPer.value')} ${unit('capPer.unit')}`;
    case 'size':
      return `${said('size.value')} ${unit('size.unit')}`;
    case 'watering':
      return [said('waterMm'), said('waterHours') && `within ${said('waterHours')} h`]
        .filter(Boolean)
        .join(' ');
    case 'keep':
      return `${said('storeFrom')} to ${said('storeTo')}`;
    case 'strength':
      return `${said('actives.0.name')} ${said('actives.0.percent')} %`;
    case 'until-dry':
      return '';
    case 're-entry':
      return said('reEntryHours');
    default:
      return fields.map(([, value]) => value).join(' ');
  }
}
