import { getRequestEvent } from '$app/server';
import type { ActionFailure } from '@sveltejs/kit';
import { fail, superValidate, type SuperValidated } from 'sveltekit-superforms';
import { isRefused, type Refusal, type Result } from '../../core/result';
import { asTyped, fieldsOf, type Fields } from '../../forms';
import { refusalSentence, showIn } from '../../words';
import { formOf } from './bodies';

/** Never sent back to the page. */
const SECRET = /password|^again$|^present$|^__superform/;
/** The field that says which of the forms of a page was sent. */
const FORM_ID = '__superform_id';
/** The only form of a page has no name of its own. */
const ONLY = 'form';

export interface FormTrouble {
  readonly errors: readonly { readonly path: string; readonly message: string }[];
  /** What was typed, so that nothing is lost. */
  readonly fields: Readonly<Record<string, string>>;
  /** The same for the form that was sent, by which it takes its answer up. */
  readonly form: SuperValidated<Record<string, string>>;
}

export type ReadForm<T> =
  | { readonly valid: true; readonly data: T; readonly fields: Fields }
  | { readonly valid: false; readonly answer: ActionFailure<FormTrouble>; readonly fields: Fields };

/** What a form sent, read by its shape: its data, or the answer (status 400) that tells what is wrong field by field. */
export async function readForm<T extends object>(
  request: Request,
  parse: (fields: Fields) => Result<T>,
): Promise<ReadForm<T>> {
  const fields = fieldsOf(await formOf(request));
  const form = await superValidate(Object.fromEntries(fields), validatorOf(parse, fields), {
    id: formId(fields),
  });
  if (form.valid) return { valid: true, data: form.data as unknown as T, fields };
  const errors = Object.entries(form.errors as Record<string, string[]>).flatMap(([path, messages]) =>
    messages.map((message) => ({ path: path === '_errors' ? '' : path, message })),
  );
  return { valid: false, answer: answer(400, errors, fields), fields };
}

/** Our reader of forms as a validator: dotted names stay names, and every refusal is a sentence of the workspace's manner. */
function validatorOf<T extends object>(parse: (fields: Fields) => Result<T>, fields: Fields) {
  const validate = async () => {
    const read = parse(fields);
    return isRefused(read)
      ? {
          success: false as const,
          issues: sentencesOf(read.refused, fields).map(({ path, message }) => ({ path: [path], message })),
        }
      : { success: true as const, data: read.ok as Record<string, unknown> };
  };
  return {
    superFormValidationLibrary: 'zod4' as const,
    validate,
    jsonSchema: { type: 'object' as const, additionalProperties: true },
    defaults: {} as Record<string, unknown>,
    constraints: {},
    shape: {},
    id: ONLY,
  };
}

/** Status 400 with a sentence for each field that is wrong, and what was typed. */
export function wrongFields(refused: readonly Refusal[], fields: Fields) {
  return answer(400, sentencesOf(refused, fields), fields);
}

/** A sentence for each refusal, in the manner of the workspace that asks. */
export function sentencesOf(refused: readonly Refusal[], fields: Fields) {
  const show = showIn(getRequestEvent().locals.around.settings);
  return asTyped(refused, fields).map((r) => ({ path: r.path, message: refusalSentence(r, show) }));
}

/** A refusal in one sentence about one field ("" for the whole form). */
export function wrongField(
  status: ErrorStatus,
  path: string,
  message: string,
  fields: Fields = new Map(),
): ActionFailure<FormTrouble> {
  return answer(status, [{ path, message }], fields);
}

type ErrorStatus = Parameters<typeof fail>[0];

/** By its own field, or by the action that it was sent to. */
const formId = (fields: Fields): string =>
  fields.get(FORM_ID) ?? (/^\?\/\w+/.exec(getRequestEvent().url.search)?.[0] || ONLY);

function answer(
  status: ErrorStatus,
  errors: FormTrouble['errors'],
  fields: Fields,
): ActionFailure<FormTrouble> {
  const kept = Object.fromEntries(
    [...fields].flatMap(([name, value]) => (SECRET.test(name) ? [] : [[name, value.slice(0, 2000)]])),
  );
  const byField: Record<string, string[]> = {};
  for (const { path, message } of errors) (byField[path === '' ? '_errors' : path] ??= []).push(message);
  return fail(status, {
    errors,
    fields: kept,
    form: {
      id: formId(fields),
      valid: false,
      posted: true,
      errors: byField as FormTrouble['form']['errors'],
      data: kept,
    },
  });
}
