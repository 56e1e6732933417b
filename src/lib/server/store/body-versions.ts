/** Bodies that are kept as JSON beside the version of their shape. */
export type BodyKind = 'stop' | 'record' | 'plan' | 'card';

type Step = (body: unknown) => unknown;

/**
 * From each version of a shape to the next: the first step leads from version 1 to 2. A shape that changes gets its step
 * here, and its column's default the next number in a migration; whatever was kept is read through the steps that it lacks.
 */
const STEPS: Readonly<Record<BodyKind, readonly Step[]>> = { stop: [], record: [], plan: [], card: [] };

/** The version that a body of a kind is written in now. */
export const versionNow = (kind: BodyKind): number => STEPS[kind].length + 1;

/**
 * A kept body in the shape of now, to be read by its schema; undefined where a later version of Nimsy wrote it, which this
 * one cannot know.
 */
export function bodyNow(kind: BodyKind, version: number, body: unknown): unknown {
  if (version > versionNow(kind)) return undefined;
  return STEPS[kind].slice(version - 1).reduce((shape, step) => step(shape), body);
}
