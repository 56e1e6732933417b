import { CANNOT_TELL, NONE_OF_THESE } from '../../core/identify';
import type { AnsweredStop, CaseFacts, StopBodies } from '../../core/case';
import { invalid, isRefused, type Refusal, type Result } from '../../core/result';
import { read } from '../shape';
import { treeOf, type Fields } from '../fields';
import { BODIES, measureBody } from './bodies';

/** Names that a case may use: handed in, so that no page bundles the catalogue. */
export interface KnownNames {
  /** Signs with their values; null for those that are there or not. */
  readonly signs: ReadonlyMap<string, ReadonlySet<string> | null>;
  readonly tests: ReadonlySet<string>;
  readonly candidates: ReadonlyMap<string, ReadonlySet<string>>;
  readonly labels: ReadonlySet<string>;
}

/** The names that a case may use, from its catalogue and shelf. */
export function knownNames({
  signs,
  candidates,
  tests,
  shelf,
}: Pick<CaseFacts, 'signs' | 'candidates' | 'tests' | 'shelf'>): KnownNames {
  return {
    signs: new Map(
      signs.map((s) => [s.id, s.values === null ? null : new Set(s.values.map((value) => value.id))]),
    ),
    candidates: new Map(candidates.map((c) => [c.id, new Set(c.stages.map((stage) => stage.id))])),
    tests: new Set(tests.map((test) => test.id)),
    labels: new Set(shelf.map((entry) => entry.label.id)),
  };
}

/** What a form sent for a stop, as its answer; every reason against it is told with the field's name. */
export function parseStop<S extends AnsweredStop>(
  stop: S,
  fields: Fields,
  known: KnownNames,
): Result<StopBodies[S], 'invalid-input' | 'unknown-unit'> {
  const body = read(BODIES[stop], treeOf(fields));
  if (isRefused(body)) return body;
  // Kept as "", nothing named is said as "none": a blank is no answer.
  if (stop === 'name' && fields.get('candidate') === '') return { refused: [invalid('candidate', 'needed')] };
  const refused = unknownNames(stop, body.ok as Partial<StopBodies[AnsweredStop]>, known);
  return refused.length > 0 ? { refused } : { ok: body.ok as unknown as StopBodies[S] };
}

/** The answer as the database gave it back, or undefined where it does not have its shape (an older version's, say). */
export function readStop(stop: AnsweredStop, stored: unknown): StopBodies[AnsweredStop] | undefined {
  const schema = stop === 'measure' ? measureBody : BODIES[stop];
  const parsed = schema.safeParse(stop === 'look' ? withTests(stored) : stored);
  return parsed.success ? (parsed.data as StopBodies[AnsweredStop]) : undefined;
}

/** Readings that were kept before each named its field test were all by that of their Look. */
function withTests(look: unknown): unknown {
  if (typeof look !== 'object' || look === null || !('series' in look) || !Array.isArray(look.series))
    return look;
  const test = 'test' in look ? look.test : undefined;
  return { ...look, series: look.series.map((one: object) => ({ test, ...one })) };
}

function unknownNames(stop: AnsweredStop, body: object, known: KnownNames): Refusal<'invalid-input'>[] {
  if (stop === 'look') {
    const { signs, test } = body as StopBodies['look'];
    const wrong = Object.entries(signs).flatMap(([sign, found]) => {
      const values = known.signs.get(sign);
      if (values === undefined) return [invalid(`signs.${sign}`, 'a-known-key', { key: sign })];
      if (found === CANNOT_TELL || (found === NONE_OF_THESE && values !== null)) return [];
      const fits = values === null ? typeof found === 'boolean' : values.has(String(found));
      return fits ? [] : [invalid(`signs.${sign}`, 'one-of', { seen: String(found) })];
    });
    return known.tests.has(test) ? wrong : [...wrong, invalid('test', 'one-of', { seen: test })];
  }
  if (stop === 'name') {
    const { candidate, stage, stages: found = [], also } = body as StopBodies['name'];
    const other = also.find((id) => !known.candidates.has(id));
    if (other !== undefined) return [invalid('also', 'one-of', { seen: other })];
    // A routine visit names nothing.
    if (candidate === '') return [];
    const stages = known.candidates.get(candidate);
    if (!stages) return [invalid('candidate', 'one-of', { seen: candidate })];
    const wrong = [...(stage === null ? [] : [stage]), ...found].find((one) => !stages.has(one));
    return wrong === undefined ? [] : [invalid('stage', 'one-of', { seen: wrong })];
  }
  if (stop === 'choose') {
    const { label } = body as StopBodies['choose'];
    return label === null || known.labels.has(label) ? [] : [invalid('label', 'one-of', { seen: label })];
  }
  return [];
}
