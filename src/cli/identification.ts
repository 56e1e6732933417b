import { CANDIDATES, SIGNS } from '../lib/catalog';
import { rankCase, type Finding, type Hemisphere, type Surrounding } from '../lib/core/identify';
import { SURROUNDING_WORDS } from '../lib/words';
import written from './sightings.json';

export interface Sighting {
  readonly answer: string;
  readonly surrounding: Surrounding;
  readonly month: number;
  readonly hemisphere: Hemisphere;
  readonly text: string;
  /** What was found, in the order in which it was told. */
  readonly found: readonly (readonly [sign: string, finding: Finding])[];
}

/** Made-up sightings with the right answer, told as somebody tells them: with what is missing and what misleads. */
export const SIGHTINGS = written as unknown as readonly Sighting[];

export interface Trial {
  readonly sighting: Sighting;
  readonly answers: number;
  /** From 1; where the right answer stands. */
  readonly rank: number;
  readonly said: string;
  readonly p: number;
}

/** Each sighting run through the core with its first answers, so many of them. */
export function trialsWith(answers: number, sightings: readonly Sighting[] = SIGHTINGS): Trial[] {
  return sightings.map((sighting) => {
    const { ranked } = rankCase(CANDIDATES, SIGNS, Object.fromEntries(sighting.found.slice(0, answers)), {
      month: sighting.month,
      hemisphere: sighting.hemisphere,
      surrounding: sighting.surrounding,
      history: {},
      lengthMm: null,
    });
    return {
      sighting,
      answers,
      rank: ranked.findIndex((r) => r.id === sighting.answer) + 1,
      said: ranked[0]?.id ?? '',
      p: ranked[0]?.p ?? 0,
    };
  });
}

export const shareWithin = (trials: readonly Trial[], rank: number): number =>
  trials.filter((t) => t.rank <= rank).length / trials.length;

const BINS = [
  [0.9, 1.01, '90 % and more'],
  [0.8, 0.9, '80 to 90 %'],
  [0.5, 0.8, '50 to 80 %'],
  [0, 0.5, 'under 50 %'],
] as const;

/** How often what was said with so much certainty was right. */
export const calibrationOf = (trials: readonly Trial[]) =>
  BINS.map(([from, to, name]) => {
    const said = trials.filter((t) => t.p >= from && t.p < to);
    return { name, said: said.length, right: said.filter((t) => t.rank === 1).length };
  });

/** docs/identification.md, with the misses. */
export function identificationReport(): string {
  const [four, eight] = [trialsWith(4), trialsWith(8)];
  const name = (id: string): string => CANDIDATES.find((c) => c.id === id)?.name ?? id;
  const pct = (share: number): string => `${Math.round(share * 100)} %`;
  const row = (trials: readonly Trial[], answers: number): string =>
    `| ${answers} | ${pct(shareWithin(trials, 1))} | ${pct(shareWithin(trials, 3))} |`;
  const miss = (t: Trial): string =>
    `| ${t.answers} | ${t.sighting.text} (${SURROUNDING_WORDS[t.sighting.surrounding]}, month ${t.sighting.month}, ${t.sighting.hemisphere}) | ${name(t.sighting.answer)} | ${t.rank} | ${name(t.said)}, ${pct(t.p)} |`;
  return `# How well the core names what was seen

Written by \`npm run identification\`; a test holds this page to what the core does. ${SIGHTINGS.length} made-up sightings
(src/cli/sightings.json) of every family, with drought and useful animals among them, are run through the core with
their first 4 and their first 8 answers. The catalogue has ${CANDIDATES.length} entries and ${SIGNS.length} signs.

The sightings were written by the same people as the catalogue, so the figures tell how the ranking behaves on tidy
stories, not how it will fare in the field; likelihoods are judgements, not measurements.

| answers | right name first | among the first three |
| --- | --- | --- |
${row(four, 4)}
${row(eight, 8)}

## Of what was said with so much certainty, how much was right

| certainty of the first name | said, 4 answers | right | said, 8 answers | right |
| --- | --- | --- | --- | --- |
${calibrationOf(four)
  .map((bin, i) => {
    const other = calibrationOf(eight)[i];
    return `| ${bin.name} | ${bin.said} | ${bin.right} | ${other?.said} | ${other?.right} |`;
  })
  .join('\n')}

## The misses

| answers | sighting | right | its rank | said instead |
| --- | --- | --- | --- | --- |
${[...four, ...eight]
  .filter((t) => t.rank > 1)
  .map(miss)
  .join('\n')}

## How it is reckoned

- Before anything is looked at: the share of the month (turned by six months in the south) times the share of the place,
  and once more for each earlier case in which the property had it.
- Each finding multiplies by its likelihood, held to 0.01 to 0.99. A sign with several values (the spines of a grub, the
  look of a flying insect) is one finding.
- Signs that come together (birds, digging, lifting turf) count once: for each candidate by the least of their
  likelihoods, as for events that never come apart. What a candidate cannot show counts against it in full, so that it
  is never raised by it.
- A measured body length counts as one more finding, by how well it fits the stages.
- From 80 % a name is said plainly; below, the answer is “not sure”, with the look that gains most for its effort (a look
  of five minutes counts half, one that needs a night half again, a tool four fifths).
- What is protected, useful, to be reported or dangerous halts the plan above 5 %, until its own mark was looked for and
  found otherwise.
`;
}
