import { eq } from 'drizzle-orm';
import { seedScenario } from '../../demo/seed';
import { FIRM } from '../../demo/scenario';
import { DEMONSTRATION_LABELS } from '../lib/catalog';
import { connect, withWorkspace } from '../lib/server/db/client';
import { migrateTables } from '../lib/server/db/prepare';
import { labels, workspaces } from '../lib/server/db/schema';
import { FIRST_WORKSPACE } from '../lib/server/session/who';

export { createDatabase } from '../lib/server/db/prepare';

export interface Preparation {
  readonly ownerUrl: string;
  readonly migrations: string;
  readonly mode: 'demo' | 'real';
  /** Sets the day on which the demonstration's clock opens; without it a running clock runs on. */
  readonly today: string | undefined;
}

const DEMONSTRATION_OPENS = '2027-09-15';

/**
 * Brings the database to the present version and makes its first workspace, once: with the scenario for the
 * demonstration, else with the demonstration labels alone. Refuses a database of the other kind.
 */
export async function prepare({ ownerUrl, migrations, mode, today }: Preparation): Promise<void> {
  await migrateTables(ownerUrl, migrations);
  const { db, close } = connect(ownerUrl, 2);
  try {
    const [known] = await db.select().from(workspaces).where(eq(workspaces.id, FIRST_WORKSPACE));
    if (known && known.mode !== mode)
      throw new Error(
        known.mode === 'demo'
          ? 'This data is the demonstration’s. Start it with ./nimsy demo, or give ./nimsy start another --data.'
          : 'This data is in real use. Start it with ./nimsy start, or give ./nimsy demo another --data.',
      );
    if (known && mode === 'demo' && today !== undefined)
      await db
        .update(workspaces)
        .set({ opensOn: today, firstStartedAt: new Date() })
        .where(eq(workspaces.id, FIRST_WORKSPACE));
    if (known) return;
    await withWorkspace(db, FIRST_WORKSPACE, async (tx) => {
      await tx.insert(workspaces).values({
        id: FIRST_WORKSPACE,
        name: mode === 'demo' ? FIRM.name : 'My workspace',
        person: mode === 'demo' ? FIRM.person : 'You',
        mode,
        opensOn: mode === 'demo' ? (today ?? DEMONSTRATION_OPENS) : null,
        firstStartedAt: new Date(),
      });
      await tx.insert(labels).values(
        DEMONSTRATION_LABELS.map((card) => ({
          workspaceId: FIRST_WORKSPACE,
          labelId: card.id,
          version: card.version,
          card,
        })),
      );
      if (mode === 'demo') await seedScenario(tx);
    });
  } finally {
    await close();
  }
}
