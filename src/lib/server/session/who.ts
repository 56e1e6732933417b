import type { Licence } from '../../core/premises';
import { sql } from 'drizzle-orm';
import { type Database, rowsOf } from '../db/client';
import { demonstrationClock, realClock, type Clock } from './clock';
import { isAway } from '../db/away';
import { hashOf } from './tokens';

export type Role = 'owner' | 'technician' | 'viewer';
export type SignIn = 'not-yet' | 'only-me' | 'people';

/** The installation as every request sees it, signed in or not. */
export interface House {
  readonly demonstration: boolean;
  readonly signIn: SignIn;
  readonly now: Clock;
}

/** A person who is signed in, without having to be a member of any workspace. */
export interface Person {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  /** False for the one person of a machine without sign-in, and for the made-up people of the demonstration. */
  readonly hasPassword: boolean;
  readonly hasSecondFactor: boolean;
  /** Within the last quarter of an hour the person proved to be there, by password or code. */
  readonly confirmed: boolean;
}

/** Who is asking: the person, the workspace whose data is seen, and the role there. */
export interface Who {
  readonly person: Person;
  readonly workspaceId: string;
  readonly workspace: string;
  readonly role: Role;
  readonly licence: Licence | null;
  /** As it is kept; parsed by whoever needs it. */
  readonly settings: unknown;
  readonly settingsRevision: number;
  /** Counts the changes of the workspace's data; as it stood before anything else was read. */
  readonly revision: number;
  /** The zone of the first property that was entered; null where there is none. */
  readonly zone: string | null;
}

export interface Asking {
  readonly house: House;
  readonly person: Person | null;
  /** The password was right, and the code of the second factor is waited for. */
  readonly half: boolean;
  readonly who: Who | null;
}

interface Answer extends Record<string, unknown> {
  readonly mode: 'demo' | 'real';
  readonly opensOn: string | null;
  readonly firstStartedAt: string;
  readonly signIn: SignIn;
  readonly half: boolean;
  readonly person: Person | null;
  readonly workspace: {
    readonly id: string;
    readonly name: string;
    readonly role: Role;
    readonly licence: Licence | null;
    readonly settings: unknown;
    readonly settingsRevision: number;
    readonly revision: number;
    readonly zone: string | null;
  } | null;
}

/** The one place that answers who is asking, in one turn of the wire: by the session's token, or by "only me". */
export async function whoIsAsking(db: Database, token: string | undefined, still: boolean): Promise<Asking> {
  const query = sql`select who_asks(${token === undefined ? null : hashOf(token)}) as asks`;
  // It may be asked twice: a connection that had died while it lay idle is replaced.
  const [row] = await rowsOf<{ asks: Answer }>(db, query).catch((reason: unknown) => {
    if (isAway(reason)) return rowsOf<{ asks: Answer }>(db, query);
    throw reason;
  });
  const asks = row?.asks;
  if (!asks?.mode)
    throw new Error('the installation is missing: start Nimsy with ./nimsy demo or ./nimsy start');
  const demonstration = asks.mode === 'demo';
  const house: House = {
    demonstration,
    signIn: asks.signIn,
    now:
      demonstration && asks.opensOn
        ? demonstrationClock(asks.opensOn, new Date(asks.firstStartedAt), still)
        : realClock,
  };
  const { person, workspace } = asks;
  return {
    house,
    person,
    half: asks.half,
    who:
      person && workspace
        ? {
            person,
            workspaceId: workspace.id,
            workspace: workspace.name,
            role: workspace.role,
            licence: workspace.licence,
            settings: workspace.settings,
            settingsRevision: workspace.settingsRevision,
            revision: workspace.revision,
            zone: workspace.zone,
          }
        : null,
  };
}
