import type { Region } from '../../core/identify';
import type { NamedGround, Premises } from '../../core/premises';
import { sql } from 'drizzle-orm';
import {
  bigint,
  boolean,
  check,
  customType,
  date,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  unique,
  uuid,
  smallint,
} from 'drizzle-orm/pg-core';
import { TREATMENT_STATES } from '../../core/case';
import { CALIBRATION_KINDS, EQUIPMENT_KINDS, type Reading } from '../../core/equipment';
import { bodyVersion, id, moment, workspaceId, workspaces } from './tables-of-people';

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
    /** Part of the world, where somebody said it; null for that of the time zone and latitude. */
    region: text('region').$type<Region>(),
    byWater: boolean('by_water').notNull(),
    avoidFromDeg: doublePrecision('avoid_from_deg'),
    avoidToDeg: doublePrecision('avoid_to_deg'),
    note: text('note').notNull(),
    customerId: uuid('customer_id'),
    /** What was asked of the place and its people, and on which day last. */
    premises: jsonb('premises').$type<Premises['answers']>().notNull().default({}),
    premisesAskedOn: date('premises_asked_on', { mode: 'string' }),
    /** Its grounds by name, each since when it is known to lie apart from the others. */
    grounds: jsonb('grounds').$type<readonly NamedGround[]>().notNull().default([]),
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
    // Open ones are few beside all that were ever closed.
    index('cases_open')
      .on(t.workspaceId, t.number)
      .where(sql`closed_on is null`),
  ],
);

/** Of which treatment of a case, and which of its goes. What there was before there were several is the first. */
const ofTreatment = () => ({
  treatment: smallint('treatment').notNull().default(1),
  go: smallint('go').notNull().default(1),
});

/** What is done in a case, in its order: each with a number that it keeps. The first is there without a row. */
export const treatments = pgTable(
  'treatments',
  {
    workspaceId: workspaceId(),
    caseId: uuid('case_id').notNull(),
    number: smallint('number').notNull(),
    position: smallint('position').notNull(),
    state: text('state', { enum: TREATMENT_STATES }).notNull(),
    /** What has to hold before it is done; "" unless it is done only then. */
    onlyIf: text('only_if').notNull(),
    /** The go that is being planned. */
    go: smallint('go').notNull(),
    addedAt: moment('added_at').notNull(),
    addedBy: text('added_by').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.workspaceId, t.caseId, t.number] }),
    foreignKey({
      columns: [t.workspaceId, t.caseId],
      foreignColumns: [cases.workspaceId, cases.id],
    }).onDelete('cascade'),
  ],
);

/** The present answer of each stop of a case, parsed by its form before it is written and after it is read. */
export const caseStops = pgTable(
  'case_stops',
  {
    workspaceId: workspaceId(),
    caseId: uuid('case_id').notNull(),
    stop: text('stop').notNull(),
    ...ofTreatment(),
    body: jsonb('body').notNull(),
    bodyVersion: bodyVersion(),
    revision: integer('revision').notNull(),
    upstream: jsonb('upstream').notNull(),
    savedAt: moment('saved_at').notNull(),
    savedBy: text('saved_by').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.workspaceId, t.caseId, t.stop, t.treatment, t.go] }),
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
    ...ofTreatment(),
    revision: integer('revision').notNull(),
    body: jsonb('body').notNull(),
    bodyVersion: bodyVersion(),
    savedAt: moment('saved_at').notNull(),
    savedBy: text('saved_by').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.workspaceId, t.caseId, t.stop, t.treatment, t.go, t.revision] }),
    foreignKey({ columns: [t.workspaceId, t.caseId], foreignColumns: [cases.workspaceId, cases.id] }),
  ],
);

/** Cares and Halts that were settled by an act: who ticked, and when. */
const bytes = customType<{ data: Buffer }>({ dataType: () => 'bytea' });

/** Photographs of a case, as JPEG of at most 1,600 pixels a side, without anything that the camera wrote into them. */
export const photos = pgTable(
  'photos',
  {
    id: id(),
    workspaceId: workspaceId(),
    caseId: uuid('case_id').notNull(),
    jpeg: bytes('jpeg').notNull(),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    note: text('note').notNull(),
    addedAt: moment('added_at').notNull(),
    addedBy: text('added_by').notNull(),
  },
  (t) => [
    index('photos_of_case').on(t.workspaceId, t.caseId),
    foreignKey({
      columns: [t.workspaceId, t.caseId],
      foreignColumns: [cases.workspaceId, cases.id],
    }).onDelete('cascade'),
  ],
);

export const settlements = pgTable(
  'settlements',
  {
    workspaceId: workspaceId(),
    caseId: uuid('case_id').notNull(),
    key: text('key').notNull(),
    /** 0 for what holds for the whole case: a tick of Look or Name. */
    ...ofTreatment(),
    by: text('by').notNull(),
    at: moment('at').notNull(),
    /** What was read or written down with the tick: the number of a permit, or why none is wanted. */
    said: text('said'),
  },
  (t) => [
    primaryKey({ columns: [t.workspaceId, t.caseId, t.key, t.treatment, t.go] }),
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
    bodyVersion: bodyVersion(),
    /** By the database's clock, whatever the application says. */
    loggedAt: moment('logged_at').notNull(),
    /** The order in which the database took them: the chain of records will follow it. */
    loggedOrder: bigint('logged_order', { mode: 'number' }).notNull().generatedAlwaysAsIdentity(),
    /** The account that wrote it, beside the person who is named in it, and the machine that it came from. */
    accountId: uuid('account_id'),
    account: text('account').notNull().default(''),
    cameFrom: text('came_from').notNull().default(''),
    /** Read in from a file at this moment; then all the rest is what the file says. */
    importedAt: moment('imported_at'),
    /** The key of the form that was sent, and what it said: sent again, it is the same record or a conflict. */
    sendKey: uuid('send_key'),
    sendDigest: text('send_digest'),
  },
  (t) => [
    unique().on(t.workspaceId, t.id),
    unique('records_sent_once').on(t.workspaceId, t.sendKey),
    unique('records_corrected_once').on(t.workspaceId, t.corrects),
    foreignKey({ columns: [t.workspaceId, t.caseId], foreignColumns: [cases.workspaceId, cases.id] }),
    foreignKey({
      columns: [t.workspaceId, t.propertyId],
      foreignColumns: [properties.workspaceId, properties.id],
    }),
    foreignKey({ columns: [t.workspaceId, t.corrects], foreignColumns: [t.workspaceId, t.id] }),
    index().on(t.workspaceId, t.propertyId, t.doneOn),
    // Newest first, page by page.
    index('records_in_order').on(t.workspaceId, t.doneOn, t.loggedOrder),
    index('records_of_case').on(t.workspaceId, t.caseId),
  ],
);

/** Every tick and every tick taken back. Written by a trigger; nobody else can. */
export const settlementHistory = pgTable(
  'settlement_history',
  {
    id: bigint('id', { mode: 'number' }).primaryKey().generatedAlwaysAsIdentity(),
    workspaceId: workspaceId(),
    caseId: uuid('case_id').notNull(),
    key: text('key').notNull(),
    ...ofTreatment(),
    act: text('act', { enum: ['ticked', 'taken-back'] }).notNull(),
    by: text('by').notNull(),
    accountId: uuid('account_id'),
    said: text('said'),
    at: moment('at').notNull(),
  },
  (t) => [
    index('history_of_ticks').on(t.workspaceId, t.caseId, t.id),
    foreignKey({
      columns: [t.workspaceId, t.caseId],
      foreignColumns: [cases.workspaceId, cases.id],
    }).onDelete('cascade'),
  ],
);

/** Forms that were taken, by the key that each carries: sent twice, the answer of the first is given again. */
export const sends = pgTable(
  'sends',
  {
    workspaceId: uuid('workspace_id')
      .notNull()
      .references(() => workspaces.id, { onDelete: 'cascade' }),
    /** That of the page, and which of its forms it is. */
    key: text('key').notNull(),
    digest: text('digest').notNull(),
    answer: jsonb('answer'),
    at: moment('at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.workspaceId, t.key] }), index('sends_by_time').on(t.at)],
);

/** Label cards by version; a card is never changed, a new version is added. */
export const labels = pgTable(
  'labels',
  {
    workspaceId: workspaceId(),
    labelId: text('label_id').notNull(),
    version: integer('version').notNull(),
    card: jsonb('card').notNull(),
    bodyVersion: bodyVersion(),
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
    /** What was paid; null where nobody said. */
    price: doublePrecision('price'),
    /** Three letters, or "" where the workspace named none when it was paid. */
    currency: text('currency').notNull().default(''),
    expiresOn: date('expires_on', { mode: 'string' }),
    keptIn: text('kept_in').notNull(),
    boughtOn: date('bought_on', { mode: 'string' }),
    openedOn: date('opened_on', { mode: 'string' }),
    /** The sum of the movements of stock in its own unit; what is left is `size` and this. Null until first counted. */
    moved: doublePrecision('moved'),
  },
  (t) => [
    // Those of a label that hold something, the one that ends first on top: of ten, nine are empty.
    index('containers_by_end')
      .on(t.workspaceId, t.labelId, t.expiresOn, t.lot)
      .where(sql`size + coalesce(moved, 0) > 1e-9 * size`),
    unique().on(t.workspaceId, t.labelId, t.lot),
    check('size_positive', sql`${t.size} > 0`),
  ],
);

/**
 * What went into and out of containers: a movement for each record that names a lot, for each that a correction replaced
 * (backwards), and for each change of stock. Append-only by rights.
 */
export const stockMovements = pgTable(
  'stock_movements',
  {
    id: bigint('id', { mode: 'number' }).primaryKey().generatedAlwaysAsIdentity(),
    workspaceId: uuid('workspace_id')
      .notNull()
      .references(() => workspaces.id, { onDelete: 'cascade' }),
    labelId: text('label_id').notNull(),
    lot: text('lot').notNull(),
    /** Below 0 where it went out; in the unit in which it was written. */
    amount: doublePrecision('amount').notNull(),
    unit: text('unit').notNull(),
    of: text('of', { enum: ['record', 'correction', 'change'] }).notNull(),
    /** The record or the change of stock. */
    source: uuid('source').notNull(),
    at: moment('at').notNull().defaultNow(),
  },
  (t) => [index('movements_of_container').on(t.workspaceId, t.labelId, t.lot), unique().on(t.source, t.of)],
);

/** What was taken from a container or found in it besides what the records used. Append-only by rights. */
export const stockChanges = pgTable(
  'stock_changes',
  {
    id: id(),
    workspaceId: workspaceId(),
    labelId: text('label_id').notNull(),
    lot: text('lot').notNull(),
    /** In the unit of the container; below 0 where less is left. */
    amount: doublePrecision('amount').notNull(),
    reason: text('reason', { enum: ['counted', 'spill', 'used', 'given', 'disposed'] }).notNull(),
    note: text('note').notNull(),
    at: moment('at').notNull(),
    by: text('by').notNull(),
  },
  (t) => [
    index('changes_of_container').on(t.workspaceId, t.labelId, t.lot),
    foreignKey({
      columns: [t.workspaceId, t.labelId, t.lot],
      foreignColumns: [containers.workspaceId, containers.labelId, containers.lot],
    }).onDelete('cascade'),
  ],
);

/** The real label and the safety sheet of a card, as pictures drawn anew or as the PDF that was given. */
export const labelFiles = pgTable(
  'label_files',
  {
    id: id(),
    workspaceId: uuid('workspace_id')
      .notNull()
      .references(() => workspaces.id, { onDelete: 'cascade' }),
    labelId: text('label_id').notNull(),
    kind: text('kind', { enum: ['label', 'safety-sheet'] }).notNull(),
    type: text('type', { enum: ['image/jpeg', 'application/pdf'] }).notNull(),
    name: text('name').notNull(),
    bytes: bytes('bytes').notNull(),
    addedAt: moment('added_at').notNull(),
    addedBy: text('added_by').notNull(),
  },
  (t) => [index('files_of_label').on(t.workspaceId, t.labelId)],
);

/** Sprayers, spreaders, measuring tools and whatever else of the workspace is calibrated; people among it. */
export const equipment = pgTable(
  'equipment',
  {
    id: id(),
    workspaceId: workspaceId(),
    kind: text('kind', { enum: EQUIPMENT_KINDS }).notNull(),
    name: text('name').notNull(),
    /** Capacity of a tank or hopper; the smallest graduation of a measure; 1 where nothing is held. */
    size: doublePrecision('size').notNull(),
    unit: text('unit').notNull(),
    /** What a measure holds when it is full, in its unit. */
    holds: doublePrecision('holds'),
    /** What stays in a tank or jug that cannot be drawn, in its unit. */
    undrawn: doublePrecision('undrawn'),
    /** From one mark of a tank or jug to the next, in its unit; null for those that its size has as a rule. */
    marks: doublePrecision('marks'),
    swathM: doublePrecision('swath_m'),
    /** Days after which it is to be calibrated again; null for what is usual. */
    dueDays: integer('due_days'),
    /** Of its last calibration, also of one from before this book was kept. */
    calibratedOn: date('calibrated_on', { mode: 'string' }),
    /** What its maker says comes out of it, in the measure of MAKERS_FIGURE; unproven. */
    makers: doublePrecision('makers'),
    /** What it cost, and over how many jobs that is spread. */
    price: doublePrecision('price'),
    currency: text('currency').notNull().default(''),
    lifeJobs: integer('life_jobs'),
    revision: integer('revision').notNull().default(1),
  },
  (t) => [unique().on(t.workspaceId, t.name), unique().on(t.workspaceId, t.id)],
);

/** The calibration book: what was measured, reading by reading. What it comes to is worked out each time. */
export const calibrations = pgTable(
  'calibrations',
  {
    id: id(),
    workspaceId: workspaceId(),
    equipmentId: uuid('equipment_id').notNull(),
    kind: text('kind', { enum: CALIBRATION_KINDS }).notNull(),
    /** With which product, where that matters. */
    product: text('product').notNull(),
    unit: text('unit').notNull(),
    setup: doublePrecision('setup'),
    readings: jsonb('readings').$type<readonly Reading[]>().notNull(),
    note: text('note').notNull(),
    doneOn: date('done_on', { mode: 'string' }).notNull(),
    /** Of two of one day the later one counts. */
    loggedAt: moment('logged_at').notNull(),
    by: text('by').notNull(),
  },
  (t) => [
    index('calibrations_of_equipment').on(t.workspaceId, t.equipmentId, t.doneOn),
    foreignKey({
      columns: [t.workspaceId, t.equipmentId],
      foreignColumns: [equipment.workspaceId, equipment.id],
    }).onDelete('cascade'),
  ],
);

/** Jobs worked out at How much alone and kept into a case: what was typed. What it comes to is worked out each time. */
export const keptJobs = pgTable(
  'kept_jobs',
  {
    id: id(),
    workspaceId: workspaceId(),
    caseId: uuid('case_id').notNull(),
    fields: jsonb('fields').$type<Readonly<Record<string, string>>>().notNull(),
    keptAt: moment('kept_at').notNull(),
    keptBy: text('kept_by').notNull(),
  },
  (t) => [
    index('jobs_of_case').on(t.workspaceId, t.caseId),
    foreignKey({
      columns: [t.workspaceId, t.caseId],
      foreignColumns: [cases.workspaceId, cases.id],
    }).onDelete('cascade'),
  ],
);

/** Long work that a process of its own does: reading files in, making archives. */
export const jobs = pgTable(
  'jobs',
  {
    id: id(),
    workspaceId: uuid('workspace_id')
      .notNull()
      .references(() => workspaces.id, { onDelete: 'cascade' }),
    personId: uuid('person_id').notNull(),
    kind: text('kind', { enum: ['cards', 'stock', 'import', 'export'] }).notNull(),
    state: text('state', { enum: ['running', 'done', 'refused', 'failed', 'stopped'] }).notNull(),
    /** What it is at, as a code, and how far: `done` of `total` things. */
    doing: text('doing').notNull().default(''),
    done: integer('done').notNull().default(0),
    total: integer('total').notNull().default(0),
    /** What came of it, or what is wrong with the file, in sentences. */
    result: jsonb('result').$type<Readonly<Record<string, unknown>>>(),
    stopAsked: boolean('stop_asked').notNull().default(false),
    /** Whoever watches over it says so each second; where nobody does any more, it has ended with its server. */
    heardAt: moment('heard_at').notNull().defaultNow(),
    madeAt: moment('made_at').notNull().defaultNow(),
    endedAt: moment('ended_at'),
  },
  (t) => [index('jobs_of_workspace').on(t.workspaceId, t.madeAt)],
);

/** What was taken away lately, whole, so that it can be put back; a day later it is gone for good. */
export const removed = pgTable(
  'removed',
  {
    id: id(),
    workspaceId: uuid('workspace_id')
      .notNull()
      .references(() => workspaces.id, { onDelete: 'cascade' }),
    /** The page that it belongs to. */
    back: text('back').notNull(),
    rows: jsonb('rows').$type<readonly { readonly table: string; readonly row: unknown }[]>().notNull(),
    removedAt: moment('removed_at').notNull().defaultNow(),
  },
  (t) => [index('removed_lately').on(t.workspaceId, t.removedAt)],
);
