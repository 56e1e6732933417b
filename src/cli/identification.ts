import { CANDIDATES, SIGNS } from '../lib/catalog';
import {
  NONE_OF_THESE,
  askingOf,
  BODY_LENGTH,
  rankCase,
  type Candidate,
  type Finding,
  type Hemisphere,
  type Region,
  type Sign,
  type Surrounding,
} from '../lib/core/identify';
import { SURROUNDING_WORDS } from '../lib/words';
import written from './sightings.json';
import told from './told.json';

type Found = readonly (readonly [sign: string, finding: Finding])[];

export interface Sighting {
  readonly answer: string;
  readonly surrounding: Surrounding;
  readonly month: number;
  readonly hemisphere: Hemisphere;
  readonly region?: Region;
  readonly text: string;
  /** What was found, in the order in which it was told. */
  readonly found: Found;
}

interface Told extends Omit<Sighting, 'text' | 'found'> {
  readonly told: readonly string[];
  /** Of each sentence, what it is in the catalogue’s signs; nothing where no sign says it. */
  readonly found: readonly Found[];
}

/** Made-up sightings with the right answer, told by the signs of the catalogue: with what is missing and what misleads. */
export const SIGHTINGS = written as unknown as readonly Sighting[];

/** Sightings in the words of people, written before the catalogue had the signs for them, and coded afterwards. */
export const TOLD: readonly Sighting[] = (told as unknown as readonly Told[]).map((one) => ({
  ...one,
  text: one.told.join('. '),
  found: one.found.flat(),
}));

/** Of all that was told, the share that has no sign. */
export const untoldShare = (): number => {
  const sentences = (told as unknown as readonly Told[]).flatMap(({ found }) => found);
  return sentences.filter((found) => found.length === 0).length / sentences.length;
};

export interface Trial {
  readonly sighting: Sighting;
  readonly answers: number;
  /** From 1; where the right answer stands. */
  readonly rank: number;
  readonly said: string;
  readonly p: number;
  /** Its name is said plainly. */
  readonly plainly: boolean;
}

const rankingOf = (
  { month, hemisphere, surrounding, region }: Sighting,
  found: Readonly<Record<string, Finding>>,
) =>
  rankCase(CANDIDATES, SIGNS, found, {
    ...{ month, hemisphere, surrounding, region: region ?? null, history: {} },
    // “An inch long” is a measured body, and no sign.
    lengthMm: typeof found[BODY_LENGTH] === 'string' ? Number(found[BODY_LENGTH]) : null,
  });

function trialOf(sighting: Sighting, found: Found): Trial {
  const { ranked, sure } = rankingOf(sighting, Object.fromEntries(found));
  return {
    ...{ sighting, answers: found.length, rank: ranked.findIndex((r) => r.id === sighting.answer) + 1 },
    ...{ said: ranked[0]?.id ?? '', p: ranked[0]?.p ?? 0 },
    plainly: sure,
  };
}

/** Each sighting run through the core with its first answers, so many of them. */
export const trialsWith = (answers: number, sightings: readonly Sighting[] = SIGHTINGS): Trial[] =>
  sightings.map((sighting) => trialOf(sighting, sighting.found.slice(0, answers)));

export const shareWithin = (trials: readonly Trial[], rank: number): number =>
  trials.filter((t) => t.rank <= rank).length / trials.length;

/** Mean of the squared distance between the certainty of the first name and whether it was right: 0 at best, 1 at worst. */
export const brierOf = (trials: readonly Trial[]): number =>
  trials.reduce((sum, { p, rank }) => sum + (p - (rank === 1 ? 1 : 0)) ** 2, 0) / trials.length;

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

const signOf = new Map(SIGNS.map((sign) => [sign.id, sign]));
const candidateOf = new Map(CANDIDATES.map((one) => [one.id, one]));

/** What somebody finds who looks for a sign of this cause: what is likeliest there. */
function likeliest(candidate: Candidate, { id, values, usual }: Sign): Finding {
  const given = candidate.signs[id];
  if (values === null) return (typeof given === 'number' ? given : usual) >= 0.5;
  if (typeof given !== 'object') return NONE_OF_THESE;
  return Object.entries(given).reduce((best, one) => (one[1] > best[1] ? one : best), [NONE_OF_THESE, 0] as [
    string,
    number,
  ])[0];
}

const MOST_ANSWERS = 15;
const NONE: ReadonlySet<string> = new Set();

/**
 * How many answers it takes from nothing but place and month to a name that is said plainly: asked as a person is, or down the list
 * as it stands; so many as are asked at most where it never is. A question is answered by what was told, else by what is likeliest.
 */
export function answersNeeded(sighting: Sighting, order: 'next' | 'list'): number {
  const candidate = candidateOf.get(sighting.answer);
  if (!candidate) throw new Error(`no entry: ${sighting.answer}`);
  const known = new Map(sighting.found);
  const found: Record<string, Finding> = {};
  for (let answers = 0; answers < MOST_ANSWERS; answers++) {
    const ranking = rankingOf(sighting, found);
    if (ranking.ranked[0]?.id === sighting.answer && ranking.sure) return answers;
    const asked =
      order === 'next'
        ? signOf.get(askingOf(ranking, SIGNS, { skipped: NONE, first: null }).ask ?? '')
        : SIGNS.find(({ id, places }) => found[id] === undefined && places.includes(sighting.surrounding));
    if (!asked) return MOST_ANSWERS;
    found[asked.id] = known.get(asked.id) ?? likeliest(candidate, asked);
  }
  return MOST_ANSWERS;
}

export const medianOf = (numbers: readonly number[]): number =>
  [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)] ?? 0;

/** Sightings that were told with something gone wrong, and how often the wrong name is said plainly then. */
export function robustness(sightings: readonly Sighting[]) {
  const spoilt = {
    'one fact less': sightings.flatMap((s) =>
      s.found.length < 2
        ? []
        : s.found.map((_, i) =>
            trialOf(
              s,
              s.found.filter((_f, k) => k !== i),
            ),
          ),
    ),
    'one wrong tick': sightings.flatMap((s) =>
      SIGNS.filter(
        ({ id, values, places, usual }) =>
          values === null &&
          places.includes(s.surrounding) &&
          !s.found.some(([sign]) => sign === id) &&
          Number(candidateOf.get(s.answer)?.signs[id] ?? usual) < 0.1,
      ).map(({ id }) => trialOf(s, [...s.found, [id, true]])),
    ),
    'one value misread': sightings.flatMap((s) =>
      s.found.flatMap(([sign, finding], i) =>
        (signOf.get(sign)?.values ?? [])
          .filter(({ id }) => typeof finding === 'string' && id !== finding)
          .map(({ id }) =>
            trialOf(
              s,
              s.found.map((one, k) => (k === i ? ([sign, id] as const) : one)),
            ),
          ),
      ),
    ),
  };
  return Object.entries(spoilt).map(([what, trials]) => ({
    what,
    tried: trials.length,
    right: trials.filter(({ rank }) => rank === 1).length,
    wrongAndSure: trials.filter(({ rank, plainly }) => rank > 1 && plainly).length,
  }));
}

const pct = (share: number): string => `${Math.round(share * 1000) / 10} %`;
const nameOf = (id: string): string => candidateOf.get(id)?.name ?? id;

function reliabilityRows(sets: readonly (readonly Trial[])[]): string {
  const bins = sets.map(calibrationOf);
  return BINS.map(
    ([, , name], i) => `| ${name} | ${bins.map((set) => `${set[i]?.said} | ${set[i]?.right}`).join(' | ')} |`,
  ).join('\n');
}

const missRow = (t: Trial): string =>
  `| ${t.answers} | ${t.sighting.text} (${SURROUNDING_WORDS[t.sighting.surrounding]}, month ${t.sighting.month}, ${t.sighting.region ?? t.sighting.hemisphere}) | ${nameOf(t.sighting.answer)} | ${t.rank} | ${nameOf(t.said)}, ${pct(t.p)} |`;

/** docs/identification.md, with the misses. */
export function identificationReport(): string {
  const [four, eight] = [trialsWith(4), trialsWith(8)];
  const all = trialsWith(99, TOLD);
  const row = (name: string, trials: readonly Trial[]): string =>
    `| ${name} | ${trials.length} | ${pct(shareWithin(trials, 1))} | ${pct(shareWithin(trials, 3))} | ${pct(trials.filter(({ plainly }) => plainly).length / trials.length)} | ${brierOf(trials).toFixed(3)} |`;
  const [asked, listed] = (['next', 'list'] as const).map((order) =>
    TOLD.map((s) => answersNeeded(s, order)),
  );
  const within = (counts: readonly number[] = [], most: number): string =>
    pct(counts.filter((n) => n <= most).length / counts.length);
  return `# How well the core names what was seen

Written by \`npm run identification\`; a test holds this page to what the core does. The catalogue has ${CANDIDATES.length} entries and
${SIGNS.length} signs. Two sets of made-up sightings are run through the core:

- **told** (src/cli/told.json): ${TOLD.length} sightings in the words of people, from ten parts of the world, written down before the
  catalogue was opened, with the right name. Afterwards each sentence was coded by the signs that say it; ${pct(untoldShare())} of the
  sentences have none, most of them because they tell nothing apart.
- **tidy** (src/cli/sightings.json): ${SIGHTINGS.length} sightings written by the signs, with their first 4 and their first 8 answers.

Nearly half of the entries and signs were added so that the told sightings could be said at all. So these figures tell that the
catalogue says what it was made to say; they do not tell how it fares on the next hundred. Likelihoods are judgements, not
measurements.

| sightings | number | right name first | among the first three | said plainly | Brier |
| --- | --- | --- | --- | --- | --- |
${row('told', all)}
${row('tidy, 4 answers', four)}
${row('tidy, 8 answers', eight)}

## Of what was said with so much certainty, how much was right

| certainty of the first name | told: said | right | tidy, 4: said | right | tidy, 8: said | right |
| --- | --- | --- | --- | --- | --- | --- |
${reliabilityRows([all, four, eight])}

## When something is wrong with what was told

| told sightings with | tried | right name first | wrong, and said plainly |
| --- | --- | --- | --- |
${robustness(TOLD)
  .map(
    ({ what, tried, right, wrongAndSure }) =>
      `| ${what} | ${tried} | ${pct(right / tried)} | ${wrongAndSure} (${pct(wrongAndSure / tried)}) |`,
  )
  .join('\n')}

## How many answers it takes

From nothing but place, month and region, each question answered by what was told, or else by what is likeliest of the right cause, until its name
is said plainly; ${MOST_ANSWERS} where it is not.

| asked | median | within 6 answers |
| --- | --- | --- |
| what gains most for its effort | ${medianOf(asked ?? [])} | ${within(asked, 6)} |
| down the list of the place | ${medianOf(listed ?? [])} | ${within(listed, 6)} |

## The misses

| answers | sighting | right | its rank | said instead |
| --- | --- | --- | --- | --- |
${[...all, ...four, ...eight]
  .filter((t) => t.rank > 1)
  .map(missRow)
  .join('\n')}

## How it is reckoned

- Before anything is looked at: the share of the month (turned by six months in the south) times the share of the place, once more for
  each earlier case in which the property had it, and a fiftieth where it is not known from that part of the world (by the time zone and
  latitude of the property).
- Each finding multiplies by its likelihood, held to 0.0005 to 0.99: a mark that hardly anything else has counts as one. A sign with
  several values (the spines of a grub, the look of a flying insect) is one finding; “none of these” is one of them, with what is left
  over of the others; so often as the sign says (6 % as a rule, 10 % for spines and waists) one value is read for another.
- Signs that come together (birds, digging, lifting turf) count once: for each candidate by the least of their
  likelihoods, as for events that never come apart. What a candidate cannot show counts against it in full, so that it
  is never raised by it.
- A measured body length counts as one more finding, by how well it fits the stages.
- From 80 % a name is said plainly; below, the answer is “not sure”, with the look that gains most for its effort (a look
  of five minutes counts half, one that needs a night half again, a tool four fifths).
- What is protected, useful, to be reported or dangerous halts the plan above 5 %, until its own mark was looked for and
  found otherwise. What is protected or to be reported is so by region too.
`;
}
