import { and, asc, eq, sql } from 'drizzle-orm';
import type { CustomerForm } from '../../forms';
import type { Tx } from '../db/client';
import { customers, properties } from '../db/schema';

const own = (tx: Tx, id: string) => and(eq(customers.workspaceId, tx.workspaceId), eq(customers.id, id));

export async function listCustomers(tx: Tx) {
  return tx
    .select()
    .from(customers)
    .where(eq(customers.workspaceId, tx.workspaceId))
    .orderBy(asc(customers.name));
}

/** A customer with the properties that are looked after for them; null where there is none. */
export async function findCustomer(tx: Tx, id: string) {
  const [customer] = await tx.select().from(customers).where(own(tx, id));
  if (!customer) return null;
  const places = await tx
    .select({ id: properties.id, name: properties.name })
    .from(properties)
    .where(and(eq(properties.workspaceId, tx.workspaceId), eq(properties.customerId, id)))
    .orderBy(asc(properties.name));
  return { customer, places };
}

export async function addCustomer(tx: Tx, form: CustomerForm): Promise<string> {
  const [row] = await tx
    .insert(customers)
    .values({ workspaceId: tx.workspaceId, ...form })
    .returning({ id: customers.id });
  if (!row) throw new Error('the customer was not written');
  return row.id;
}

/** Saves what was built on a revision; false where somebody saved otherwise meanwhile. */
export async function changeCustomer(
  tx: Tx,
  id: string,
  form: CustomerForm,
  basedOn: number,
): Promise<boolean> {
  const saved = await tx
    .update(customers)
    .set({ ...form, revision: sql`${customers.revision} + 1` })
    .where(and(own(tx, id), eq(customers.revision, basedOn)))
    .returning({ id: customers.id });
  return saved.length === 1;
}
