import { getRequestEvent } from '$app/server';
import { fail } from '@sveltejs/kit';
import type { Refusal } from '../../core/result';
import { asTyped } from '../../forms';
import { refusalSentence, showIn } from '../../words';

/** Never sent back to the page. */
const SECRET = /password|again/;

export interface FormTrouble {
  readonly errors: readonly { readonly path: string; readonly message: string }[];
  /** What was typed, so that nothing is lost. */
  readonly fields: Readonly<Record<string, string>>;
}

/** Status 400 with a sentence for each field that is wrong, and what was typed. */
export function wrongFields(refused: readonly Refusal[], fields: ReadonlyMap<string, string>) {
  return wrong(400, sentencesOf(refused, fields), fields);
}

/** A sentence for each refusal, in the manner of the workspace that asks. */
export function sentencesOf(refused: readonly Refusal[], fields: ReadonlyMap<string, string>) {
  const show = showIn(getRequestEvent().locals.around.settings);
  return asTyped(refused, fields).map((r) => ({ path: r.path, message: refusalSentence(r, show) }));
}

/** A refusal in one sentence about one field ("" for the whole form). */
export function wrongField(
  status: number,
  path: string,
  message: string,
  fields: ReadonlyMap<string, string> = new Map(),
) {
  return wrong(status, [{ path, message }], fields);
}

function wrong(status: number, errors: FormTrouble['errors'], fields: ReadonlyMap<string, string>) {
  const kept = [...fields].filter(([name]) => !SECRET.test(name));
  return fail(status, {
    errors,
    fields: Object.fromEntries(kept.map(([name, value]) => [name, value.slice(0, 2000)])),
  } satisfies FormTrouble);
}
