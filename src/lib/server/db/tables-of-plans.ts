import {
  customType,
  date,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  uuid,
} from 'drizzle-orm/pg-core';
import { bodyVersion, moment, workspaces } from './tables-of-people';
import { properties } from './tables-of-work';

const bytes = customType<{ data: Buffer }>({ dataType: () => 'bytea' });
const ofProperty = () => ({
  workspaceId: uuid('workspace_id')
    .notNull()
    .references(() => workspaces.id, { onDelete: 'cascade' }),
  propertyId: uuid('property_id').notNull(),
});

/** The site plan of a property as it stands. */
export const plans = pgTable(
  'plans',
  {
    ...ofProperty(),
    revision: integer('revision').notNull(),
    body: jsonb('body').notNull(),
    bodyVersion: bodyVersion(),
    savedAt: moment('saved_at').notNull(),
    savedBy: text('saved_by').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.workspaceId, t.propertyId] }),
    foreignKey({
      columns: [t.workspaceId, t.propertyId],
      foreignColumns: [properties.workspaceId, properties.id],
    }).onDelete('cascade'),
  ],
);

/** The plan as it stood at the end of each day on which it was changed. */
export const planDays = pgTable(
  'plan_days',
  {
    ...ofProperty(),
    day: date('day', { mode: 'string' }).notNull(),
    revision: integer('revision').notNull(),
    body: jsonb('body').notNull(),
    bodyVersion: bodyVersion(),
  },
  (t) => [
    primaryKey({ columns: [t.workspaceId, t.propertyId, t.day] }),
    foreignKey({
      columns: [t.workspaceId, t.propertyId],
      foreignColumns: [properties.workspaceId, properties.id],
    }).onDelete('cascade'),
  ],
);

/** Pictures and scans that plans are drawn over, drawn anew as JPEG. */
export const planPictures = pgTable(
  'plan_pictures',
  {
    id: uuid('id').primaryKey().defaultRandom(),
    ...ofProperty(),
    jpeg: bytes('jpeg').notNull(),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    addedAt: moment('added_at').notNull(),
    addedBy: text('added_by').notNull(),
  },
  (t) => [
    index('pictures_of_property').on(t.workspaceId, t.propertyId),
    foreignKey({
      columns: [t.workspaceId, t.propertyId],
      foreignColumns: [properties.workspaceId, properties.id],
    }).onDelete('cascade'),
  ],
);
