import type { Ask, Tell } from '../core/safety';
import type { CalendarDay } from '../core/units';
import type { CautionWords } from './cautions';
import { premisesList } from './premises-terms';
import { clockText, type Show } from './show';
import { capital } from './plain-nouns';

type Facts = Readonly<Record<string, string | number>>;
type Say = (facts: Facts, show: Show) => CautionWords;

const say =
  (title: string, text: string, tick = 'Seen to'): Say =>
  () => ({ title, text, tick });
const length = (facts: Facts, show: Show): string => show.lengthText(Number(facts.metres ?? 0));
const words = (facts: Facts, key = 'value'): string => String(facts[key] ?? '').replace(/\.$/, '');
const until = (facts: Facts, show: Show): string => show.dayText(String(facts.until ?? '') as CalendarDay);
const hours = (n: number): string => (n === 1 ? '1 hour' : `${n} hours`);
const days = (n: number): string => (n === 1 ? '1 day' : `${n} days`);
const who = (facts: Facts): string => premisesList(String(facts.who ?? '').split(','));

/** What each clause asks for: the act, and why. */
export const ASK_WORDS: Readonly<Record<Ask, Say>> = {
  figuresOnly: say(
    'Only the figures of this label were copied',
    'Read the label on the container to its end: pest, place, protection, interval, yearly most, re-entry. Copied on the Shelf, it is watched for you.',
    'Read to its end; it allows this, here',
  ),
  liveWires: say(
    'Live wires where it goes',
    'It conducts, or wets what does. Switch the circuit off at the fuse, keep it from being switched on again, and test that it is dead. Boxes, sockets and panels stay dry. Where that cannot be done, call an electrician first.',
    'Switched off, and tested dead',
  ),
  flames: ({ text }) => ({
    title: 'It burns: no flame, no spark',
    text: `${text ? `The label: ${String(text).replace(/\.$/, '')}. ` : ''}Gas flames, pilot lights and heaters out, the gas shut; no smoking, no switches worked while it hangs in the air. Open the windows before anything is lit again.`,
    tick: 'Flames out, and nothing that sparks',
  }),
  foodContact: say(
    'Nothing on what touches food',
    'Clear or cover food, dishes, worktops and boards first; wash afterwards whatever was not covered.',
    'Cleared or covered',
  ),
  cracksOnly: say(
    'Into cracks and gaps alone',
    'No surface, no open floor. Whatever comes out of the crack is wiped off at once.',
    'Cracks alone',
  ),
  edibles: say(
    'Not on plants that are eaten',
    'The label forbids it on them. Treat only where nothing grows that is eaten, cover what stands beside it, and let nothing of the treated ground be eaten this season; else choose another remedy.',
    'Nothing that is treated is eaten',
  ),
  ediblesNotStated: say(
    'The label does not say: plants that are eaten',
    'What is not stated is not allowed. Treat only where nothing grows that is eaten, and cover what stands beside it; else choose a remedy whose label names food plants.',
    'Nothing that is treated is eaten',
  ),
  ediblesNear: say(
    'Food plants near by',
    'Keep it off them: cover them, leave a strip, take the wind into account. What was hit is not eaten.',
    'Covered, or far enough away',
  ),
  preHarvest: (facts, show) => ({
    title: `No picking before ${until(facts, show)}`,
    text: `The label wants ${days(Number(facts.days ?? 0))} between this treatment and the harvest. Pick what is ripe before it, tell whoever picks, and mark the bed.`,
    tick: 'Told, and marked',
  }),
  height: (facts, show) => ({
    title: `Not above ${length(facts, show)}`,
    text: 'The label ends there. What is higher is left, or done by somebody whose label and reach allow it; no ladder with a sprayer in hand.',
    tick: 'Nothing above it',
  }),
  hardGround: say(
    'Not on hard ground',
    'Rain washes it from paving into drains and water. Sweep or blow back at once what falls there.',
    'Kept off, and swept',
  ),
  hardGroundSpots: say(
    'On hard ground: spots and cracks alone',
    'No band and no full width on paving; wipe up what runs.',
    'Spots and cracks alone',
  ),
  wallAboveHard: say(
    'Not on walls above hard ground',
    'It runs down onto the paving and into the drain. Treat the wall only where soil lies under it.',
    'Only above soil',
  ),
  fish: say(
    'Fish tank',
    'A mist of it kills fish. Cover the tank airtight, switch its air pump off, and leave both so until the room is aired; better: carry it out.',
    'Covered, and the pump off',
  ),
  pond: say(
    'Pond',
    'A trace of it kills fish and what they live on. Keep the label’s distance, never against the wind towards it, and cover a small one.',
    'Covered, or far enough away',
  ),
  breathe: (facts) => ({
    title: `${capital(who(facts))}: not in there`,
    text: `They leave before it begins and come back when it is dry and aired${Number(facts.hours ?? 0) > 0 ? `, not before ${hours(Number(facts.hours))}` : ''}. Somebody who is ill from it goes into fresh air; the emergency card says whom to call.`,
    tick: 'They are away until then',
  }),
  baitReach: (facts) => ({
    title: `Out of reach of ${who(facts)}`,
    text: 'Behind, under and inside things, or in closed stations that are fixed. Note where each lies, and take up what is not eaten.',
    tick: 'Out of reach',
  }),
  cats: say(
    'Cats',
    'A cat cannot break a pyrethroid down: wet fur, a licked paw can kill it. Cats out until it is dry and aired; never on an animal, never where it sleeps.',
    'The cats are out',
  ),
  birds: say(
    'Birds',
    'Their lungs take up far more of a mist than ours. Carry the cage out of the house, not into the next room, until it is dry and aired; shut a coop off.',
    'Carried out',
  ),
  bees: say(
    'Bees are kept here',
    'Tell the keeper two days before. Nothing on what flowers, nothing while they fly; hives closed or covered, or the work after dusk.',
    'The keeper knows, and agrees',
  ),
  stings: say(
    'Somebody here is allergic to stings',
    'A disturbed nest can kill them. They are away, out of sight of the nest, until it is dead; whoever does it is not allergic and is not alone. Else call somebody who is trained for it. An adrenaline pen that belongs to them lies ready.',
    'They are away; whoever does it is not allergic and not alone',
  ),
  tenants: say(
    'Tenants or guests',
    'They are told before: what, where, when, and until when to keep off. Many places prescribe a notice, and how many days ahead.',
    'Told, with the notice that the place prescribes',
  ),
  school: say(
    'A school or day care',
    'Many places allow only certain products there, only licensed people, only outside lessons, and want parents told. Look the rules up before anything is bought.',
    'Its rules were looked up, and hold',
  ),
  playArea: say(
    'Where children play',
    'Toys and sand covers off before it, back when it is dry and the label’s time is over; the sand box itself is never treated.',
    'Cleared, and kept shut',
  ),
  drains: say(
    'Gullies and storm drains',
    'Cover them before, uncover them when it is dry. Nothing is rinsed towards them.',
    'Covered',
  ),
  airDucts: say(
    'Not into air ducts',
    'Shut the fan and close the openings; nothing into ducts, nothing near an intake.',
    'Fan off, openings closed',
  ),
  panels: say(
    'Not into electrical boxes',
    'Nothing into panels, sockets and machines under current.',
    'Kept out of them',
  ),
  well: (facts, show) => ({
    title: `${length(facts, show)} from the well`,
    text: 'Measure it on the ground. Nothing is mixed, filled or rinsed nearer than that either.',
    tick: 'Measured; further than that',
  }),
  vegetatedStrip: (facts, show) => ({
    title: `A strip of plants, ${length(facts, show)}, to the water`,
    text: 'The label wants ground that stays grown over between what is treated and the water: it catches what washes off. Where there is none, the ground is left, or another remedy taken.',
    tick: 'The strip is there, and grown over',
  }),
  saturated: say(
    'Not on soaked ground',
    'Where water stands or the next rain cannot sink in, it runs off. Step on it: no water around the boot.',
    'The ground takes water',
  ),
  species: (facts) => ({
    title: 'Protected species',
    text: `The label: ${words(facts)}. Ask the authority that your place names whether they live here.`,
    tick: 'Asked; none here, or its rule is kept',
  }),
  broadcast: (facts) => ({
    title: 'Not over the whole surface',
    text: `${facts.label ?? 'This product'} is for cracks and spots alone, and this use would cover the surface. Choose a use by cracks or spots, or another remedy.`,
    tick: '',
  }),
  noBroadcast: say(
    'Never over the whole surface',
    'Where it is needed, and nowhere else.',
    'Only where it is needed',
  ),
  stationsClosed: say(
    'Stations stay closed',
    'They are made so that no hand and no paw gets at the bait. An opened or broken one is taken away.',
    'Closed, and whole',
  ),
  groundPerDay: (facts, show) => ({
    title: `At most ${show.areaText(Number(facts.most ?? 0))} a day`,
    text: `The label ends there for one day, and this is ${show.areaText(Number(facts.is ?? 0))}. Measure a part of it, and do the rest on another day.`,
    tick: '',
  }),
  perHouse: (facts) => ({
    title: 'A most for a house',
    text: `The label: ${words(facts)}. Count what went into the same house before, by any of its treatments.`,
    tick: 'Counted; it keeps to that',
  }),
  dry: say(
    'Never watered in',
    'Water spoils it. No sprinkler, no rain to come, dry ground: look at the forecast and at the timer of the sprinkler.',
    'Sprinkler off, no rain to come',
  ),
  workers: (facts) => ({
    title: `Whoever works there: not for ${hours(Number(facts.value ?? 0))}`,
    text: 'The label’s time for people at work is longer than for others. Tell the gardener, the cleaner, the next shift.',
    tick: 'They are told',
  }),
  airing: (facts) => ({
    title: `Air for ${hours(Number(facts.value ?? 0))}`,
    text: 'Windows and doors open, nobody in the room until then.',
    tick: 'Will be aired so long',
  }),
  settled: say(
    'Nobody in until it has settled',
    'Dust and mist sink for a while; what is stirred up is breathed. Look against the light before anybody goes in.',
    'Shut until it has settled',
  ),
  clippings: say(
    'Clippings stay on the lawn',
    'They are no feed, no mulch for food plants, no compost.',
    'Told to whoever mows',
  ),
  pollinatorHours: (facts) => ({
    title: 'Bees fly at that hour',
    text:
      facts.when === 'evening'
        ? `The label allows it in the evening alone, and ${clockText(Number(facts.hour ?? 0))} was chosen. Choose an hour after bees have gone home.`
        : `The label forbids it while bees fly, and ${clockText(Number(facts.hour ?? 0))} was chosen. Choose an early or a late hour.`,
    tick: '',
  }),
  pollinatorDay: (facts) => ({
    title: facts.when === 'evening' ? 'In the evening alone' : 'Not while bees fly',
    text: 'Look at the plants before the start: no bee, no butterfly on them. A warm evening can have them late.',
    tick: 'Looked: none is flying',
  }),
  bloomNow: (facts) => ({
    title: 'Look for flowers right before the start',
    text:
      facts.where === 'lawn'
        ? 'Clover, daisies and dandelions open within days of mowing. Where one is open, mow and look again, or wait.'
        : 'Flowers, and those of the weeds below, open within days. Where one is open, cut it off or wait until it has faded.',
    tick: 'Looked just now: no flower is open',
  }),
  beforeBloom: (facts) => ({
    title: `Not in the ${days(Number(facts.days ?? 0))} before anything flowers`,
    text: 'It is still in the plant when the flower opens. Look at the buds, of the weeds as well.',
    tick: 'Nothing will flower so soon',
  }),
  wearToMix: (facts) => ({
    title: `To mix: ${words(facts)}`,
    text: 'The open product is the strongest that anybody handles here.',
    tick: 'I wear them',
  }),
  wearToApply: (facts) => ({
    title: `To put it down: ${words(facts)}`,
    text: 'From the first drop until the gear is rinsed.',
    tick: 'I wear them',
  }),
  fungicide: say(
    'No fungicide or nematicide lately',
    'Both kill living nematodes, some for weeks. Ask whoever looks after the ground what went down in the last month.',
    'Asked: none in the last month',
  ),
  respirator: (facts) => ({
    title: `Respirator: ${words(facts)}`,
    text: 'A dust mask is none. The cartridge is of that kind, not out of date, and the mask sits tight on the face.',
    tick: 'It sits tight',
  }),
};

/** What a clause tells where the hand is. */
export const TELL_WORDS: Readonly<Record<Tell, Say>> = {
  instruction: (facts) => ({ title: 'By the label’s words', text: `${words(facts)}.`, tick: '' }),
  agitation: (facts) => ({
    title:
      facts.value === 'constant'
        ? 'Keep it moving'
        : facts.value === 'shake'
          ? 'Shake it before each use'
          : 'No stirring needed',
    text:
      facts.value === 'constant'
        ? 'It settles out within minutes: stir or shake all the while, and do not let it stand.'
        : facts.value === 'shake'
          ? 'What has settled is back in the mix before it goes down.'
          : 'The label says that it stays mixed.',
    tick: '',
  }),
  baitPerStation: (facts, show) => ({
    title: `${show.massText(Number(facts.value ?? 0))} in each station`,
    text: 'Top up to that when half of it is eaten; clean out what is mouldy.',
    tick: '',
  }),
  grazing: (facts, show) => ({
    title: `No grazing or hay before ${until(facts, show)}`,
    text: 'Hens, rabbits and ponies are kept off as well.',
    tick: '',
  }),
  plantBack: (facts, show) => ({
    title: `No food plants sown or set here before ${until(facts, show)}`,
    text: 'Roots take it up from the soil.',
    tick: '',
  }),
  notAPesticide: say(
    'Not a registered pesticide',
    'Its use is noted as work done, not as an application of a pesticide.',
    '',
  ),
  generations: (facts) => ({
    title: `Another group after ${Number(facts.value ?? 0) === 1 ? 'one generation' : `${Number(facts.value ?? 0)} generations`}`,
    text: 'The label asks for it, so that they do not get used to it.',
    tick: '',
  }),
  nozzle: (facts) => ({
    title: `Nozzle: ${words(facts)}`,
    text: 'Another one throws other drops.',
    tick: '',
  }),
};

/** What a tick of each said, as a record tells it. */
export const ASK_TICKED: Readonly<Record<Ask, string>> = {
  figuresOnly: 'label read from end to end',
  liveWires: 'circuit switched off and tested',
  flames: 'flames out, nothing that sparks',
  foodContact: 'food and what touches it cleared or covered',
  cracksOnly: 'cracks and gaps alone',
  edibles: 'nothing treated that is eaten',
  ediblesNotStated: 'nothing treated that is eaten',
  ediblesNear: 'food plants covered or far enough away',
  preHarvest: 'days before the harvest told and marked',
  height: 'nothing above the label’s height',
  hardGround: 'kept off hard ground, swept',
  hardGroundSpots: 'on hard ground spots and cracks alone',
  wallAboveHard: 'walls above soil alone',
  fish: 'fish tank covered, pump off',
  pond: 'pond covered or far enough away',
  breathe: 'infants, pregnant and asthmatic people away',
  baitReach: 'bait out of reach',
  cats: 'cats out',
  birds: 'birds carried out',
  bees: 'beekeeper knows and agrees',
  stings: 'allergic people away; the one who does it is not allergic, not alone',
  tenants: 'tenants or guests told',
  school: 'rules of the school looked up',
  playArea: 'play area cleared and shut',
  drains: 'gullies covered',
  airDucts: 'fan off, ducts closed',
  panels: 'kept out of electrical boxes',
  well: 'distance to the well measured',
  vegetatedStrip: 'strip of plants to the water is there',
  saturated: 'the ground takes water',
  species: 'protected species asked for',
  broadcast: 'not over the whole surface',
  noBroadcast: 'only where it is needed',
  stationsClosed: 'stations closed and whole',
  groundPerDay: 'no more ground than the label allows a day',
  perHouse: 'the most for a house counted',
  dry: 'sprinkler off, no rain to come',
  workers: 'people at work told when they may come back',
  airing: 'aired as long as the label says',
  settled: 'shut until it has settled',
  clippings: 'clippings stay on the lawn',
  pollinatorHours: 'an hour at which no bees fly',
  pollinatorDay: 'looked: no bees flying',
  bloomNow: 'looked at the start: no flower open',
  beforeBloom: 'nothing about to flower',
  wearToMix: 'protective wear on, to mix',
  wearToApply: 'protective wear on, to put it down',
  respirator: 'respirator sits tight',
  fungicide: 'no fungicide or nematicide in the last month',
};
