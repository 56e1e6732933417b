import { CANDIDATES, DEMONSTRATION_LABELS, FIELD_TESTS, GUIDE, SIGNS } from '../../catalog';
import { PREMISES_KEYS } from '../premises';
import type { ApplicationRecord } from '../record';
import type { Forecast } from '../schedule';
import { parseDay, type CalendarDay } from '../units';
import type { CaseFacts, StopBodies } from '.';

/** A lawn with webworms, as the tests of a case take it, and as they change it. */

export const day = (text: string): CalendarDay => parseDay(text) ?? ('' as CalendarDay);
export const NOON = Date.parse('2027-09-15T12:00:00Z') / 3_600_000;

export const dry: Forecast = {
  startHour: NOON - 12,
  issuedHour: NOON,
  source: 'typed',
  hours: Array.from({ length: 96 }, () => ({
    tempC: 16,
    soilC: 16,
    windKmh: 9,
    windFromDeg: 250,
    rainMm: 0,
  })),
};

export const stops: StopBodies = {
  look: {
    surrounding: 'lawn',
    lengthMm: null,
    where: 'lawn',
    signs: { 'chewed-blades': true, 'green-pellets': true, 'moths-at-dusk': true },
    test: 'soap-flush',
    frame: { value: 1, unit: 'm2' },
    counts: [24, 26, 22, 27, 25],
    vigour: 'fair',
    flowering: false,
    damp: null,
    note: '',
  },
  name: { candidate: 'sod-webworm', stage: 'half-grown', also: [] },
  choose: { label: 'tarnside-liquid', reason: '', wishes: [], budget: null },
  measure: {
    how: 'tape',
    unit: 'm',
    length: 24,
    width: 20,
    paces: [0, 0],
    walked: 0,
    walkedPaces: 0,
    paceErrorPct: 0,
    strip: 6,
    plan: null,
  },
  when: { hour: NOON + 2 },
  mix: {
    rate: 125,
    tankMark: null,
    tankName: 'Knapsack',
    tank: { value: 15, unit: 'l' },
    measureName: 'Syringe',
    step: { value: 1, unit: 'ml' },
    severity: null,
    holds: null,
    before: 'clean',
    carriedOn: null,
    carryOver: null,
    split: 'fill',
    lot: 'T1',
  },
  place: { swathM: 1.5, overlap: 0, direction: 0, start: 'this-end' },
  recheck: { counts: [2, 1, 3, 2, 2], control: null, countedOn: day('2027-09-25'), note: '' },
};

const ON_SHELF = new Set(['hazelmoor-granule', 'tarnside-liquid', 'wath-nematodes']);

export function factsWith(
  change: Partial<CaseFacts> = {},
  without: (keyof StopBodies)[] = ['recheck'],
): CaseFacts {
  const kept = Object.fromEntries(
    Object.entries(stops).filter(([stop]) => !without.includes(stop as keyof StopBodies)),
  );
  return {
    rules: [],
    ownThresholds: [],
    number: 4,
    title: 't',
    openedOn: day('2027-09-10'),
    today: day('2027-09-15'),
    nowHour: NOON,
    real: false,
    elsewhere: 0,
    licence: {
      category: 'all',
      covers: ['turf', 'household', 'wood', 'health'],
      number: '1',
      by: 'b',
      until: null,
    },
    property: {
      name: 'p',
      hemisphere: 'north',
      byWater: true,
      avoidTowards: null,
      history: {},
      premises: {
        answers: Object.fromEntries(PREMISES_KEYS.map((key) => [key, 'no'])),
        askedOn: '2027-09-01' as never,
      },
    },
    stops: kept,
    states: {},
    settled: {},
    ground: null,
    records: [],
    shelf: DEMONSTRATION_LABELS.filter((label) => ON_SHELF.has(label.id)).map((label) => ({
      label,
      containers: [
        {
          lot: 'T1',
          size: label.container.size,
          left: label.container.size,
          price: 30,
          expiresOn: null,
          boughtOn: null,
          openedOn: null,
          until: null,
          keptIn: 'shed',
        },
      ],
    })),
    forecast: dry,
    candidates: CANDIDATES,
    signs: SIGNS,
    tests: FIELD_TESTS,
    guide: Object.fromEntries(GUIDE),
    ...change,
  };
}

export const record = (change: Partial<ApplicationRecord> = {}): ApplicationRecord => ({
  id: 'a',
  caseNumber: 1,
  label: { id: 'tarnside-liquid', version: 2, name: 'Tarnside' },
  pest: 'sod-webworm',
  doneOn: day('2027-09-05'),
  startedAt: '08:00',
  endedAt: '09:00',
  product: { value: 40, unit: 'ml' },
  finished: null,
  area: { value: 336, unit: 'm2' },
  windKmh: null,
  tempC: null,
  lot: 'T1',
  person: 'x',
  licence: null,
  note: '',
  ticked: [],
  planned: null,
  corrects: null,
  loggedAt: '',
  ...change,
});
