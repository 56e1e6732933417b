import { randomUUID } from 'node:crypto';
import { DEMONSTRATION_LABELS } from '../src/lib/catalog';
import { DUE_KINDS, dueKey } from '../src/lib/core/schedule';
import { BUILT_ON, isOfTreatment, type AnsweredStop } from '../src/lib/core/case';
import { parseHour } from '../src/lib/forms';
import type { Tx } from '../src/lib/server/db/client';
import * as t from '../src/lib/server/db/schema';
import { eq } from 'drizzle-orm';
import { DRAWN_ON, PLANS } from './plans';
import * as scenario from './scenario';
import type { DemoCase, DemoProperty, DemoTool } from './scenario';

interface Scenario {
  readonly person: string;
  readonly licence: string;
  readonly properties: readonly DemoProperty[];
  readonly customers: typeof scenario.CUSTOMERS;
  readonly cases: readonly DemoCase[];
  readonly containers: readonly Omit<typeof t.containers.$inferInsert, 'workspaceId'>[];
  readonly equipment: readonly DemoTool[];
}

/** Writes the firm's three years into its workspace, which has nothing yet. Labels are there already. */
export async function seedScenario(tx: Tx): Promise<void> {
  await tx
    .update(t.workspaces)
    .set({ settings: scenario.FIRM_SETTINGS })
    .where(eq(t.workspaces.id, tx.workspaceId));
  await seed(tx, {
    person: scenario.FIRM.person,
    licence: scenario.FIRM_SETTINGS.licence.number,
    properties: scenario.PROPERTIES,
    customers: scenario.CUSTOMERS,
    cases: scenario.CASES,
    containers: scenario.CONTAINERS,
    equipment: scenario.EQUIPMENT,
  });
}

/** Writes the householder's garden into the other workspace. */
export async function seedHome(tx: Tx): Promise<void> {
  await tx
    .update(t.workspaces)
    .set({ settings: { kind: 'household' } })
    .where(eq(t.workspaces.id, tx.workspaceId));
  await seed(tx, {
    person: scenario.HOME.person,
    licence: '',
    properties: scenario.HOME_PROPERTIES,
    customers: [],
    cases: scenario.HOME_CASES,
    containers: scenario.HOME_CONTAINERS,
    equipment: scenario.HOME_EQUIPMENT,
  });
}

async function seed(tx: Tx, told: Scenario): Promise<void> {
  const { workspaceId } = tx;
  const customers = new Map(
    told.customers.map(({ property, ...row }) => [property, { id: randomUUID(), ...row }]),
  );
  if (customers.size > 0)
    await tx.insert(t.customers).values([...customers.values()].map((row) => ({ workspaceId, ...row })));
  const properties = new Map(told.properties.map((p) => [p.key, { id: randomUUID(), ...p }]));
  await tx.insert(t.properties).values(
    [...properties.values()].map(({ key, ...row }) => ({
      workspaceId,
      customerId: customers.get(key)?.id ?? null,
      ...row,
    })),
  );
  for (const [key, body] of Object.entries(PLANS)) {
    const propertyId = properties.get(key)?.id;
    if (propertyId === undefined) continue;
    const savedAt = new Date(`${DRAWN_ON}T16:00:00Z`);
    await tx
      .insert(t.plans)
      .values({ workspaceId, propertyId, revision: 1, body, savedAt, savedBy: told.person });
    await tx.insert(t.planDays).values({ workspaceId, propertyId, day: DRAWN_ON, revision: 1, body });
  }
  await tx.insert(t.containers).values(told.containers.map((row) => ({ workspaceId, ...row })));
  for (const { calibrations, ...row } of told.equipment) {
    const equipmentId = randomUUID();
    await tx.insert(t.equipment).values({ workspaceId, id: equipmentId, ...row });
    for (const [i, done] of calibrations.entries())
      await tx.insert(t.calibrations).values({
        ...{ workspaceId, equipmentId, ...done, by: told.person },
        loggedAt: new Date(Date.parse(`${done.doneOn}T08:00:00Z`) + i * 600_000),
      });
  }
  for (const [index, demo] of told.cases.entries()) {
    const property = properties.get(demo.property);
    if (!property) throw new Error(`no property ${demo.property}`);
    await seedCase(tx, demo, index + 1, property.id, told);
  }
}

async function seedCase(
  tx: Tx,
  demo: DemoCase,
  number: number,
  propertyId: string,
  { person, licence }: Scenario,
): Promise<void> {
  const { workspaceId } = tx;
  const caseId = randomUUID();
  const opened = new Date(`${demo.openedOn}T08:00:00Z`);
  await tx.insert(t.cases).values({
    id: caseId,
    workspaceId,
    propertyId,
    number,
    title: demo.title,
    openedOn: demo.openedOn,
    closedOn: demo.closedOn ?? null,
  });
  const { when, ...others } = demo.stops;
  const bodies: [AnsweredStop, unknown][] = Object.entries(others) as [AnsweredStop, unknown][];
  if (when) bodies.push(['when', { hour: parseHour(when.hour)?.hour }]);
  if (bodies.length > 0) {
    const rows = bodies.map(([stop, body]) => ({
      workspaceId,
      caseId,
      stop,
      body,
      revision: 1,
      upstream: Object.fromEntries(BUILT_ON[stop].map((earlier) => [earlier, earlier in demo.stops ? 1 : 0])),
      savedAt: opened,
      savedBy: person,
    }));
    await tx.insert(t.caseStops).values(rows);
    await tx.insert(t.caseStopHistory).values(rows.map(({ upstream: _upstream, ...row }) => row));
  }
  if (demo.course) {
    const own = { number: 1, position: 1, state: 'planned' as const, stops: {} };
    await tx.insert(t.treatments).values(
      [own, ...demo.course].map((one) => ({
        ...{ workspaceId, caseId, number: one.number, position: one.position, state: one.state },
        ...{ onlyIf: 'onlyIf' in one ? (one.onlyIf ?? '') : '', go: 1, addedAt: opened, addedBy: person },
      })),
    );
    const rows = demo.course.flatMap(({ number: treatment, stops }) =>
      Object.entries(stops).map(([stop, body]) => ({
        ...{ workspaceId, caseId, stop, treatment, body, revision: 1 },
        upstream: Object.fromEntries(
          BUILT_ON[stop as AnsweredStop].map((earlier) => [
            earlier,
            earlier in stops || (earlier in demo.stops && !isOfTreatment(earlier)) ? 1 : 0,
          ]),
        ),
        ...{ savedAt: opened, savedBy: person },
      })),
    );
    await tx.insert(t.caseStops).values(rows);
    await tx.insert(t.caseStopHistory).values(rows.map(({ upstream: _upstream, ...row }) => row));
  }
  if (demo.settled)
    await tx
      .insert(t.settlements)
      .values(demo.settled.map((key) => ({ workspaceId, caseId, key, by: person, at: opened })));
  for (const record of demo.records ?? []) {
    const label = DEMONSTRATION_LABELS.find((l) => l.id === record.label);
    if (!label) throw new Error(`no label ${record.label}`);
    const { doneOn, label: _label, note, ...rest } = record;
    const id = randomUUID();
    await tx.insert(t.records).values({
      id,
      workspaceId,
      caseId,
      propertyId,
      doneOn,
      corrects: null,
      loggedAt: new Date(`${doneOn}T${record.endedAt}:00Z`),
      body: {
        ...rest,
        caseNumber: number,
        label: { id: label.id, version: label.version, name: label.name },
        person,
        licence,
        note: note ?? '',
        ticked: [],
        planned: null,
      },
    });
    // What it left to be done was done the same day.
    await tx.insert(t.settlements).values(
      DUE_KINDS.map((kind) => ({
        ...{ workspaceId, caseId, key: dueKey({ kind, record: id }), by: person },
        at: new Date(`${doneOn}T${record.endedAt}:00Z`),
      })),
    );
  }
}
