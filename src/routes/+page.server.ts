import { stockState } from '$lib/core/choose';
import {
  assess,
  courseAgenda,
  factsFor,
  letterOf,
  openTrials,
  purposeOf,
  standingCourse,
} from '$lib/core/case';
import { daysBetween } from '$lib/core/units';
import { dueOn } from '$lib/core/equipment';
import { listEquipment } from '$lib/server/store/equipment';
import { countAllCases } from '$lib/server/store/case-list';
import { loadOpenCases } from '$lib/server/store/cases';
import { loadFewOfShelf } from '$lib/server/store/shelf';
import { pageOfProperties } from '$lib/server/store/properties';
import { localHour } from '$lib/server/session/clock';
import { PURPOSE_WORDS, showIn, STOP_NAMES, trailText } from '$lib/words';
import type { Tx } from '$lib/server/db/client';
import type { PageServerLoad } from './$types';

/** What an entry leaves to be done is told so many days ahead. */
const DUE_DAYS = 7;

/** Of each label the containers that end first. */
const ON_TODAY = 6;
/** What is running out, the soonest of it; the rest stands on the shelf. */
const RUNNING_OUT_SHOWN = 8;

export const load: PageServerLoad = ({ locals }) => locals.kept('today', (tx) => todayOf(tx, locals));

async function todayOf(tx: Tx, locals: App.Locals) {
  const cases = await loadOpenCases(tx, locals.around);
  const shelf = await loadFewOfShelf(tx, locals.around.settings.currency, ON_TODAY);
  const { open } = await countAllCases(tx);
  const properties = (await pageOfProperties(tx, { after: null, most: 1 })).rows;
  const tools = await listEquipment(tx);
  const { settings } = locals.around;
  const show = showIn(settings);
  const { zone, today } = locals.around;
  const asked = cases.flatMap(({ facts: one }) =>
    courseAgenda(one).map((entry) => ({ ...entry, several: standingCourse(one).length > 1 })),
  );
  const entries = asked.map(({ facts, view, agenda, treatment, several }) => {
    return {
      ...agenda,
      number: facts.number,
      /** Its address within the case: of one of several treatments, or of the case. */
      treatment: several ? treatment : null,
      letter: several ? letterOf(facts, treatment) : '',
      title: facts.title,
      property: facts.property.name,
      what: view.named
        ? view.label
          ? `${view.named.name} · ${view.label.name}`
          : view.named.name
        : purposeOf(facts) === 'routine'
          ? `${PURPOSE_WORDS.routine}${view.label ? ` · ${view.label.name}` : ''}`
          : 'not sure yet',
      stopName: STOP_NAMES[agenda.nextStop],
      stopText: trailText(agenda.nextStop, facts, view, show),
      halt: view.halts[0]?.caution ?? null,
      due: view.recheckDue,
      /** A mix that is settled and not yet put down. */
      mix: view.label?.use.carrier && view.dose?.finished && view.records.length === 0 ? view.label.id : null,
    };
  });
  const dues = cases.flatMap(({ facts: one }) =>
    standingCourse(one).flatMap(({ number: treatment }) => {
      const own = factsFor(one, treatment);
      if (!own) return [];
      return assess(own).dues.flatMap(({ due, done }) =>
        done === null && daysBetween(today, due.day) <= DUE_DAYS
          ? [
              {
                ...{ due, number: one.number, property: one.property.name },
                treatment: standingCourse(one).length > 1 ? treatment : null,
              },
            ]
          : [],
      );
    }),
  );
  const trials = cases.flatMap(({ facts: { number, property, stops } }) =>
    openTrials(stops.look)
      .filter(({ until }) => daysBetween(today, until) <= DUE_DAYS)
      .map(({ what, until }) => ({ what, until, number, property: property.name })),
  );
  const runningOut = shelf
    .flatMap(({ label, containers }) =>
      containers.map((c) => ({
        label: label.name,
        labelId: label.id,
        lot: c.lot,
        left: c.left,
        size: c.size,
        until: c.until,
        state: stockState(c, label.family === 'living', today),
        keptIn: c.keptIn,
      })),
    )
    .filter(({ state }) => state !== 'good' && state !== 'empty')
    .sort((a, b) => ((a.until ?? '9999') < (b.until ?? '9999') ? -1 : 1));
  return {
    today,
    trials: trials.sort((a, b) => (a.until < b.until ? -1 : 1)),
    dues: dues.sort((a, b) => (a.due.day < b.due.day ? -1 : 1)),
    nowHour: localHour(locals.around.now, zone),
    // Numbers are asked for before they are needed.
    numbersMissing: settings.emergency.poison === '' || settings.emergency.police === '',
    owner: locals.who.role === 'owner',
    hasProperties: properties.length > 0,
    weather: locals.around.real ? null : 'stand-in',
    entries,
    /** Open cases that are not worked out here. */
    more: Math.max(0, open - cases.length),
    calibrate: tools.flatMap((tool) => {
      const due = dueOn(tool.kind, tool.calibratedOn, tool.dueDays);
      return due !== null && due <= today ? [{ id: tool.id, name: tool.name, due }] : [];
    }),
    runningOut: runningOut.slice(0, RUNNING_OUT_SHOWN),
    moreRunOut: Math.max(0, runningOut.length - RUNNING_OUT_SHOWN),
  };
}
