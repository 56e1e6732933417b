import { sql } from 'drizzle-orm';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import { connect, type Database, rowsOf } from './client';
import { countContainers } from './count-containers';

/** Makes the two roles and the database where they are missing. Needs the superuser's address. */
export async function createDatabase(
  superuserUrl: string,
  secrets: { owner: string; app: string },
): Promise<void> {
  const client = new pg.Client({ connectionString: superuserUrl });
  await client.connect();
  try {
    for (const [role, password] of [
      ['nimsy_owner', secrets.owner],
      ['nimsy_app', secrets.app],
    ] as const) {
      const { rows: known } = await client.query('select 1 from pg_roles where rolname = $1', [role]);
      // Passwords are our own base64url words; roles take no parameters in PostgreSQL.
      if (known.length === 0)
        await client.query(`create role ${role} login password '${password.replaceAll("'", '')}'`);
    }
    const { rows: made } = await client.query(`select 1 from pg_database where datname = 'nimsy'`);
    if (made.length === 0) await client.query('create database nimsy owner nimsy_owner');
  } finally {
    await client.end();
  }
}

/** What the application's role may do with each table that it reaches directly; to the others only through functions. */
const RIGHTS: Readonly<Record<string, string>> = {
  workspaces: 'select, update (name, settings, settings_revision)',
  memberships: 'select, insert, update (role, licence), delete',
  invitations: 'select, insert, delete',
  shared_links: 'select, insert, update (revoked_at)',
  outbox: 'select, insert, update (link)',
  exports: 'select, insert',
  customers: 'select, insert, update, delete',
  properties: 'select, insert, update, delete',
  cases: 'select, insert, update',
  treatments: 'select, insert, update (position, state, only_if, go)',
  case_stops: 'select, insert, update',
  case_stop_history: 'select, insert',
  photos: 'select, insert, delete',
  settlements: 'select, insert, update, delete',
  records: 'select, insert',
  settlement_history: 'select, insert',
  sends: 'select, insert, update (answer), delete',
  stock_movements: 'select, insert',
  jobs: 'select, insert, update (state, doing, done, total, result, stop_asked, heard_at, ended_at)',
  labels: 'select, insert',
  containers: 'select, insert, update, delete',
  stock_changes: 'select, insert',
  label_files: 'select, insert, delete',
  plans: 'select, insert, update',
  plan_days: 'select, insert, update',
  plan_pictures: 'select, insert, delete',
  equipment: 'select, insert, update, delete',
  calibrations: 'select, insert, delete',
  kept_jobs: 'select, insert, delete',
  removed: 'select, insert, delete',
};

/**
 * Brings the tables to the present version and gives the application's role its rights and no more: no change of a
 * record, no look at passwords or sessions but through the functions that were made for it.
 */
export async function migrateTables(ownerUrl: string, migrations: string, appRole: string): Promise<void> {
  const { db, close } = connect(ownerUrl, 1);
  try {
    await migrate(db, { migrationsFolder: migrations });
    await grantRights(db, appRole);
    await countContainers(db);
    await db.execute(sql`delete from removed where removed_at < now() - interval '1 day'`);
    await db.execute(sql`delete from sends where at < now() - interval '2 days'`);
    await db.execute(sql`delete from jobs where made_at < now() - interval '2 days'`);
  } finally {
    await close();
  }
}

/** What the procedures of the owner use among themselves. */
const OF_THE_OWNER = [
  ...['best_membership', 'owns_here', 'export_of_now', 'house_now'],
  ...['record_is_taken', 'tick_leaves_a_trace', 'count_change'],
];

async function grantRights(db: Database, appRole: string): Promise<void> {
  const [self] = await rowsOf<{ name: string }>(db, sql`select current_user as name`);
  if (self?.name === appRole)
    throw new Error(
      'The application must not connect as the owner of the tables: give DATABASE_URL a role of its own, and DATABASE_OWNER_URL the owner’s.',
    );
  const role = `"${appRole.replaceAll('"', '""')}"`;
  const grants = Object.entries(RIGHTS).map(([table, rights]) => `grant ${rights} on ${table} to ${role};`);
  await db.execute(
    sql.raw(`do $do$ declare made regprocedure; begin
      grant usage on schema public to ${role};
      revoke all on all tables in schema public from ${role};
      ${grants.join('\n')}
      for made in select p.oid::regprocedure from pg_proc p join pg_namespace n on n.oid = p.pronamespace
        where n.nspname = 'public' and p.prosecdef and p.proname not in (${OF_THE_OWNER.map((name) => `'${name}'`).join(', ')})
      loop execute format('grant execute on function %s to ${role}', made); end loop;
    end $do$`),
  );
}

/** Refuses to run as a role that row-level security does not hold. */
export async function refuseStrongRole(appUrl: string): Promise<void> {
  const { db, close } = connect(appUrl, 1);
  try {
    const [role] = await rowsOf<{ strong: boolean }>(
      db,
      sql`
      select r.rolsuper or r.rolbypassrls or exists (
        select 1 from pg_class c where c.relname = 'workspaces' and pg_has_role(r.oid, c.relowner, 'usage')) as strong
      from pg_roles r where r.rolname = current_user`,
    );
    if (role?.strong !== false)
      throw new Error(
        'DATABASE_URL names a role that row-level security does not hold (a superuser, or an owner of the tables). Give it a role without those rights, and DATABASE_OWNER_URL the owner’s.',
      );
  } finally {
    await close();
  }
}
