import type { AnsweredStop, StopBodies } from '../../core/case';
import { invalid, isRefused, type Refusal, type Result } from '../../core/result';
import { read } from '../shape';
import { treeOf, type Fields } from '../fields';
import { BODIES, measureBody } from './bodies';

/** Names that a case may use: handed in, so that no page bundles the catalogue. */
export interface KnownNames {
  readonly signs: ReadonlySet<string>;
  readonly candidates: ReadonlyMap<string, ReadonlySet<string>>;
  readonly labels: ReadonlySet<string>;
}

/** What a form sent for a stop, as its answer; every reason against it is told with the field's name. */
export function parseStop<S extends AnsweredStop>(
  stop: S,
  fields: Fields,
  known: KnownNames,
): Result<StopBodies[S], 'invalid-input' | 'unknown-unit'> {
  const body = read(BODIES[stop], treeOf(fields));
  if (isRefused(body)) return body;
  const refused = unknownNames(stop, body.ok as Partial<StopBodies[AnsweredStop]>, known);
  return refused.length > 0 ? { refused } : { ok: body.ok as unknown as StopBodies[S] };
}

/** The answer as the database gave it back, or undefined where it does not have its shape (an older version's, say). */
export function readStop(stop: AnsweredStop, stored: unknown): StopBodies[AnsweredStop] | undefined {
  const schema = stop === 'measure' ? measureBody : BODIES[stop];
  const parsed = schema.safeParse(stored);
  return parsed.success ? (parsed.data as StopBodies[AnsweredStop]) : undefined;
}

function unknownNames(stop: AnsweredStop, body: object, known: KnownNames): Refusal<'invalid-input'>[] {
  if (stop === 'look') {
    const signs = Object.keys((body as StopBodies['look']).signs);
    return signs
      .filter((sign) => !known.signs.has(sign))
      .map((sign) => invalid(`signs.${sign}`, 'a-known-key', { key: sign }));
  }
  if (stop === 'name') {
    const { candidate, stage } = body as StopBodies['name'];
    const stages = known.candidates.get(candidate);
    if (!stages) return [invalid('candidate', 'one-of', { seen: candidate })];
    return stage === null || stages.has(stage) ? [] : [invalid('stage', 'one-of', { seen: stage })];
  }
  if (stop === 'choose') {
    const { label } = body as StopBodies['choose'];
    return label === null || known.labels.has(label) ? [] : [invalid('label', 'one-of', { seen: label })];
  }
  return [];
}
