import { methodRow, type Measured, type MethodId, type MethodRow } from '../method';
import { dimensionOf } from '../units';
import type { CardInUse, Form, LabelUse, Site } from './label';

const INDOORS: ReadonlySet<Site> = new Set(['indoors', 'food-area', 'textiles', 'void', 'drain']);

/** How a use of a card is put down, by what its label says of it and the form in which it comes. */
function idOf(form: Form, use: Pick<LabelUse, 'method' | 'sites' | 'rate'>): MethodId {
  const perPlace = use.rate?.per.unit === 'count';
  switch (use.method) {
    case 'spread':
      return 'granule-spreader';
    case 'spray':
      if (form === 'nematodes') return 'nematodes';
      if (form === 'aerosol') return 'aerosol';
      return use.sites.every((site) => INDOORS.has(site)) ? 'spray-room' : 'spray-ground';
    case 'band':
      return 'spray-band';
    case 'crevice':
      return form === 'aerosol' ? 'aerosol' : 'spray-cracks';
    case 'spot':
      return form === 'powder' || form === 'granule' ? 'points-grid' : 'spray-cracks';
    case 'drops':
      return 'gel-drops';
    case 'stations':
      return 'bait-station';
    case 'scatter':
      if (use.sites.every((site) => site === 'water')) return 'water';
      return form === 'bait-granule' || perPlace ? 'bait-granule' : 'granule-shaker';
    case 'film':
      return use.sites.includes('nest') || use.sites.every((site) => site === 'void')
        ? 'dust-void'
        : 'dust-film';
    case 'jet':
      return use.sites.includes('nest') ? 'nest-jet' : 'aerosol';
    case 'drench':
      return 'drench';
    case 'soil-mix':
      return 'dug-soil';
    case 'pour':
      return use.sites.includes('water') ? 'water' : 'drain';
    case 'cover':
      return 'ground-sheet';
    case 'hang':
      return 'trap';
    case 'fog':
      return 'space-spray';
  }
}

/** All that the way in which a use is put down decides. */
export const methodOf = (
  card: { readonly form: Form },
  use: Pick<LabelUse, 'method' | 'sites' | 'rate'>,
): MethodRow => methodRow(idOf(card.form, use));

/** By what of the ground the label of a card in use reckons: what its rate is told per, or its mix where it is a dilution. */
export function measuredFor({ use }: Pick<CardInUse, 'use'>, method: MethodRow): Measured {
  if (use.instruction !== null) return 'instruction';
  const per = use.rate.basis === 'mix' ? use.carrier?.per : use.rate.per;
  switch (per ? dimensionOf(per.unit) : null) {
    case 'area':
      return 'area';
    case 'length':
      return 'edge';
    case 'things':
      return 'places';
    case 'volume':
      return 'volume';
    default:
      return method.measured;
  }
}
