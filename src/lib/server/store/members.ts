import type { Licence } from '../../core/premises';
import { and, count, desc, eq, gt, sql } from 'drizzle-orm';
import type { InvitationForm } from '../../forms';
import { lockWorkspace, type Tx, rowsOf } from '../db/client';
import { invitations, memberships, outbox } from '../db/schema';
import { hashOf, newToken } from '../session/tokens';
import type { Role } from '../session/who';

export interface Member extends Record<string, unknown> {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
  readonly licence: Licence | null;
}

export async function listMembers(tx: Tx): Promise<Member[]> {
  const members = await rowsOf<Omit<Member, 'licence'>>(
    tx,
    sql`select id, name, email, role from members_here()`,
  );
  const licences = await tx
    .select({ id: memberships.personId, licence: memberships.licence })
    .from(memberships)
    .where(eq(memberships.workspaceId, tx.workspaceId));
  return [...members].map((member) => ({
    ...(member as Member),
    licence: licences.find(({ id }) => id === member.id)?.licence ?? null,
  }));
}

export async function listInvitations(tx: Tx) {
  return tx
    .select({
      id: invitations.id,
      email: invitations.email,
      role: invitations.role,
      by: invitations.by,
      expiresAt: invitations.expiresAt,
    })
    .from(invitations)
    .where(eq(invitations.workspaceId, tx.workspaceId))
    .orderBy(desc(invitations.expiresAt));
}

const INVITED_FOR_DAYS = 7;

const MOST_INVITATIONS = 100;

/**
 * Invites somebody by a link that holds for a week; returns its token. An older one for the address is replaced. Null
 * where as many are open as may be.
 */
export async function invite(tx: Tx, form: InvitationForm, by: string): Promise<string | null> {
  const token = newToken();
  await lockWorkspace(tx);
  const [open] = await tx
    .select({ n: count() })
    .from(invitations)
    .where(and(eq(invitations.workspaceId, tx.workspaceId), gt(invitations.expiresAt, sql`now()`)));
  if ((open?.n ?? 0) >= MOST_INVITATIONS) return null;
  await tx
    .delete(invitations)
    .where(and(eq(invitations.workspaceId, tx.workspaceId), eq(invitations.email, form.email)));
  await tx.insert(invitations).values({
    workspaceId: tx.workspaceId,
    tokenHash: hashOf(token),
    email: form.email,
    role: form.role,
    by,
    expiresAt: new Date(Date.now() + INVITED_FOR_DAYS * 86_400_000),
  });
  return token;
}

export async function withdrawInvitation(tx: Tx, id: string): Promise<void> {
  await tx
    .delete(invitations)
    .where(and(eq(invitations.workspaceId, tx.workspaceId), eq(invitations.id, id)));
}

export type MemberChange = 'done' | 'no-such-member' | 'last-owner';

/** Changes a member's role, or takes the member out (null). The last owner stays one. */
export async function changeMember(tx: Tx, personId: string, role: Role | null): Promise<MemberChange> {
  const members = await tx
    .select()
    .from(memberships)
    .where(eq(memberships.workspaceId, tx.workspaceId))
    .for('update');
  const member = members.find((m) => m.personId === personId);
  if (!member) return 'no-such-member';
  if (member.role === 'owner' && role !== 'owner' && members.filter((m) => m.role === 'owner').length === 1)
    return 'last-owner';
  const here = and(eq(memberships.workspaceId, tx.workspaceId), eq(memberships.personId, personId));
  if (role === null) await tx.delete(memberships).where(here);
  else await tx.update(memberships).set({ role }).where(here);
  return 'done';
}

/** Writes down a member's licence, or that there is none; false where nobody of that id is a member. */
export async function setLicence(tx: Tx, personId: string, licence: Licence | null): Promise<boolean> {
  const changed = await tx
    .update(memberships)
    .set({ licence })
    .where(and(eq(memberships.workspaceId, tx.workspaceId), eq(memberships.personId, personId)))
    .returning({ id: memberships.personId });
  return changed.length === 1;
}

/** Puts a message into the simulated outbox of the workspace. */
export async function writeMessage(
  tx: Tx,
  message: { to: string; subject: string; body: string; link?: string },
): Promise<void> {
  await tx.insert(outbox).values({ workspaceId: tx.workspaceId, ...message });
}

/** What a message opens, once: afterwards it is gone. Null where there is none or it was shown before. */
export async function takeLink(tx: Tx, id: string): Promise<{ link: string; to: string } | null> {
  const here = and(eq(outbox.workspaceId, tx.workspaceId), eq(outbox.id, id));
  const [message] = await tx
    .select({ link: outbox.link, to: outbox.to })
    .from(outbox)
    .where(here)
    .for('update');
  if (!message?.link) return null;
  await tx.update(outbox).set({ link: null }).where(here);
  return { link: message.link, to: message.to };
}

export async function listMessages(tx: Tx) {
  return tx
    .select({
      ...{ id: outbox.id, to: outbox.to, subject: outbox.subject, body: outbox.body, at: outbox.at },
      hasLink: sql<boolean>`${outbox.link} is not null`,
    })
    .from(outbox)
    .where(eq(outbox.workspaceId, tx.workspaceId))
    .orderBy(desc(outbox.at))
    .limit(200);
}
