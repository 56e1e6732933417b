import { error, fail, redirect, type RequestEvent } from '@sveltejs/kit';
import {
  assess,
  countIn,
  courseOf,
  doneOf,
  goOf,
  inSharedTank,
  isOfTreatment,
  numberOf,
  outsideOf,
  type AnsweredStop,
  type MeasureBody,
} from '$lib/core/case';
import { STOPS } from '$lib/core/labels';
import type { ApplicationRecord } from '$lib/core/record';
import { dueKey } from '$lib/core/schedule';
import { isRefused, type Refusal } from '$lib/core/result';
import {
  fieldsOf,
  isId,
  knownNames,
  numberIn,
  parseCourse,
  parseRecord,
  parseStop,
  parseTick,
} from '$lib/forms';
import type { Fields } from '$lib/forms';
import { stopPath } from '$lib/words';
import { tickSays } from '$lib/core/safety';
import { formOf } from '$lib/server/session/bodies';
import type { Tx } from '$lib/server/db/client';
import { sentencesOf } from '$lib/server/session/answer';
import { localDay } from '$lib/server/session/clock';
import { closeCase, loadCase, settle, type LoadedCase } from '$lib/server/store/cases';
import { footprintOf, measuredOnPlan } from '$lib/server/store/ground';
import { planOf } from '$lib/server/store/plans';
import {
  addTreatment,
  beginTreatment,
  MOST_TREATMENTS,
  moveTreatment,
  nextGo,
  setTreatment,
} from '$lib/server/store/treatments';
import { saveStop, type SaveBasis } from '$lib/server/store/stops';
import { appendRecord, sentBefore, type Appended } from '$lib/server/store/records';
import type { Actions } from './$types';

type Event = RequestEvent<{ number: string; treatment?: string; stop: (typeof STOPS)[number] }>;

export const actions: Actions = {
  save: async (event) => {
    const { stop } = event.params;
    if (stop === 'log') error(404, 'The logbook is written by “Log what was done”.');
    const fields = fieldsOf(await formOf(event.request));
    const outcome = await onCase(event, async (tx, loaded) => {
      const body = parseStop(stop, fields, knownNames(loaded.facts));
      if (isRefused(body)) return { wrong: body.refused };
      const answer = stop === 'measure' ? await onPlan(tx, loaded, body.ok as MeasureBody) : body.ok;
      if (answer === null)
        return {
          wrong: [{ code: 'invalid-input', path: 'plan.zones', facts: { expected: 'not-empty' } } as const],
        };
      return {
        saved: await saveStop(
          tx,
          loaded,
          stop as AnsweredStop,
          answer,
          event.locals.who.person.name,
          event.locals.around.now,
          basisOf(fields),
        ),
      };
    });
    if (outcome.wrong) return refuse(outcome.wrong, fields);
    const { saved } = outcome;
    if (typeof saved !== 'number') return fail(409, { conflict: saved });
    if (fields.get('then') === 'next')
      redirect(303, addressOf(event, STOPS[STOPS.indexOf(stop) + 1] ?? 'recheck'));
    return { saved: true, revision: saved };
  },

  settle: async (event) => {
    const fields = fieldsOf(await formOf(event.request));
    const form = parseTick(fields);
    if (isRefused(form)) return refuse(form.refused, fields);
    const { key, said, tick } = form.ok;
    const off = tick === 'off';
    const known = await onCase(event, async (tx, loaded) => {
      // Only what is open now and may be settled by an act can be ticked.
      const caution = assess(loaded.facts).cautions.find(
        (c) => c.key === key && c.caution.settledBy === 'tick',
      );
      if (!caution) return 'unknown';
      if (!off && tickSays(caution.caution) && said === '') return 'unsaid';
      await settle(
        tx,
        loaded.id,
        key,
        isOfTreatment(caution.caution.stop)
          ? { treatment: numberOf(loaded.facts), go: goOf(loaded.facts) }
          : { treatment: 0, go: 1 },
        off
          ? null
          : {
              by: event.locals.who.person.name,
              at: event.locals.around.now,
              said: said === '' ? null : said,
            },
      );
      return 'done';
    });
    if (known === 'unsaid')
      return refuse([{ code: 'invalid-input', path: 'said', facts: { expected: 'needed' } }], fields);
    if (known === 'unknown')
      return fail(400, {
        errors: [{ path: 'key', message: 'There is no such caution to tick on this case.' }],
      });
    return { settled: true };
  },

  log: async (event) => {
    const fields = fieldsOf(await formOf(event.request));
    const wrong = await onCase(event, (tx, loaded) => log(event, tx, loaded, fields));
    if (wrong) return refuse(wrong, fields);
    redirect(303, addressOf(event, 'log'));
  },

  /** Of the course: a treatment more, another state, another place in the order, the next go. */
  course: async (event) => {
    const fields = fieldsOf(await formOf(event.request));
    const form = parseCourse(fields);
    if (isRefused(form)) return refuse(form.refused, fields);
    const { act, number, onlyIf, takes, place } = form.ok;
    const who = { by: event.locals.who.person.name, at: event.locals.around.now };
    const to = await onCase(event, async (tx, loaded) => {
      if (act === 'add') {
        const added = await addTreatment(tx, loaded, { ...who, onlyIf });
        if (added !== null && loaded.facts.shelf.some(({ label }) => label.id === takes))
          await beginTreatment(tx, loaded, added, { label: takes }, who);
        return added;
      }
      if (!courseOf(loaded.facts).some((one) => one.number === number))
        error(404, 'There is no such treatment.');
      if (act === 'up' || act === 'down')
        await moveTreatment(tx, loaded, number, { by: act === 'up' ? -1 : 1 }, who);
      else if (act === 'to') await moveTreatment(tx, loaded, number, { to: place }, who);
      else if (act === 'next-go') await nextGo(tx, loaded, number, who);
      else await setTreatment(tx, loaded, number, { state: act, onlyIf, ...who });
      return number;
    });
    if (to === null)
      return fail(409, {
        errors: [
          {
            path: 'act',
            message: `A course has at most ${MOST_TREATMENTS} treatments. Open another case for the rest.`,
          },
        ],
      });
    const open = act === 'add' || act === 'next-go';
    redirect(
      303,
      `/cases/${event.params.number}/${to}/${act === 'next-go' ? 'when' : 'choose'}${open ? '' : '#course'}`,
    );
  },

  due: async (event) => {
    const fields = fieldsOf(await formOf(event.request));
    const form = parseTick(fields);
    if (isRefused(form)) return refuse(form.refused, fields);
    const { key, said, tick } = form.ok;
    if (tick === 'on' && key.startsWith('due lift ') && countIn(said) === null)
      return fail(400, {
        errors: [{ path: 'said', message: 'How many were there? Type a whole number; 0 for none.' }],
      });
    const known = await onCase(event, async (tx, loaded) => {
      if (!assess(loaded.facts).dues.some(({ due }) => dueKey(due) === key)) return false;
      const of = { treatment: numberOf(loaded.facts), go: goOf(loaded.facts) };
      const { name: by } = event.locals.who.person;
      const done = { by, at: event.locals.around.now, said: said === '' ? null : said };
      await settle(tx, loaded.id, key, of, tick === 'off' ? null : done);
      return true;
    });
    if (!known)
      return fail(400, {
        errors: [{ path: 'key', message: 'There is nothing of that kind to be done here.' }],
      });
    return { settled: true };
  },

  close: async (event) => {
    const fields = fieldsOf(await formOf(event.request));
    await onCase(event, (tx, loaded) =>
      closeCase(
        tx,
        loaded.id,
        fields.get('closed') === 'yes' ? localDay(event.locals.around.now, loaded.property.timeZone) : null,
      ),
    );
    return { saved: true };
  },
};

/** A stop of the case, or of the treatment that is open. */
const addressOf = ({ params }: Event, stop: (typeof STOPS)[number]): string =>
  stopPath(Number(params.number), params.treatment === undefined ? null : Number(params.treatment), stop);

/** What is measured on the plan is worked out from the plan, whatever the page said. */
async function onPlan(tx: Tx, loaded: LoadedCase, body: MeasureBody): Promise<MeasureBody | null> {
  return body.plan === null ? body : measuredOnPlan((await planOf(tx, loaded.property.id)).plan, body);
}

function refuse(refused: readonly Refusal[], fields: Fields) {
  return fail(400, { errors: sentencesOf(refused, fields) });
}

const KEPT = /^keep\.(.{1,80})$/;

/** What the form was built on. A form that does not say was built on nothing. */
function basisOf(fields: Fields): SaveBasis {
  return {
    basedOn: numberIn(fields.get('basedOn')) ?? 0,
    seen: numberIn(fields.get('seen')),
    mine: new Set(
      [...fields].flatMap(([name, value]) => {
        const path = KEPT.exec(name)?.[1];
        return path !== undefined && value === 'mine' ? [path] : [];
      }),
    ),
  };
}

async function onCase<T>(event: Event, work: (tx: Tx, loaded: LoadedCase) => Promise<T>): Promise<T> {
  const number = numberIn(event.params.number);
  if (number === null) error(404, 'There is no such case.');
  return event.locals.inWorkspace(async (tx) => {
    const found = await loadCase(tx, number, event.locals.around, numberIn(event.params.treatment));
    if (!found) error(404, 'There is no such case, or no such treatment in it.');
    return work(tx, found.loaded);
  });
}

async function log(
  event: Event,
  tx: Tx,
  loaded: LoadedCase,
  fields: Fields,
): Promise<readonly Refusal[] | null> {
  const { requestKey, ...form } = readLog(fields);
  if ('refused' in form.record) return form.record.refused;
  const record = form.record.ok;
  const { facts } = loaded;
  const before = await sentBefore(tx, requestKey, { ...record, caseNumber: facts.number });
  if (before) return otherwise(before);
  const view = assess(facts);
  const corrected =
    record.corrects === null
      ? null
      : facts.records.find((r) => r.id === record.corrects && r.caseNumber === facts.number);
  if (
    corrected === undefined ||
    facts.records.some((r) => r.corrects !== null && r.corrects === record.corrects)
  )
    return [{ code: 'record-not-correctable', path: 'corrects', facts: {} }];
  if (!view.label && !corrected) return [{ code: 'no-remedy-chosen', path: 'label', facts: {} }];
  if (record.doneOn > facts.today)
    return [{ code: 'in-the-future', path: 'doneOn', facts: { today: facts.today } }];
  const { label } = view;
  const outside = outsideOf(facts, view, record, record.corrects);
  const appended = await appendRecord(
    tx,
    { sendKey: requestKey, caseId: loaded.id, propertyId: loaded.property.id },
    {
      ...record,
      caseNumber: facts.number,
      ...(corrected ? ofTreatment(corrected) : { treatment: numberOf(facts), go: goOf(facts) }),
      label: corrected?.label ?? {
        id: label?.id ?? '',
        version: label?.version ?? 0,
        name: label?.name ?? '',
      },
      ...partOf(corrected, facts),
      pest: corrected?.pest ?? view.named?.id ?? '',
      ticked: view.cautions.flatMap((c) => (c.settled ? [{ code: c.key, ...c.settled }] : [])),
      planned:
        view.dose && view.lawn
          ? { product: view.dose.product, area: doneOf(view.lawn, view.measured) }
          : null,
      ...(await groundLaidOn(tx, loaded)),
      ...(outside.length > 0 ? { outside } : {}),
      ...(facts.stops.choose?.reason ? { chosenBecause: facts.stops.choose.reason } : {}),
    },
  );
  return otherwise(appended);
}

/** Which half of a dose that is put down in two. */
function partOf(
  corrected: ApplicationRecord | null,
  facts: LoadedCase['facts'],
): Pick<ApplicationRecord, 'part'> {
  if (corrected) return corrected.part ? { part: corrected.part } : {};
  if (!facts.stops.mix?.half) return {};
  return { part: goOf(facts) === 1 ? 'first-half' : 'second-half' };
}

/** Where an entry lies: on the zones of the plan, on the ground that has a name, or not known. */
async function groundLaidOn(
  tx: Tx,
  { facts, property }: LoadedCase,
): Promise<Pick<ApplicationRecord, 'ground'>> {
  const { plan, name } = inSharedTank(facts).stops.measure ?? {};
  if (!plan && !name) return {};
  const at = plan ? footprintOf((await planOf(tx, property.id)).plan, plan) : { zones: [], footprint: null };
  return { ground: { ...at, ...(name ? { name } : {}) } };
}

/** A correction stays with what it corrects. */
const ofTreatment = ({ treatment, go }: { treatment?: number; go?: number }) => ({
  ...(treatment === undefined ? {} : { treatment }),
  ...(go === undefined ? {} : { go }),
});

/** What the same form had said before, where it says something else now. */
function otherwise(appended: Appended): readonly Refusal[] | null {
  if (appended.done === 'corrected-before')
    return [{ code: 'record-not-correctable', path: 'corrects', facts: {} }];
  if (appended.done !== 'other-content') return null;
  const { product, doneOn, startedAt } = appended.stands;
  return [
    {
      ...{ code: 'sent-before-otherwise', path: '' },
      facts: { value: product.value, unit: product.unit, day: doneOn, time: startedAt },
    },
  ];
}

/** The record, and the key of this page load: sent twice, it is written once. */
function readLog(fields: Fields) {
  const key = fields.get('requestKey') ?? '';
  return { record: parseRecord(fields), requestKey: isId(key) ? key : null };
}
