import { CANDIDATES, DEMONSTRATION_LABELS, FIELD_TESTS, GUIDE, SIGNS } from '../../catalog';
import type { Finding, Surrounding } from '../../core/identify';
import type { LabelCard, LabelUse } from '../../core/labels';
import { PREMISES_KEYS, type LicenceCategory, type PremisesFact } from '../../core/premises';
import type { ApplicationRecord } from '../../core/record';
import type { Forecast } from '../../core/schedule';
import { addDays, parseDay, quantity, type CalendarDay } from '../../core/units';
import type { CaseFacts, MixBody, StopBodies } from '../../core/case';

/**
 * Situations in which advice could hurt somebody, each told as it happens and tried over the whole case. docs/safety.md
 * lists them with what Nimsy does; this file and that page are held together by `situations.test.ts`, and
 * `situations.server.test.ts` walks the nine stops of one of each kind on a running server.
 */
export interface Situation {
  readonly told: string;
  /** What Nimsy does, in words, as docs/safety.md says it. */
  readonly does: string;
  readonly on?: string;
  readonly south?: true;
  readonly at: Surrounding;
  readonly signs?: Readonly<Record<string, Finding>>;
  readonly named?: string;
  readonly stage?: string;
  readonly label?: string;
  readonly card?: Partial<LabelCard>;
  readonly use?: Partial<LabelUse>;
  readonly here?: readonly PremisesFact[];
  readonly askedOn?: string | null;
  readonly look?: Partial<StopBodies['look']>;
  readonly plan?: { readonly waterGapM: number | null; readonly areaM2?: number };
  readonly mix?: Partial<MixBody>;
  readonly hour?: number;
  readonly before?: readonly { readonly label: string; readonly daysAgo: number }[];
  readonly settled?: readonly string[];
  readonly licence?: readonly LicenceCategory[];
  readonly licenceUntil?: string;
  readonly real?: true;
  readonly until?: string;
  /** "rank key" of cautions that stand, or must not. */
  readonly stands?: readonly string[];
  readonly not?: readonly string[];
}

const TUBES = { 'mud-tubes': false, 'hollow-wood': true } as const;
const NO_WASH: Partial<MixBody> = { tankName: 'Knapsack', tank: quantity(15, 'l') };

export const SITUATIONS: readonly Situation[] = [
  {
    told: 'A tangled web low under the boards, a spider without a red mark: somebody takes the harmful ones as ruled out.',
    does: 'The Halt on harmful spiders stays: a violin is faint and a red mark can be missing. “Not seen” lifts nothing.',
    ...{
      at: 'cellar',
      signs: { 'web-corners': 'tangle-low', 'spider-mark': 'plain' },
      named: 'house-spider',
    },
    stands: ['halt must-rule-out:harmful-spider'],
  },
  {
    told: 'Hollow wood in the cellar, no mud tubes seen: a dust for carpenter ants is planned.',
    does: 'Termites stay a Halt: tubes lie behind boards, and some kinds build none.',
    ...{ at: 'cellar', signs: TUBES, named: 'carpenter-ant', label: 'limewath-dust' },
    stands: ['halt must-rule-out:termite'],
  },
  {
    told: 'January, grey patches like mud on a tree, and no spotted red wings about.',
    does: 'Lanternfly eggs stay to be reported: wings rule out only in the months in which adults fly.',
    ...{ at: 'tree', on: '2027-01-20', signs: { 'mud-grey-patches': true, 'spotted-red-wings': false } },
    stands: ['halt must-rule-out:lanternfly'],
  },
  {
    told: 'A mound in the lawn on a cold morning; nothing comes out when it is touched.',
    does: 'Fire ants stay a Halt: cold or dry mounds do not react.',
    ...{ at: 'lawn', signs: { 'ant-mounds': true, 'mound-hole': 'closed', 'mound-defence': false } },
    ...{ named: 'turf-ant', stands: ['halt must-rule-out:fire-ant'] },
  },
  {
    told: 'Bites in a row every morning, and no spots on the mattress.',
    does: 'Bed bugs stay a Halt until somebody looked who knows them: early on there are no spots.',
    ...{ at: 'bedroom', signs: { 'bites-in-line': true, 'mattress-spots': false }, named: 'flea' },
    stands: ['halt must-rule-out:bed-bug'],
  },
  {
    told: 'Fleas on the socks, and a spider in the corner as in every house.',
    does: 'A useful spider that may be about as well stops nothing once fleas are confirmed by what only they show.',
    ...{ at: 'room', signs: { 'jumping-specks': true, 'pet-scratches': true }, named: 'flea' },
    not: ['halt must-rule-out:house-spider', 'halt must-rule-out:centipede'],
  },
  {
    told: 'Furry bees at a hole in the bank; somebody names moles to get on.',
    does: 'The bees stay a Halt, whatever is named.',
    ...{ at: 'ground', signs: { 'furry-bees': true, 'one-hole-traffic': true }, named: 'turf-ant' },
    stands: ['halt must-rule-out:bumble-bee'],
  },
  {
    told: 'The same hole, and whoever looked cannot tell what flies there.',
    does: '“Cannot tell” is an answer, and lifts nothing.',
    ...{
      at: 'ground',
      signs: { 'one-hole-traffic': true, 'flier-look': 'cannot-tell' },
      named: 'yellowjacket',
    },
    stands: ['halt must-rule-out:bumble-bee', 'halt must-rule-out:yellowjacket'],
  },
  {
    told: 'Bright, smooth fliers were seen clearly: not furry, so no bees.',
    does: 'A look that was really seen rules bees out; the wasps themselves stay a Halt.',
    ...{
      at: 'ground',
      signs: { 'one-hole-traffic': true, 'flier-look': 'bright-smooth' },
      named: 'yellowjacket',
    },
    stands: ['halt must-rule-out:yellowjacket'],
    not: ['halt must-rule-out:bumble-bee', 'halt must-rule-out:honey-bee'],
  },
  {
    told: 'Red specks on the window sill; the sill is also where a paper wasp could nest.',
    does: 'Mites that leave red when crushed are mites: wasps nobody saw do not stop the vacuum.',
    ...{ at: 'wall', signs: { 'red-specks': true }, named: 'clover-mite' },
    not: ['halt must-rule-out:paper-wasp'],
  },
  {
    told: 'A dust that conducts, for ants in a loft with open wiring.',
    does: 'Halt until the circuit is switched off and tested dead.',
    ...{
      at: 'loft',
      named: 'carpenter-ant',
      label: 'limewath-dust',
      here: ['liveWires'],
      look: { damp: 'dry' },
    },
    stands: ['halt label-asks:liveWires'],
  },
  {
    told: 'A flammable can under the sink, beside a pilot light.',
    does: 'Halt until flames are out and the gas is shut.',
    ...{ at: 'kitchen', named: 'german-cockroach', label: 'ashrigg-aerosol', here: ['gasFlame'] },
    stands: ['halt label-asks:flames', 'care label-asks:foodContact'],
  },
  {
    told: 'A carpet spray against fleas, children and a cat in the house, a fish tank in the room.',
    does: 'Halt for the fish tank; children away until it is aired, the cat out: Cares of their own.',
    ...{ at: 'room', named: 'flea', label: 'skirtfold-ready', here: ['infants', 'cats', 'fish'] },
    stands: ['care label-asks:breathe', 'care label-asks:cats'],
  },
  {
    told: 'A mist in a room with a budgerigar.',
    does: 'Halt until the cage is carried out of the house.',
    ...{ at: 'room', named: 'flea', label: 'alderhow-regulator', here: ['birds'] },
    stands: ['halt label-asks:birds'],
  },
  {
    told: 'A botanical on a bed of lettuce, three days before it is picked.',
    does: 'Care with the day before which nothing is picked.',
    ...{ at: 'bed', named: 'aphid', label: 'yarrowfold-botanical', here: ['edibles'] },
    stands: ['care label-asks:preHarvest'],
  },
  {
    told: 'A systemic drench at an apple tree.',
    does: 'Halt: the label forbids plants that are eaten.',
    ...{ at: 'tree', named: 'aphid', label: 'stonewath-systemic', here: ['edibles'] },
    stands: ['halt label-asks:edibles'],
  },
  {
    told: 'A copied card that does not say whether food plants may be treated, on a bed of herbs.',
    does: 'Halt: what is not stated is not allowed.',
    ...{
      at: 'bed',
      named: 'aphid',
      label: 'yarrowfold-botanical',
      use: { edibles: null },
      here: ['edibles'],
    },
    stands: ['halt label-asks:ediblesNotStated'],
  },
  {
    told: 'Water drawn on the plan 4.3 m (14 ft) off; nobody ticked “open water” at the place; the label wants 5 m.',
    does: 'Halt: drawn water counts by itself.',
    ...{ at: 'lawn', named: 'sod-webworm', label: 'tarnside-liquid', plan: { waterGapM: 4.3 } },
    stands: ['halt water-buffer'],
  },
  {
    told: 'The same, with the strip widened to 8 m.',
    does: 'The Halt is gone; the strip is ticked as marked on the ground.',
    ...{ at: 'lawn', named: 'sod-webworm', label: 'tarnside-liquid', plan: { waterGapM: 8 } },
    ...{ stands: ['care water-buffer'], not: ['halt water-buffer'] },
  },
  {
    told: 'Aphids on roses in full flower, and a label that keeps off what flowers.',
    does: 'Halt while it flowers: bloom is asked in beds and trees as well as on lawns.',
    ...{ at: 'bed', named: 'aphid', label: 'yarrowfold-botanical', look: { flowering: true } },
    stands: ['halt flowering-turf'],
  },
  {
    told: 'The lawn was mown on Monday and nothing flowered; the work is on Wednesday, and nobody looked again.',
    does: 'Care at Place: flowers are looked for right before the start, whatever was seen at Look.',
    ...{ at: 'lawn', named: 'sod-webworm', label: 'tarnside-liquid' },
    stands: ['care label-asks:bloomNow'],
  },
  {
    told: 'Bees kept next door, and a label with a clause for pollinators.',
    does: 'Care: the keeper is told two days before.',
    ...{ at: 'bed', named: 'aphid', label: 'yarrowfold-botanical', here: ['bees'] },
    stands: ['care label-asks:bees'],
  },
  {
    told: 'A label for the evening alone, and noon was chosen.',
    does: 'Halt at that hour.',
    ...{
      at: 'bed',
      named: 'aphid',
      label: 'yarrowfold-botanical',
      use: { more: { pollinatorHours: 'evening' } },
    },
    ...{ hour: 12, stands: ['halt label-asks:pollinatorHours'] },
  },
  {
    told: 'A wasp nest at a nursery school where a child is allergic to stings.',
    does: 'Halt until they are away, and whoever does it is neither allergic nor alone; the nest itself stays a Halt.',
    ...{
      at: 'wall',
      signs: { 'flier-look': 'bright-smooth' },
      named: 'yellowjacket',
      label: 'heronfold-jet',
    },
    ...{ here: ['stingAllergy', 'school'] },
    stands: ['halt label-asks:stings', 'care label-asks:school', 'halt must-rule-out:yellowjacket'],
  },
  {
    told: 'A firm with a licensed person at a wasp nest in the ground.',
    does: 'The Halt becomes Cares for that person alone: the second person, the kit, the way out; and the permit or report, by its number.',
    ...{ at: 'ground', signs: { 'flier-look': 'bright-smooth' }, named: 'yellowjacket', licence: ['health'] },
    stands: ['care must-rule-out:yellowjacket', 'care permit-or-report:yellowjacket'],
    not: ['halt must-rule-out:yellowjacket'],
  },
  {
    told: 'The same person, whose licence ran out the week before.',
    does: 'The Halt is back, and says so.',
    ...{ at: 'ground', signs: { 'flier-look': 'bright-smooth' }, named: 'yellowjacket', licence: ['health'] },
    ...{ licenceUntil: '2027-09-08', stands: ['halt must-rule-out:yellowjacket'] },
  },
  {
    told: 'A green-keeper with a licence for lawns, at termites in the cellar.',
    does: 'Halt: a licence opens the work of its own category alone.',
    ...{ at: 'cellar', signs: { 'mud-tubes': true }, named: 'termite', licence: ['turf', 'household'] },
    stands: ['halt must-rule-out:termite'],
  },
  {
    told: 'The same person at a nest of bumble bees.',
    does: 'The Halt stays: no licence opens what is protected.',
    ...{
      at: 'ground',
      signs: { 'flier-look': 'round-furry' },
      named: 'bumble-bee',
      licence: ['turf', 'health'],
    },
    stands: ['halt must-rule-out:bumble-bee'],
  },
  {
    told: 'A dust on broad carpets against fleas; the copied card calls its own evidence fair.',
    does: 'Halt: the guide’s “harmful” holds whatever the card says.',
    ...{ at: 'room', named: 'flea', label: 'flintholm-mineral', look: { damp: 'dry' } },
    ...{ use: { targets: [{ pest: 'flea', stages: ['adult', 'larva'], grade: 'fair', reason: 'copied' }] } },
    stands: ['halt harmful-here'],
  },
  {
    told: 'Crumbs of bait for fire ants, and the sprinkler comes on at night.',
    does: 'Care: never watered in, sprinkler off, no rain to come.',
    ...{ at: 'lawn', named: 'turf-ant', label: 'cinderfold-bait', use: { more: { neverWaterIn: true } } },
    stands: ['care label-asks:dry'],
  },
  {
    told: 'A label for cracks alone, in a use that covers the floor.',
    does: 'Halt: not over the whole surface.',
    ...{ at: 'room', named: 'flea', label: 'alderhow-regulator', use: { more: { crackOnly: true } } },
    stands: ['halt label-asks:broadcast'],
  },
  {
    told: 'A well 10 m from the lawn, and a label that keeps 15 m from wells.',
    does: 'Halt until the distance is measured.',
    ...{
      at: 'lawn',
      named: 'sod-webworm',
      label: 'tarnside-liquid',
      here: ['wells'],
      use: { more: { wellM: 15 } },
    },
    stands: ['halt label-asks:well'],
  },
  {
    told: 'The lawn is larger than the label allows in a day.',
    does: 'Halt: a part of it today, the rest on another day.',
    ...{
      at: 'lawn',
      named: 'sod-webworm',
      label: 'tarnside-liquid',
      use: { more: { mostGroundPerDayM2: 300 } },
    },
    stands: ['halt label-asks:groundPerDay'],
  },
  {
    told: 'Gel in a house where a baby crawls.',
    does: 'Care: out of reach, and each place noted.',
    ...{ at: 'kitchen', named: 'german-cockroach', label: 'ferncote-gel', here: ['infants'] },
    stands: ['care label-asks:baitReach'],
  },
  {
    told: 'Nobody ever asked whether there is a fish tank, a bird, a gas flame.',
    does: 'Care that names each of them; ticking it says that they were asked for.',
    ...{ at: 'kitchen', named: 'german-cockroach', label: 'ashrigg-aerosol', askedOn: null },
    stands: ['care not-asked:airDucts+asthma+birds+cats+fish+gasFlame+infants+liveWires+pregnancy'],
    use: { more: { notInAirDucts: true } },
  },
  {
    told: 'They were asked nine months ago, and all was no.',
    does: 'Asked again: a “no” holds for half a year.',
    ...{
      at: 'loft',
      named: 'carpenter-ant',
      label: 'limewath-dust',
      askedOn: '2026-12-01',
      look: { damp: 'dry' },
    },
    stands: ['care not-asked:asthma+birds+cats+fish+infants+liveWires+pregnancy'],
  },
  {
    told: 'The circuit was ticked as off; a gas flame was never spoken of.',
    does: 'A tick for one thing is none for another.',
    ...{
      at: 'kitchen',
      named: 'german-cockroach',
      label: 'ashrigg-aerosol',
      here: ['gasFlame', 'liveWires'],
    },
    ...{
      settled: ['label-asks:liveWires'],
      stands: ['halt label-asks:flames'],
      not: ['halt label-asks:liveWires'],
    },
  },
  {
    told: 'A product for licensed people, in a household without a licence.',
    does: 'Halt.',
    ...{ at: 'lawn', named: 'chafer-grub', label: 'thornrigg-quick' },
    stands: ['halt licence-needed'],
  },
  {
    told: 'The same product, whose label names rooms as its category, and a licence for lawns.',
    does: 'Halt: the category that the label names is the one that counts.',
    ...{ at: 'lawn', named: 'chafer-grub', label: 'thornrigg-quick', licence: ['turf'] },
    ...{ card: { more: { licenceCategory: 'household' } }, stands: ['halt licence-needed'] },
  },
  {
    told: 'The same product and licence, and a label that names no category.',
    does: 'No Halt for that: a licence for lawns covers work on a lawn.',
    ...{ at: 'lawn', named: 'chafer-grub', label: 'thornrigg-quick', licence: ['turf'] },
    not: ['halt licence-needed'],
  },
  {
    told: 'A spray that repels, for pharaoh ants in a bakery.',
    does: 'Halt: it would split the nest into many.',
    ...{ at: 'kitchen', named: 'pharaoh-ant', label: 'limewath-dust', look: { damp: 'dry' } },
    ...{ use: { targets: [{ pest: 'pharaoh-ant', stages: ['worker'], grade: 'fair', reason: 'copied' }] } },
    stands: ['halt splits-the-colony'],
  },
  {
    told: 'Bait where a repellent dust went down three weeks ago.',
    does: 'Care: they will not come to a bait beside it.',
    ...{ at: 'kitchen', named: 'german-cockroach', label: 'ferncote-gel' },
    ...{ before: [{ label: 'limewath-dust', daysAgo: 21 }], stands: ['care bait-on-repellent'] },
  },
  {
    told: 'A mineral dust, which repels nobody, and gel beside it a week later.',
    does: 'Care: on any dust or spray a bait is not eaten.',
    ...{ at: 'kitchen', named: 'german-cockroach', label: 'ferncote-gel' },
    ...{ before: [{ label: 'flintholm-mineral', daysAgo: 7 }], stands: ['care bait-on-repellent'] },
  },
  {
    told: 'Gel lies behind the oven, and a dust is to go beside it.',
    does: 'Care the other way round: the dust spoils the bait.',
    ...{ at: 'kitchen', named: 'german-cockroach', label: 'flintholm-mineral', look: { damp: 'dry' } },
    ...{ before: [{ label: 'ferncote-gel', daysAgo: 7 }], stands: ['care repellent-on-bait'] },
  },
  {
    told: 'Nematodes on a green that was sprayed against fungus last week, by somebody else.',
    does: 'Care: ask what went down in the last month; no record of Nimsy knows it.',
    ...{
      at: 'lawn',
      named: 'japanese-beetle',
      label: 'wath-nematodes',
      stands: ['care label-asks:fungicide'],
    },
  },
  {
    told: 'The lawn was treated eleven days ago; the label wants twenty-one between.',
    does: 'Halt with the day from which it is allowed.',
    ...{ at: 'lawn', named: 'sod-webworm', label: 'tarnside-liquid' },
    ...{ before: [{ label: 'tarnside-liquid', daysAgo: 11 }], stands: ['halt interval-not-over'] },
  },
  {
    told: 'The tank held weed killer last week.',
    does: 'Halt: what is left of it burns the lawn.',
    ...{
      at: 'lawn',
      named: 'sod-webworm',
      label: 'tarnside-liquid',
      mix: { ...NO_WASH, before: 'herbicide' },
    },
    stands: ['halt tank-held-herbicide'],
  },
  {
    told: 'The only container is past its last day.',
    does: 'Halt: a new one, and the old one to a hazardous-waste point.',
    ...{ at: 'lawn', named: 'sod-webworm', label: 'tarnside-liquid', until: '2027-08-01' },
    stands: ['halt lot-expired'],
  },
  {
    told: 'A dust in a cellar that drips.',
    does: 'Halt: it cakes and does nothing.',
    ...{ at: 'cellar', named: 'carpenter-ant', label: 'limewath-dust', look: { damp: 'damp' } },
    stands: ['halt dust-in-damp'],
  },
  {
    told: 'A demonstration label in real use.',
    does: 'Halt: its numbers are made up.',
    ...{ at: 'lawn', named: 'sod-webworm', label: 'tarnside-liquid', real: true },
    stands: ['halt demonstration-label'],
  },
  {
    told: 'A card for kitchens whose label keeps off whatever touches food.',
    does: 'Care: cleared or covered, and washed afterwards.',
    ...{ at: 'kitchen', named: 'german-cockroach', label: 'flintholm-mineral', look: { damp: 'dry' } },
    stands: ['care label-asks:foodContact'],
  },
  {
    told: 'A perimeter spray along a wall that stands on paving.',
    does: 'Cares: spots and cracks alone on hard ground, no higher than the label goes.',
    ...{ at: 'wall', named: 'pavement-ant', label: 'gillfold-perimeter' },
    stands: ['care label-asks:hardGroundSpots', 'care label-asks:height'],
  },
];

/** What the situation names has to be there: a test of what is missing would prove nothing. */
function there<T>(found: T | null | undefined, name: string): T {
  if (found === null || found === undefined) throw new Error(`There is no ${name}.`);
  return found;
}
const day = (text: string): CalendarDay => there(parseDay(text), text);

export function factsOf(s: Situation): CaseFacts {
  const today = day(s.on ?? '2027-09-15');
  const noon = Date.parse(`${today}T12:00:00Z`) / 3_600_000;
  const fair: Forecast = {
    ...{ startHour: noon - 12, issuedHour: noon, source: 'typed' },
    hours: Array.from({ length: 48 }, () => ({
      tempC: 16,
      soilC: 16,
      windKmh: 9,
      windFromDeg: 250,
      rainMm: 0,
    })),
  };
  const candidate = s.named
    ? there(
        CANDIDATES.find((c) => c.id === s.named),
        s.named,
      )
    : undefined;
  const shipped = s.label
    ? there(
        DEMONSTRATION_LABELS.find((card) => card.id === s.label),
        s.label,
      )
    : undefined;
  const card = shipped && {
    ...shipped,
    ...s.card,
    uses: shipped.uses.map((use) => ({ ...use, ...s.use })),
  };
  const others = DEMONSTRATION_LABELS.filter((one) =>
    s.before?.some(({ label }) => label === one.id && label !== s.label),
  );
  const areaM2 = s.plan?.areaM2 ?? 336;
  const ground = {
    ...{ areaM2, lowM2: areaM2, highM2: areaM2, keptOffM2: 0, lengthM: 24, widthM: 14 },
    ...{ waterGapM: s.plan?.waterGapM ?? null, places: 12, edgeM: 20, volumeM3: 30 },
  };
  const used = card?.uses.find((use) => use.targets.some((t) => t.pest === s.named)) ?? card?.uses[0];
  return {
    ...{
      rules: [],
      ownThresholds: [],
      number: 4,
      title: 't',
      openedOn: today,
      today,
      nowHour: noon,
      elsewhere: 0,
    },
    ...{ real: s.real ?? false, states: {} },
    licence: s.licence
      ? {
          ...{ category: 'as printed', covers: s.licence, number: 'OST-1', by: 'Ostermere district' },
          until: s.licenceUntil ? day(s.licenceUntil) : null,
        }
      : null,
    settled: Object.fromEntries(
      (s.settled ?? []).map((key) => [key, { by: 'x', at: '2027-09-15T08:00:00Z' }]),
    ),
    property: {
      ...{
        name: 'p',
        hemisphere: s.south ? 'south' : 'north',
        byWater: false,
        avoidTowards: null,
        history: {},
      },
      premises: {
        answers:
          s.askedOn === null
            ? {}
            : Object.fromEntries(PREMISES_KEYS.map((key) => [key, s.here?.includes(key) ? 'yes' : 'no'])),
        askedOn: s.askedOn === null ? null : day(s.askedOn ?? addDays(today, -10)),
      },
    },
    stops: {
      look: {
        ...{ surrounding: s.at, lengthMm: null, where: 'there', signs: s.signs ?? {}, test: 'turf-flap' },
        ...{
          frame: quantity(1, 'm2'),
          counts: [null],
          vigour: 'fair',
          flowering: false,
          damp: null,
          note: '',
        },
        ...s.look,
      },
      ...(candidate
        ? {
            name: {
              candidate: candidate.id,
              stage: s.stage ?? used?.targets.find((t) => t.pest === s.named)?.stages[0] ?? null,
              also: [],
            },
          }
        : {}),
      ...(card
        ? {
            choose: { label: card.id, reason: '', wishes: [], budget: null },
            measure: {
              ...{ how: 'plan', unit: 'm', length: 0, width: 0, paces: [0, 0], walked: 0, walkedPaces: 0 },
              ...{ paceErrorPct: 0, strip: 0 },
              plan: { ...ground, zones: ['a'], waterM: 0, hardM: 0, ediblesM: 0 },
            },
            when: { hour: noon - 12 + (s.hour ?? 12) },
            ...(s.mix
              ? {
                  mix: {
                    ...{
                      rate: used?.rate?.min ?? 1,
                      severity: null,
                      tankName: '',
                      tank: null,
                      tankMark: null,
                    },
                    ...{ measureName: '', step: null, holds: null, before: 'clean', carriedOn: null },
                    ...{ carryOver: null, split: 'fill', lot: 'T1' },
                    ...s.mix,
                  },
                }
              : {}),
          }
        : {}),
    } as CaseFacts['stops'],
    records: (s.before ?? []).map(({ label, daysAgo }, i) => recordOf(label, addDays(today, -daysAgo), i)),
    ground: card ? { cells: [(s.before ?? []).map((_, i) => `r${i}`)], now: ground, rings: [] } : null,
    shelf: [...(card ? [card] : []), ...others].map((label) => ({
      label,
      containers: [
        {
          ...{
            lot: 'T1',
            size: label.container.size,
            left: label.container.size,
            price: 30,
            expiresOn: null,
          },
          ...{ boughtOn: null, openedOn: null, until: s.until ? day(s.until) : null, keptIn: 'shed' },
        },
      ],
    })),
    forecast: fair,
    ...{ candidates: CANDIDATES, signs: SIGNS, tests: FIELD_TESTS, guide: Object.fromEntries(GUIDE) },
  };
}

const recordOf = (label: string, doneOn: CalendarDay, i: number): ApplicationRecord => ({
  ...{ id: `r${i}`, caseNumber: 3, label: { id: label, version: 1, name: label }, pest: 'x', doneOn },
  ...{ startedAt: '08:00', endedAt: '09:00', product: quantity(1, 'ml'), finished: null },
  ...{
    area: quantity(336, 'm2'),
    windKmh: null,
    tempC: null,
    lot: 'T1',
    person: 'x',
    licence: null,
    note: '',
  },
  ...{ ticked: [], planned: null, corrects: null, loggedAt: '' },
});
