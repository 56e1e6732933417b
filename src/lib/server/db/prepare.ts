import { sql } from 'drizzle-orm';
import { migrate } from 'drizzle-orm/postgres-js/migrator';
import postgres from 'postgres';
import { connect } from './client';

/** Makes the two roles and the database where they are missing. Needs the superuser's address. */
export async function createDatabase(
  superuserUrl: string,
  secrets: { owner: string; app: string },
): Promise<void> {
  const client = postgres(superuserUrl, { max: 1, onnotice: () => undefined });
  try {
    for (const [role, password] of [
      ['nimsy_owner', secrets.owner],
      ['nimsy_app', secrets.app],
    ] as const) {
      const [known] = await client`select 1 from pg_roles where rolname = ${role}`;
      // Passwords are our own base64url words; roles take no parameters in PostgreSQL.
      if (!known) await client.unsafe(`create role ${role} login password '${password.replaceAll("'", '')}'`);
    }
    const [made] = await client`select 1 from pg_database where datname = 'nimsy'`;
    if (!made) await client.unsafe('create database nimsy owner nimsy_owner');
  } finally {
    await client.end();
  }
}

/** Brings the tables to the present version and gives the application's role its rights: no change of a record. */
export async function migrateTables(ownerUrl: string, migrations: string): Promise<void> {
  const { db, close } = connect(ownerUrl, 1);
  try {
    await migrate(db, { migrationsFolder: migrations });
    await db.execute(sql`
      do $$ begin
        if exists (select 1 from pg_roles where rolname = 'nimsy_app') and current_user <> 'nimsy_app' then
          grant usage on schema public to nimsy_app;
          grant select, insert, update, delete on all tables in schema public to nimsy_app;
          revoke update, delete, truncate on records, labels, workspaces from nimsy_app;
          revoke insert on workspaces from nimsy_app;
        end if;
      end $$`);
  } finally {
    await close();
  }
}
