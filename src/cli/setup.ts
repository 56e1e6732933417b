import { sql } from 'drizzle-orm';
import { HOME, FIRM } from '../../demo/scenario';
import { seedHome, seedScenario } from '../../demo/seed';
import { connect, withWorkspace, type Database, rowsOf } from '../lib/server/db/client';
import { countContainers } from '../lib/server/db/count-containers';
import { migrateTables, refuseStrongRole } from '../lib/server/db/prepare';
import { installation, memberships, people, workspaces } from '../lib/server/db/schema';
import { READY_ACCOUNTS, READY_LICENCES } from '../lib/server/outside/ready-accounts';
import { startReset } from '../lib/server/session/people';
import { furnish } from '../lib/server/store/workspaces';

export { createDatabase } from '../lib/server/db/prepare';

export interface Preparation {
  /** The owner of the tables; without it the tables must be at the present version already. */
  readonly ownerUrl: string | undefined;
  readonly appUrl: string;
  readonly migrations: string;
  readonly mode: 'demo' | 'real';
  /** Sets the day on which the demonstration's clock opens; without it a running clock runs on. */
  readonly today: string | undefined;
  /** The demonstration's clock stands at its opening. */
  readonly still: boolean;
}

const DEMONSTRATION_OPENS = '2027-09-15';
/** The workspaces of the demonstration have known ids, so that tests and pictures find them. */
export const DEMO_FIRM = '00000000-0000-4000-8000-000000000001';
export const DEMO_HOME = '00000000-0000-4000-8000-000000000002';

/**
 * Brings the database to the present version and says once what kind of installation it is: the demonstration with its
 * scenario and its people, else an empty one that waits for its first person. Refuses data of the other kind, and a
 * role for the application that could pass over row-level security. Returns whether and how people sign in.
 */
export async function prepare({
  ownerUrl,
  appUrl,
  migrations,
  mode,
  today,
  still,
}: Preparation): Promise<string> {
  if (ownerUrl !== undefined) await migrateTables(ownerUrl, migrations, userOf(appUrl));
  await refuseStrongRole(appUrl);
  if (ownerUrl !== undefined) await settleInstallation(ownerUrl, mode, today, still);
  const { db, close } = connect(appUrl, 1);
  try {
    const [row] = await rowsOf<{ asks: { mode: string | null; signIn: string } }>(
      db,
      sql`select who_asks(null) as asks`,
    );
    if (!row?.asks.mode)
      throw new Error('Its tables are there, but it was never set up: set DATABASE_OWNER_URL once.');
    refuseOtherKind(row.asks.mode, mode);
    return row.asks.signIn;
  } finally {
    await close();
  }
}

const userOf = (url: string): string => decodeURIComponent(new URL(url).username);

function refuseOtherKind(known: string, mode: 'demo' | 'real'): void {
  if (known === mode) return;
  throw new Error(
    known === 'demo'
      ? 'This data is the demonstration’s. Start it with ./nimsy demo, or give ./nimsy start another --data.'
      : 'This data is in real use. Start it with ./nimsy start, or give ./nimsy demo another --data.',
  );
}

async function settleInstallation(
  ownerUrl: string,
  mode: 'demo' | 'real',
  today: string | undefined,
  still: boolean,
): Promise<void> {
  const { db, close } = connect(ownerUrl, 2);
  try {
    const [known] = await db.select().from(installation);
    if (known) {
      refuseOtherKind(known.mode, mode);
      if (mode === 'demo' && today !== undefined)
        await db.update(installation).set({ opensOn: today, firstStartedAt: new Date() });
      if (known.stands !== still) await db.update(installation).set({ stands: still });
      return;
    }
    if (mode === 'demo') {
      await seedDemonstration(db, today ?? DEMONSTRATION_OPENS);
      await countContainers(db);
      if (still) await db.update(installation).set({ stands: true });
    } else
      await db
        .insert(installation)
        .values({ id: 1, mode, opensOn: null, firstStartedAt: new Date(), signIn: 'not-yet' });
  } finally {
    await close();
  }
}

async function seedDemonstration(db: Database, opensOn: string): Promise<void> {
  await withWorkspace(db, DEMO_FIRM, async (tx) => {
    await tx
      .insert(installation)
      .values({ id: 1, mode: 'demo', opensOn, firstStartedAt: new Date(), signIn: 'people', stands: false });
    await tx.insert(workspaces).values([
      { id: DEMO_FIRM, name: FIRM.name },
      { id: DEMO_HOME, name: HOME.name },
    ]);
    const made = await tx
      .insert(people)
      .values(READY_ACCOUNTS.map(({ email, name }) => ({ email, name, passwordHash: null })))
      .returning({ id: people.id, email: people.email });
    await tx.insert(memberships).values(
      READY_ACCOUNTS.map(({ email, role, workspace }) => ({
        workspaceId: workspace === 'firm' ? DEMO_FIRM : DEMO_HOME,
        personId: made.find((person) => person.email === email)?.id ?? '',
        role,
        licence: READY_LICENCES[email] ?? null,
      })),
    );
    await furnish(tx);
    await seedScenario(tx);
    const home = Object.assign(tx, { workspaceId: DEMO_HOME });
    await furnish(home);
    await seedHome(home);
  });
}

/** A one-time path that sets a new password for somebody who is locked out; null where nobody has the address. */
export async function resetPath(
  ownerUrl: string,
  email: string,
  withoutSecondFactor: boolean,
): Promise<string | null> {
  const { db, close } = connect(ownerUrl, 1);
  try {
    const address = email.trim().toLowerCase();
    const reset = await startReset(db, address);
    if (reset && withoutSecondFactor)
      await db.execute(sql`select drop_totp(id) from people where email = ${address}`);
    return reset && `/reset/${reset.token}`;
  } finally {
    await close();
  }
}
