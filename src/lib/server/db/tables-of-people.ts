import type { Licence } from '../../core/premises';
import { sql } from 'drizzle-orm';
import {
  bigint,
  smallint,
  boolean,
  check,
  date,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uuid,
} from 'drizzle-orm/pg-core';

export const moment = (name: string) => timestamp(name, { withTimezone: true });

/** The one row about this installation: its kind, the demonstration's clock, and whether people sign in. */
export const installation = pgTable(
  'installation',
  {
    id: integer('id').primaryKey(),
    mode: text('mode', { enum: ['demo', 'real'] }).notNull(),
    /** The demonstration's own clock: the day it opens on, and when it was first started. */
    opensOn: date('opens_on', { mode: 'string' }),
    firstStartedAt: moment('first_started_at').notNull(),
    /** The demonstration's clock stands at its opening. */
    stands: boolean('stands').notNull().default(false),
    signIn: text('sign_in', { enum: ['not-yet', 'only-me', 'people'] }).notNull(),
  },
  (t) => [check('one_installation', sql`${t.id} = 1`)],
);

/** Somebody who signs in. An e-mail address is kept in lower case. */
export const people = pgTable('people', {
  id: uuid('id').primaryKey().defaultRandom(),
  email: text('email').notNull().unique(),
  name: text('name').notNull(),
  /** Argon2id; null for the one person of a machine without sign-in. */
  passwordHash: text('password_hash'),
  /** The secret that codes of a second factor are made from (TOTP, base32); null where there is none. */
  totpSecret: text('totp_secret'),
  /** Null until the first code of it was right. */
  totpSince: moment('totp_since'),
  /** The step of time of the last code that was taken: each is taken once. */
  totpStep: bigint('totp_step', { mode: 'number' }),
  madeAt: moment('made_at').notNull().defaultNow(),
});

/** A signed-in browser. The cookie holds the token, the table its SHA-256. */
export const sessions = pgTable(
  'sessions',
  {
    tokenHash: text('token_hash').primaryKey(),
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    /** The workspace that was last chosen. */
    workspaceId: uuid('workspace_id'),
    openedAt: moment('opened_at').notNull().defaultNow(),
    seenAt: moment('seen_at').notNull().defaultNow(),
    expiresAt: moment('expires_at').notNull(),
    /** Tells the sessions of one person apart, to the person alone. */
    id: uuid('id').notNull().unique().defaultRandom(),
    /** When the person last proved to be there, by password or code. */
    confirmedAt: moment('confirmed_at').notNull().defaultNow(),
    /** The password was right, and the code of the second factor is still wanted. */
    half: boolean('half').notNull().default(false),
    /** The kind of browser and system, and the machine that asked first. */
    device: text('device').notNull().default(''),
    cameFrom: text('came_from').notNull().default(''),
  },
  (t) => [index().on(t.personId)],
);

/** Codes to keep, each of which stands in for one of the second factor, once. */
export const recoveryCodes = pgTable(
  'recovery_codes',
  {
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    codeHash: text('code_hash').notNull(),
    usedAt: moment('used_at'),
  },
  (t) => [primaryKey({ columns: [t.personId, t.codeHash] })],
);

/** Browsers in which somebody has signed in before: guessing from elsewhere does not shut them out. */
export const knownBrowsers = pgTable(
  'known_browsers',
  {
    tokenHash: text('token_hash').primaryKey(),
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    seenAt: moment('seen_at').notNull().defaultNow(),
  },
  (t) => [index().on(t.personId)],
);

/**
 * What happened to access and to the data as a whole: sign-ins, failures, roles, links, exports, deletions. The
 * application's role adds to it by one function and can neither change nor remove a line.
 */
export const events = pgTable(
  'events',
  {
    id: bigint('id', { mode: 'number' }).primaryKey().generatedAlwaysAsIdentity(),
    at: moment('at').notNull().defaultNow(),
    kind: text('kind').notNull(),
    /** Null where it belongs to a person alone, such as a sign-in. */
    workspaceId: uuid('workspace_id'),
    personId: uuid('person_id'),
    person: text('person').notNull(),
    facts: jsonb('facts').$type<Readonly<Record<string, string | number>>>().notNull(),
    cameFrom: text('came_from').notNull(),
  },
  (t) => [
    index('events_of_workspace').on(t.workspaceId, t.id),
    index('events_of_person').on(t.personId, t.id),
  ],
);

/** Links that set a new password, once. */
export const passwordLinks = pgTable(
  'password_links',
  {
    tokenHash: text('token_hash').primaryKey(),
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    expiresAt: moment('expires_at').notNull(),
  },
  (t) => [index().on(t.personId)],
);

/** Attempts within a window of time, for sign-in and reset. */
export const attempts = pgTable('attempts', {
  key: text('key').primaryKey(),
  count: integer('count').notNull(),
  until: moment('until').notNull(),
});

/** What is left of a deleted workspace or of pruned records. */
export const tombstones = pgTable('tombstones', {
  id: uuid('id').primaryKey().defaultRandom(),
  what: text('what', { enum: ['workspace', 'records'] }).notNull(),
  workspaceId: uuid('workspace_id').notNull(),
  name: text('name').notNull(),
  at: moment('at').notNull().defaultNow(),
  by: text('by').notNull(),
  records: integer('records').notNull(),
  lastRecordHash: text('last_record_hash').notNull(),
  exportChecksum: text('export_checksum').notNull(),
});

/** A household or firm. Every table below carries its id, and row-level security keeps to it. */
export const workspaces = pgTable('workspaces', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  settings: jsonb('settings').notNull().default({}),
  settingsRevision: integer('settings_revision').notNull().default(1),
});

export const workspaceId = () =>
  uuid('workspace_id')
    .notNull()
    .references(() => workspaces.id);
/**
 * Counts the changes of a workspace's data, each transaction once, as it is closed (0019). What was read at a revision is
 * still so while the revision is the same, in whatever process.
 */
export const workspaceRevisions = pgTable('workspace_revisions', {
  workspaceId: uuid('workspace_id')
    .primaryKey()
    .references(() => workspaces.id, { onDelete: 'cascade' }),
  revision: bigint('revision', { mode: 'number' }).notNull(),
});

/** The version of the shape that a JSON body beside it was written in: see `store/body-versions.ts`. */
export const bodyVersion = () => smallint('body_version').notNull().default(1);

export const id = () => uuid('id').primaryKey().defaultRandom();

export const memberships = pgTable(
  'memberships',
  {
    workspaceId: workspaceId(),
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    role: text('role', { enum: ['owner', 'technician', 'viewer'] }).notNull(),
    /** What allows this person here to do what others may not; null for none. */
    licence: jsonb('licence').$type<Licence>(),
    since: moment('since').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.workspaceId, t.personId] }), index().on(t.personId)],
);

/** Links by which somebody joins, once, until they expire. */
export const invitations = pgTable(
  'invitations',
  {
    id: id(),
    workspaceId: workspaceId(),
    tokenHash: text('token_hash').notNull().unique(),
    email: text('email').notNull(),
    role: text('role', { enum: ['owner', 'technician', 'viewer'] }).notNull(),
    by: text('by').notNull(),
    expiresAt: moment('expires_at').notNull(),
  },
  (t) => [index().on(t.workspaceId)],
);

/** Links that show one record, or the notice of one case, to somebody who does not sign in. */
export const sharedLinks = pgTable(
  'shared_links',
  {
    id: id(),
    workspaceId: workspaceId(),
    tokenHash: text('token_hash').notNull().unique(),
    kind: text('kind', { enum: ['record', 'notice'] }).notNull(),
    caseId: uuid('case_id').notNull(),
    recordId: uuid('record_id'),
    by: text('by').notNull(),
    madeAt: moment('made_at').notNull().defaultNow(),
    expiresAt: moment('expires_at').notNull(),
    revokedAt: moment('revoked_at'),
  },
  (t) => [index().on(t.workspaceId, t.caseId)],
);

/** The simulated outbox in place of mail. */
export const outbox = pgTable(
  'outbox',
  {
    id: id(),
    workspaceId: workspaceId(),
    to: text('to').notNull(),
    subject: text('subject').notNull(),
    body: text('body').notNull(),
    /** What opens something, shown once and gone then. */
    link: text('link'),
    at: moment('at').notNull().defaultNow(),
  },
  (t) => [index().on(t.workspaceId, t.at)],
);

/** Whole-workspace exports that were made: a deletion needs one of the present state. */
export const exports = pgTable(
  'exports',
  {
    id: id(),
    workspaceId: workspaceId(),
    checksum: text('checksum').notNull(),
    /** Of every row of the workspace at that moment, as the database tells it: a deletion compares it. */
    state: text('state').notNull().default(''),
    lastRecordHash: text('last_record_hash').notNull().default(''),
    by: text('by').notNull(),
    at: moment('at').notNull().defaultNow(),
  },
  (t) => [index().on(t.workspaceId, t.at)],
);
