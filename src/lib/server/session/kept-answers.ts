import type { Surroundings } from '../store/case-facts';
import { Memory } from './remember';
import type { Who } from './who';

/** Facts go by the hour of their place, and places differ by quarters of one. */
const QUARTER_MS = 900_000;
const MOST_BYTES = 64_000_000;

interface Kept {
  readonly answer: unknown;
  readonly bytes: number;
}

const KEPT = new Memory<Kept>(MOST_BYTES, ({ bytes }) => bytes);

/** In what a page is read: all that its answer may follow from, besides the data of the workspace. */
export interface Reading {
  readonly who: Pick<Who, 'workspaceId' | 'revision' | 'role'>;
  readonly around: Pick<Surroundings, 'now' | 'real' | 'settings' | 'licence' | 'today'>;
}

/**
 * What a page is made of, read once for each state of the workspace: the database counts the changes of each (0019), so
 * that what was read at a revision still holds while the revision does, whichever process changed anything. For answers
 * that follow from the workspace's counted tables, the quarter of an hour, the settings, the role and the licence alone.
 * @param what names the page, with whatever of its address the answer depends on
 * @param weigh bytes of an answer, roughly
 */
export async function answerAt<T>(
  { who, around }: Reading,
  what: string,
  read: () => Promise<T>,
  weigh: (answer: NonNullable<T>) => number,
): Promise<T> {
  const key = [
    ...[who.workspaceId, who.revision, who.role, Math.floor(around.now.getTime() / QUARTER_MS), around.today],
    ...[around.real, JSON.stringify([around.settings, around.licence]), what],
  ].join(' ');
  const before = KEPT.find(key);
  if (before) return before.answer as T;
  const answer = await read();
  // Nothing is kept of what is not there: names that anybody can think of would push out the rest.
  if (answer) KEPT.get(key, () => ({ answer, bytes: weigh(answer) }));
  return answer;
}
