import { readdir, stat } from 'node:fs/promises';
import { join } from 'node:path';

/** How many backups of the night lie there, and when the last was made; null where this Nimsy takes none. */
export async function backupsMade(): Promise<{ count: number; last: string | null } | null> {
  const dir = process.env.NIMSY_BACKUPS;
  if (!dir) return null;
  const names = (await readdir(dir).catch(() => [])).filter((name) => name.endsWith('.pgdump')).sort();
  const newest = names.at(-1);
  const made = newest === undefined ? null : await stat(join(dir, newest)).catch(() => null);
  return { count: names.length, last: made?.mtime.toISOString() ?? null };
}
