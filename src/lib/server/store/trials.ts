import { MOST_TRIED, openTrials, type Tried } from '../../core/case';
import type { Tx } from '../db/client';
import type { Surroundings } from './case-facts';
import { loadCase } from './cases';
import { saveStop } from './stops';

/** Why nothing was written down; null where it was. */
export type NotTried = 'no-case' | 'no-look' | 'full' | 'being-tried' | 'changed' | null;

/** Writes down in an open case, at Look, what is tried from today on and when it is stopped; the same thing once at a time. */
export async function tryInCase(
  tx: Tx,
  number: number,
  tried: Tried,
  { around, by }: { around: Surroundings; by: string },
): Promise<NotTried> {
  const found = await loadCase(tx, number, around, null);
  if (!found || found.loaded.closedOn !== null) return 'no-case';
  const { facts } = found.loaded;
  const { look } = facts.stops;
  if (!look) return 'no-look';
  const before = look.tried ?? [];
  if (openTrials(look).some(({ what }) => what === tried.what)) return 'being-tried';
  if (before.length >= MOST_TRIED) return 'full';
  const saved = await saveStop(
    tx,
    found.loaded,
    'look',
    { ...look, tried: [...before, tried] },
    by,
    around.now,
    {
      ...{ basedOn: facts.states.look?.revision ?? 0, seen: null, mine: new Set() },
    },
  );
  return typeof saved === 'number' ? null : 'changed';
}
