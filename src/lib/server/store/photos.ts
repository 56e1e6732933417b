import { and, asc, count, eq } from 'drizzle-orm';
import { lockWorkspace, type Tx } from '../db/client';
import * as t from '../db/schema';
import type { Picture } from '../outside/pictures';
import { takeAway } from './removed';

/** No case needs more, and an export has to carry them. */
export const MOST_PHOTOS = 40;

/** The photographs of a case without their bytes, oldest first. */
export const listPhotos = (tx: Tx, caseId: string) =>
  tx
    .select({
      id: t.photos.id,
      note: t.photos.note,
      width: t.photos.width,
      height: t.photos.height,
      addedAt: t.photos.addedAt,
      addedBy: t.photos.addedBy,
    })
    .from(t.photos)
    .where(and(eq(t.photos.workspaceId, tx.workspaceId), eq(t.photos.caseId, caseId)))
    .orderBy(asc(t.photos.addedAt), asc(t.photos.id));

/** Adds a photograph; false where the case holds as many as it may. */
export async function addPhoto(
  tx: Tx,
  caseId: string,
  picture: Picture,
  { note, by, now }: { note: string; by: string; now: Date },
): Promise<boolean> {
  const here = and(eq(t.photos.workspaceId, tx.workspaceId), eq(t.photos.caseId, caseId));
  await lockWorkspace(tx);
  const [held] = await tx.select({ n: count() }).from(t.photos).where(here);
  if ((held?.n ?? 0) >= MOST_PHOTOS) return false;
  await tx
    .insert(t.photos)
    .values({ workspaceId: tx.workspaceId, caseId, ...picture, note, addedAt: now, addedBy: by });
  return true;
}

const one = (tx: Tx, caseId: string, id: string) =>
  and(eq(t.photos.workspaceId, tx.workspaceId), eq(t.photos.caseId, caseId), eq(t.photos.id, id));

/** The bytes of one photograph of a case, or null. */
export async function photoOf(tx: Tx, caseId: string, id: string): Promise<Buffer | null> {
  const [row] = await tx
    .select({ jpeg: t.photos.jpeg })
    .from(t.photos)
    .where(one(tx, caseId, id));
  return row?.jpeg ?? null;
}

/** By what it can be put back; null where there is none. */
export const removePhoto = (tx: Tx, caseId: string, id: string, back: string): Promise<string | null> =>
  takeAway(tx, t.photos, one(tx, caseId, id), back);
