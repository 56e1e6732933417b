import { eq } from 'drizzle-orm';
import type { Database } from '../db/client';
import { workspaces } from '../db/schema';
import { demonstrationClock, realClock, type Clock } from './clock';

/** Until people sign in there is one workspace in a database, under this id. */
export const FIRST_WORKSPACE = '00000000-0000-4000-8000-000000000001';

/** Who is asking: the workspace whose data is seen, the person's name, and the clock that holds there. */
export interface Who {
  readonly workspaceId: string;
  readonly workspace: string;
  readonly person: string;
  readonly demonstration: boolean;
  readonly now: Clock;
}

/**
 * The one place that answers who is asking. For now everybody is the person of the first workspace; sign-in will answer
 * here, and nothing else needs to change.
 */
export async function whoIsAsking(db: Database, still: boolean): Promise<Who> {
  const [row] = await db.select().from(workspaces).where(eq(workspaces.id, FIRST_WORKSPACE));
  if (!row) throw new Error('the workspace is missing: start Nimsy with ./nimsy demo or ./nimsy start');
  const demonstration = row.mode === 'demo';
  return {
    workspaceId: row.id,
    workspace: row.name,
    person: row.person,
    demonstration,
    now:
      demonstration && row.opensOn ? demonstrationClock(row.opensOn, row.firstStartedAt, still) : realClock,
  };
}
