import type { Licence } from '../../core/premises';
import { sql } from 'drizzle-orm';
import {
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
  },
  (t) => [index().on(t.personId)],
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
    by: text('by').notNull(),
    at: moment('at').notNull().defaultNow(),
  },
  (t) => [index().on(t.workspaceId, t.at)],
);
