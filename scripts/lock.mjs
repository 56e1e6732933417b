// @ts-check
import { existsSync, linkSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Trouble } from './say.mjs';

/**
 * Makes sure that one Nimsy at most works on DATA. A lock of a process that is gone is taken over.
 * @param {string} data @param {number} port
 */
export function lockData(data, port) {
  const lock = join(data, 'running.json');
  const mine = join(data, `running.${process.pid}`);
  writeFileSync(mine, JSON.stringify({ pid: process.pid, born: birthOf(process.pid), port }));
  try {
    for (let attempt = 0; ; attempt++) {
      try {
        linkSync(mine, lock);
        break;
      } catch (error) {
        if (/** @type {NodeJS.ErrnoException} */ (error).code !== 'EEXIST' || attempt > 3) throw error;
        const other = JSON.parse(readFileSync(lock, 'utf8'));
        if (birthOf(other.pid) === other.born)
          throw new Trouble(
            `Nimsy already runs on ${data}: http://127.0.0.1:${other.port} (process ${other.pid}). Use that one, or stop it first.`,
          );
        rmSync(lock, { force: true });
      }
    }
  } finally {
    rmSync(mine, { force: true });
  }
  return () => rmSync(lock, { force: true });
}

/** When the process was born, in clock ticks since boot; null when there is none. @param {number} pid */
function birthOf(pid) {
  const file = `/proc/${pid}/stat`;
  if (!existsSync(file)) return null;
  const text = readFileSync(file, 'utf8');
  return text.slice(text.lastIndexOf(')') + 2).split(' ')[19] ?? null;
}
