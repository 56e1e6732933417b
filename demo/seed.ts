import { randomUUID } from 'node:crypto';
import { DEMONSTRATION_LABELS } from '../src/lib/catalog';
import { BUILT_ON, type AnsweredStop } from '../src/lib/core/case';
import { parseHour } from '../src/lib/forms';
import type { Tx } from '../src/lib/server/db/client';
import * as t from '../src/lib/server/db/schema';
import { CASES, CONTAINERS, EQUIPMENT, FIRM, PROPERTIES, type DemoCase } from './scenario';

/** Writes the scenario into a workspace that has nothing yet. Labels are there already. */
export async function seedScenario(tx: Tx): Promise<void> {
  const { workspaceId } = tx;
  const properties = new Map(PROPERTIES.map((p) => [p.key, { id: randomUUID(), ...p }]));
  await tx
    .insert(t.properties)
    .values([...properties.values()].map(({ key: _key, ...row }) => ({ workspaceId, ...row })));
  await tx.insert(t.containers).values(CONTAINERS.map((row) => ({ workspaceId, ...row })));
  await tx.insert(t.equipment).values(EQUIPMENT.map((row) => ({ workspaceId, ...row })));
  for (const [index, demo] of CASES.entries()) {
    const property = properties.get(demo.property);
    if (!property) throw new Error(`no property ${demo.property}`);
    await seedCase(tx, demo, index + 1, property.id);
  }
}

async function seedCase(tx: Tx, demo: DemoCase, number: number, propertyId: string): Promise<void> {
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
  if (bodies.length > 0)
    await tx.insert(t.caseStops).values(
      bodies.map(([stop, body]) => ({
        workspaceId,
        caseId,
        stop,
        body,
        revision: 1,
        upstream: Object.fromEntries(
          BUILT_ON[stop].map((earlier) => [earlier, earlier in demo.stops ? 1 : 0]),
        ),
        savedAt: opened,
        savedBy: FIRM.person,
      })),
    );
  if (demo.settled)
    await tx
      .insert(t.settlements)
      .values(demo.settled.map((key) => ({ workspaceId, caseId, key, by: FIRM.person, at: opened })));
  for (const record of demo.records ?? []) {
    const label = DEMONSTRATION_LABELS.find((l) => l.id === record.label);
    if (!label) throw new Error(`no label ${record.label}`);
    const { doneOn, label: _label, note, ...rest } = record;
    await tx.insert(t.records).values({
      id: randomUUID(),
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
        person: FIRM.person,
        licence: 'OST-3317',
        note: note ?? '',
        ticked: [],
        planned: null,
      },
    });
  }
}
