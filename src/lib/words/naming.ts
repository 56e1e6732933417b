import {
  CANNOT_TELL,
  NONE_OF_THESE,
  type DayOrNight,
  type Fact,
  type Finding,
  type Region,
  type Sign,
  type SourceKind,
} from '../core/identify';

/** How strongly a finding speaks, by how far it moves the odds in bits: one bit doubles them. */
export function weightWords(bits: number): string {
  const which = bits >= 0 ? 'for' : 'against';
  const by = Math.abs(bits);
  return by >= 4
    ? `strongly ${which}`
    : by >= 1
      ? which
      : by >= 0.2
        ? `slightly ${which}`
        : 'hardly anything';
}

/** How much a look would tell, against the one that tells most: its place in the order and its expected gain in bits. */
export const gainWords = (place: number, gainBits: number): string =>
  place === 0
    ? 'tells most'
    : gainBits >= 0.3
      ? 'tells much'
      : gainBits >= 0.05
        ? 'tells something'
        : 'tells little';

/** What was found of a sign: which of its values, none of them, that nobody could tell, or whether it was there. */
export function findingText(sign: Pick<Sign, 'values'> | undefined, finding: Finding): string {
  if (finding === CANNOT_TELL) return 'looked at, cannot tell';
  if (finding === NONE_OF_THESE) return 'none of those named';
  if (typeof finding === 'string')
    return sign?.values?.find(({ id }) => id === finding)?.name ?? 'something else';
  return finding ? 'seen' : 'looked for, not seen';
}

/** What looking for a sign takes: time, tool, darkness. */
export const effortText = ({ effortSeconds, tool, night }: Sign): string =>
  [
    effortSeconds < 90
      ? `${effortSeconds} s`
      : effortSeconds > SECONDS_OF_DAY
        ? `${Math.round(effortSeconds / SECONDS_OF_DAY)} days`
        : `${Math.round(effortSeconds / 60)} min`,
    ...(tool === null ? [] : [tool]),
    ...(night ? ['after dark'] : []),
  ].join(', ');
const SECONDS_OF_DAY = 86_400;

/** Parts of the world by which causes are weighed. */
export const REGION_WORDS: Readonly<Record<Region, string>> = {
  ...{ europe: 'Europe north of the Alps', mediterranean: 'the Mediterranean', africa: 'Africa' },
  ...{ 'america-north': 'North America', 'america-warm': 'the warm south of North America' },
  ...{ latin: 'Latin America', asia: 'temperate Asia', tropics: 'the tropics of Asia and the Pacific' },
  ...{ australia: 'Australia', 'new-zealand': 'New Zealand' },
};

/** When it is met, of what is met by day or by night alone. */
export const HOURS_WORDS: Readonly<Record<DayOrNight, string>> = {
  day: 'It is about by day.',
  night: 'It is about at night, and hidden by day.',
};

/** Of what kind a source is, and what each fact of an entry is called beside it. */
export const SOURCE_KIND_WORDS: Readonly<Record<SourceKind, string>> = {
  handbook: 'handbooks of identification',
  extension: 'published guidance of advisory services',
  law: 'lists of protected and notifiable animals; yours may differ',
  practice: 'practice of the trade',
  judgement: 'our judgement, held against told sightings',
};
export const FACT_WORDS: Readonly<Record<Fact, string>> = {
  ...{ name: 'Name and telling mark', sizes: 'Stages and sizes', season: 'Time of year' },
  'season-turned': 'Time of year, turned round by six months',
  hours: 'By day or at night',
  ...{ places: 'How often it is the cause, by place', likelihoods: 'How often it shows each sign' },
  ...{ threshold: 'The number from which treating is worth it', presence: 'That any of it counts' },
  ...{ works: 'What works, and how soon', 'hardly-works': 'What hardly works', harms: 'What harms' },
  ...{ status: 'Protected or to be reported', advice: 'What to do, and whom to call' },
};
