import { error, fail, redirect, type RequestEvent } from '@sveltejs/kit';
import { assess, type AnsweredStop, type MeasureBody, outsideOf } from '$lib/core/case';
import { STOPS } from '$lib/core/labels';
import { isRefused, type Refusal } from '$lib/core/result';
import { fieldsOf, isId, knownNames, numberIn, parseRecord, parseStop, parseTick } from '$lib/forms';
import type { Fields } from '$lib/forms';
import { tickSays } from '$lib/core/safety';
import { formOf } from '$lib/server/session/bodies';
import type { Tx } from '$lib/server/db/client';
import { sentencesOf } from '$lib/server/session/answer';
import { localDay } from '$lib/server/session/clock';
import { closeCase, loadCase, settle, type LoadedCase } from '$lib/server/store/cases';
import { footprintOf, measuredOnPlan } from '$lib/server/store/ground';
import { planOf } from '$lib/server/store/plans';
import { saveStop, type SaveBasis } from '$lib/server/store/stops';
import { appendRecord, sentBefore, type Appended } from '$lib/server/store/records';
import type { Actions } from './$types';

type Event = RequestEvent<{ number: string; stop: (typeof STOPS)[number] }>;

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
      redirect(303, `/cases/${event.params.number}/${STOPS[STOPS.indexOf(stop) + 1] ?? 'recheck'}`);
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
    redirect(303, `/cases/${event.params.number}/log`);
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
    const found = await loadCase(tx, number, event.locals.around);
    if (!found) error(404, 'There is no such case.');
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
      label: corrected?.label ?? {
        id: label?.id ?? '',
        version: label?.version ?? 0,
        name: label?.name ?? '',
      },
      pest: corrected?.pest ?? view.named?.id ?? '',
      ticked: view.cautions.flatMap((c) => (c.settled ? [{ code: c.key, ...c.settled }] : [])),
      planned: view.dose && view.lawn ? { product: view.dose.product, area: view.lawn.area } : null,
      ...(facts.stops.measure?.plan
        ? {
            ground: footprintOf((await planOf(tx, loaded.property.id)).plan, facts.stops.measure.plan),
          }
        : {}),
      ...(outside.length > 0 ? { outside } : {}),
      ...(facts.stops.choose?.reason ? { chosenBecause: facts.stops.choose.reason } : {}),
    },
  );
  return otherwise(appended);
}

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
