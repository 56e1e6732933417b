import { sql } from 'drizzle-orm';
import {
  boolean,
  check,
  date,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
} from 'drizzle-orm/pg-core';

const moment = (name: string) => timestamp(name, { withTimezone: true });

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

const workspaceId = () =>
  uuid('workspace_id')
    .notNull()
    .references(() => workspaces.id);
const id = () => uuid('id').primaryKey().defaultRandom();

export const memberships = pgTable(
  'memberships',
  {
    workspaceId: workspaceId(),
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    role: text('role', { enum: ['owner', 'technician', 'viewer'] }).notNull(),
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

/** For whom a firm works. */
export const customers = pgTable(
  'customers',
  {
    id: id(),
    workspaceId: workspaceId(),
    name: text('name').notNull(),
    contact: text('contact').notNull(),
    language: text('language').notNull(),
    access: text('access').notNull(),
    pets: text('pets').notNull(),
    consentsToNotices: boolean('consents_to_notices').notNull(),
    revision: integer('revision').notNull().default(1),
  },
  (t) => [unique().on(t.workspaceId, t.id), index().on(t.workspaceId, t.name)],
);

export const properties = pgTable(
  'properties',
  {
    id: id(),
    workspaceId: workspaceId(),
    name: text('name').notNull(),
    address: text('address').notNull(),
    latitude: doublePrecision('latitude').notNull(),
    timeZone: text('time_zone').notNull(),
    byWater: boolean('by_water').notNull(),
    avoidFromDeg: doublePrecision('avoid_from_deg'),
    avoidToDeg: doublePrecision('avoid_to_deg'),
    note: text('note').notNull(),
    customerId: uuid('customer_id'),
    revision: integer('revision').notNull().default(1),
  },
  (t) => [
    unique().on(t.workspaceId, t.id),
    foreignKey({
      columns: [t.workspaceId, t.customerId],
      foreignColumns: [customers.workspaceId, customers.id],
    }),
    check('latitude_in_range', sql`${t.latitude} between -90 and 90`),
    index().on(t.workspaceId, t.name),
  ],
);

export const cases = pgTable(
  'cases',
  {
    id: id(),
    workspaceId: workspaceId(),
    propertyId: uuid('property_id').notNull(),
    number: integer('number').notNull(),
    title: text('title').notNull(),
    openedOn: date('opened_on', { mode: 'string' }).notNull(),
    closedOn: date('closed_on', { mode: 'string' }),
  },
  (t) => [
    unique().on(t.workspaceId, t.number),
    unique().on(t.workspaceId, t.id),
    foreignKey({
      columns: [t.workspaceId, t.propertyId],
      foreignColumns: [properties.workspaceId, properties.id],
    }),
    index().on(t.workspaceId, t.propertyId),
  ],
);

/** The present answer of each stop of a case, parsed by its form before it is written and after it is read. */
export const caseStops = pgTable(
  'case_stops',
  {
    workspaceId: workspaceId(),
    caseId: uuid('case_id').notNull(),
    stop: text('stop').notNull(),
    body: jsonb('body').notNull(),
    revision: integer('revision').notNull(),
    upstream: jsonb('upstream').notNull(),
    savedAt: moment('saved_at').notNull(),
    savedBy: text('saved_by').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.workspaceId, t.caseId, t.stop] }),
    foreignKey({ columns: [t.workspaceId, t.caseId], foreignColumns: [cases.workspaceId, cases.id] }),
  ],
);

/** Every answer that was ever saved, so that two people's changes can be told apart and merged. */
export const caseStopHistory = pgTable(
  'case_stop_history',
  {
    workspaceId: workspaceId(),
    caseId: uuid('case_id').notNull(),
    stop: text('stop').notNull(),
    revision: integer('revision').notNull(),
    body: jsonb('body').notNull(),
    savedAt: moment('saved_at').notNull(),
    savedBy: text('saved_by').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.workspaceId, t.caseId, t.stop, t.revision] }),
    foreignKey({ columns: [t.workspaceId, t.caseId], foreignColumns: [cases.workspaceId, cases.id] }),
  ],
);

/** Cares and Halts that were settled by an act: who ticked, and when. */
export const settlements = pgTable(
  'settlements',
  {
    workspaceId: workspaceId(),
    caseId: uuid('case_id').notNull(),
    key: text('key').notNull(),
    by: text('by').notNull(),
    at: moment('at').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.workspaceId, t.caseId, t.key] }),
    foreignKey({ columns: [t.workspaceId, t.caseId], foreignColumns: [cases.workspaceId, cases.id] }),
  ],
);

/** What was really done. Append-only: a trigger refuses every change, and the application's role has no right to one. */
export const records = pgTable(
  'records',
  {
    id: uuid('id').primaryKey(),
    workspaceId: workspaceId(),
    caseId: uuid('case_id').notNull(),
    propertyId: uuid('property_id').notNull(),
    doneOn: date('done_on', { mode: 'string' }).notNull(),
    corrects: uuid('corrects'),
    body: jsonb('body').notNull(),
    loggedAt: moment('logged_at').notNull(),
  },
  (t) => [
    unique().on(t.workspaceId, t.id),
    unique('records_corrected_once').on(t.workspaceId, t.corrects),
    foreignKey({ columns: [t.workspaceId, t.caseId], foreignColumns: [cases.workspaceId, cases.id] }),
    foreignKey({
      columns: [t.workspaceId, t.propertyId],
      foreignColumns: [properties.workspaceId, properties.id],
    }),
    foreignKey({ columns: [t.workspaceId, t.corrects], foreignColumns: [t.workspaceId, t.id] }),
    index().on(t.workspaceId, t.propertyId, t.doneOn),
    index().on(t.workspaceId, t.doneOn),
  ],
);

/** Label cards by version; a card is never changed, a new version is added. */
export const labels = pgTable(
  'labels',
  {
    workspaceId: workspaceId(),
    labelId: text('label_id').notNull(),
    version: integer('version').notNull(),
    card: jsonb('card').notNull(),
  },
  (t) => [primaryKey({ columns: [t.workspaceId, t.labelId, t.version] })],
);

export const containers = pgTable(
  'containers',
  {
    id: id(),
    workspaceId: workspaceId(),
    labelId: text('label_id').notNull(),
    lot: text('lot').notNull(),
    size: doublePrecision('size').notNull(),
    unit: text('unit').notNull(),
    price: doublePrecision('price').notNull(),
    expiresOn: date('expires_on', { mode: 'string' }),
    keptIn: text('kept_in').notNull(),
  },
  (t) => [unique().on(t.workspaceId, t.labelId, t.lot), check('size_positive', sql`${t.size} > 0`)],
);

/** Tanks, spreaders and measuring tools of the workspace. */
export const equipment = pgTable(
  'equipment',
  {
    id: id(),
    workspaceId: workspaceId(),
    kind: text('kind', { enum: ['tank', 'spreader', 'measure'] }).notNull(),
    name: text('name').notNull(),
    /** Capacity of a tank or hopper; the smallest graduation of a measure. */
    size: doublePrecision('size').notNull(),
    unit: text('unit').notNull(),
    swathM: doublePrecision('swath_m'),
    calibratedOn: date('calibrated_on', { mode: 'string' }),
  },
  (t) => [unique().on(t.workspaceId, t.name)],
);
