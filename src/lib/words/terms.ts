import { many } from './plain-nouns';
import type {
  CandidateStatus,
  Concern,
  GuideGroup,
  RemedyFamily,
  Surrounding,
  ThresholdVerdict,
  Vigour,
} from '../core/identify';
import type { ExpectedBecause, Purpose } from '../core/case';
import type { EvidenceGrade, Family, Form, Stop } from '../core/labels';
import type { ScoreReason } from '../core/choose';

export const STOP_NAMES: Record<Stop, string> = {
  look: 'Look',
  name: 'Name',
  choose: 'Choose',
  measure: 'Measure',
  when: 'When',
  mix: 'Mix',
  place: 'Place',
  log: 'Log',
  recheck: 'Re-check',
};

export const VIGOUR_WORDS: Record<Vigour, string> = { weak: 'weak', fair: 'fair', strong: 'strong' };

export const STATUS_WORDS: Readonly<Record<string, string>> = {
  pest: 'a pest',
  useful: 'useful: leave it',
  protected: 'protected',
  notifiable: 'to be reported',
  dangerous: 'not by yourself',
} satisfies Record<CandidateStatus, string>;

export const CONCERN_WORDS: Record<Concern, string> = {
  medical: 'can harm people',
  structural: 'harms buildings',
  food: 'spoils food',
  stings: 'stings',
};

export const SURROUNDING_WORDS: Record<Surrounding, string> = {
  lawn: 'lawn',
  bed: 'bed or border',
  ground: 'bare ground, path, sand',
  wall: 'outside wall, eaves, shed',
  tree: 'tree or shrub',
  water: 'pond, barrel, still water',
  kitchen: 'kitchen',
  store: 'larder, dry food',
  bath: 'bathroom, drains',
  room: 'living room, windows',
  bedroom: 'bedroom, wardrobe',
  cellar: 'cellar, garage, boiler room',
  loft: 'loft, voids, timbers',
};

export const FAMILY_NAMES: Record<RemedyFamily, string> = {
  nothing: 'Nothing, tolerance',
  culture: 'Culture',
  physical: 'Physical',
  living: 'Living',
  regulator: 'Growth regulator',
  bait: 'Bait',
  selective: 'Selective, slow',
  systemic: 'Soil systemic',
  dust: 'Dust in voids',
  'soil-drench': 'Nest drench',
  residual: 'Residual spray',
  firm: 'Licensed firm',
};

export const GROUP_WORDS: Record<GuideGroup, string> = {
  turf: 'In turf',
  garden: 'In the garden',
  house: 'In the house',
  nesting: 'That nest',
  other: 'No insect',
};

/** What a case is for. */
export const PURPOSE_WORDS: Record<Purpose, string> = {
  control: 'Something is there',
  prevent: 'To prevent it',
  routine: 'A routine visit',
};
export const PURPOSE_HINTS: Record<Purpose, string> = {
  control: 'It is looked at, named and counted; the count says whether to treat.',
  prevent:
    'A stage that is not there yet. Nothing has to be counted first; the re-check is held against the threshold.',
  routine:
    'No insect is named: the targets are those of the label. Bloom, bees, water and the people of the place are asked all the same.',
};
export const BECAUSE_WORDS: Record<ExpectedBecause, string> = {
  history: 'it was here in other years',
  adults: 'adults were seen',
  neighbours: 'neighbours have it',
};

const THRESHOLD_WORDS: Record<ThresholdVerdict, string> = {
  below: 'Below the threshold',
  at: 'At the threshold',
  above: 'Above the threshold',
  'cannot-tell': 'Cannot tell yet',
};

/** How the count stands to the threshold; where presence decides, whether it is there. */
export function thresholdText({
  presence,
  verdict,
}: {
  readonly presence: boolean;
  readonly verdict: ThresholdVerdict;
}): string {
  if (!presence) return THRESHOLD_WORDS[verdict];
  return verdict === 'above' ? 'It is there' : 'None was caught';
}

/** What would tell it: so many more spots that read like these; more than anybody counts is said as what it means. */
export const moreSpotsText = (more: number | null, each: string, turf: boolean): string =>
  more === null
    ? `It lies so near to the threshold that counting on would hardly tell: go by ${turf ? 'the turf' : 'what else is seen'}, and by what it did before.`
    : more === 1
      ? `One more ${each} that reads like these would tell.`
      : `${more} more ${many(each)} that read like these would tell.`;

export const FAMILY_WORDS: Record<Family, string> = {
  culture: 'Culture',
  physical: 'Physical',
  living: 'Living',
  regulator: 'Growth regulator',
  bait: 'Bait',
  selective: 'Selective, slow',
  systemic: 'Soil systemic',
  dust: 'Dust in voids',
  'soil-drench': 'Nest drench',
  residual: 'Quick, broad',
};

export const FORM_WORDS: Record<Form, string> = {
  granule: 'granule',
  'bait-granule': 'bait granule',
  concentrate: 'liquid concentrate',
  powder: 'powder to mix with water',
  dust: 'dust',
  ready: 'ready to use',
  aerosol: 'aerosol',
  jet: 'long-range jet',
  gel: 'gel',
  station: 'station',
  nematodes: 'nematodes',
  trap: 'trap',
  sheet: 'sheet',
};

export const GRADE_WORDS: Record<EvidenceGrade, string> = {
  strong: 'strong evidence',
  fair: 'fair evidence',
  weak: 'weak evidence',
  none: 'no evidence',
  harmful: 'harmful',
};

export const SCORE_WORDS: Record<ScoreReason, string> = {
  mildness: 'mild on people, bees and water',
  evidence: 'evidence for this pest and stage',
  'on-shelf': 'on the shelf',
  quick: 'works within a week',
  lasting: 'protects a month or more',
  cost: 'cheapest here',
  'wish-children': 'children are here',
  'wish-pets': 'pets are here',
  'wish-bees': 'bees',
  'wish-water': 'water, fish',
  'wish-edibles': 'food grows here',
  'wish-no-synthetics': 'nothing synthetic',
  'wish-no-licence': 'nobody with a licence',
  'wish-budget': 'over the budget',
};

/** Where a remedy stands among those that may be used: its place, and its points against the best one's. */
export const standsWords = (place: number, points: number, best: number): string =>
  place === 0
    ? 'fits best'
    : points >= best * 0.9
      ? 'close behind'
      : points >= best * 0.6
        ? 'fits less well'
        : 'fits badly';

/** Why an hour does not fit. */
export function hourReason(code: string): string {
  switch (code) {
    case 'wind':
      return 'too windy';
    case 'calm':
      return 'too calm';
    case 'calm-air':
      return 'calm air: look first';
    case 'drift':
      return 'wind towards the water';
    case 'cold':
      return 'too cold';
    case 'hot':
      return 'too hot';
    case 'soil-cold':
      return 'soil too cold';
    case 'soil-hot':
      return 'soil too warm';
    case 'raining':
      return 'raining';
    case 'wet-ground':
      return 'ground too wet';
    case 'rain-soon':
      return 'rain too soon after';
    case 'heavy-rain':
      return 'heavy rain to come';
    case 'forecast-ends':
      return 'the forecast ends';
    case 'out-of-hours':
      return 'out of hours';
    case 'too-short':
      return 'too short for the job';
    default:
      return code;
  }
}
