import { fail } from '@sveltejs/kit';
import type { Refusal } from '../../core/result';
import { asTyped } from '../../forms';
import { refusalSentence } from '../../words';

/** Never sent back to the page. */
const SECRET = /password|again/;

export interface FormTrouble {
  readonly errors: readonly { readonly path: string; readonly message: string }[];
  /** What was typed, so that nothing is lost. */
  readonly fields: Readonly<Record<string, string>>;
}

/** Status 400 with a sentence for each field that is wrong, and what was typed. */
export function wrongFields(refused: readonly Refusal[], fields: ReadonlyMap<string, string>) {
  return wrong(
    400,
    asTyped(refused, fields).map((r) => ({ path: r.path, message: refusalSentence(r) })),
    fields,
  );
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
