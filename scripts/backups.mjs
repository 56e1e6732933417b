// @ts-check
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  chmodSync,
  createReadStream,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { basename, join } from 'node:path';
import { Trouble, pause, say } from './say.mjs';

/** @typedef {{ env: Record<string, string>, words: string[] }} Connection */

/**
 * How a program of PostgreSQL is told where to go; the password goes by the environment, where no list of processes
 * shows it. @param {string} url @returns {Connection}
 */
export function connectionOf(url) {
  const { hostname, port, username, password, pathname, searchParams } = new URL(url);
  return {
    env: {
      PGPASSWORD: decodeURIComponent(password),
      ...(searchParams.get('sslmode') ? { PGSSLMODE: searchParams.get('sslmode') ?? '' } : {}),
    },
    words: [
      ...['-h', hostname, '-p', port || '5432'],
      ...['-U', decodeURIComponent(username), '-d', pathname.slice(1)],
    ],
  };
}

/**
 * Everything of a database into one file with its checksum beside it. The file has its name once it is whole and was
 * read through. @param {string} bin @param {string} ownerUrl @param {string} file
 */
export async function takeBackup(bin, ownerUrl, file) {
  const half = `${file}.part`;
  const { env, words } = connectionOf(ownerUrl);
  try {
    const made = await run(bin, 'pg_dump', ['--format=custom', `--file=${half}`, ...words], env);
    if (made.status !== 0) throw new Trouble(`The backup failed; ${file} was not written.\n${made.stderr}`);
    chmodSync(half, 0o600);
    await needReadable(bin, half, file);
    writeFileSync(`${file}.sha256`, `${await sha256Of(half)}  ${basename(file)}\n`, { mode: 0o600 });
    renameSync(half, file);
  } catch (error) {
    rmSync(half, { force: true });
    throw error;
  }
}

/**
 * Makes sure before anything is touched that a file is a whole backup: its checksum, where one lies beside it, its list of
 * contents, and every byte of it read through. @param {string} bin @param {string} file
 */
export async function needWholeBackup(bin, file) {
  const sum = `${file}.sha256`;
  if (existsSync(sum) && readFileSync(sum, 'utf8').slice(0, 64) !== (await sha256Of(file)))
    throw new Trouble(
      `${file} is not what was written: its checksum differs from ${sum}. Take an older backup. Nothing was changed.`,
    );
  const listed = await run(bin, 'pg_restore', ['--list', file], {});
  if (listed.status !== 0 || !/TABLE DATA public installation/.test(listed.stdout))
    throw new Trouble(`${file} is not a whole backup of Nimsy. Nothing was changed.`);
  await needReadable(bin, file, file);
}

/** @param {string} bin @param {string} file @param {string} called */
async function needReadable(bin, file, called) {
  const read = await run(bin, 'pg_restore', ['--file=/dev/null', file], {});
  if (read.status !== 0)
    throw new Trouble(
      `${called} cannot be read to its end. Nothing was changed.\n${read.stderr.slice(0, 400)}`,
    );
}

/** @param {string} file @returns {Promise<string>} */
async function sha256Of(file) {
  const hash = createHash('sha256');
  for await (const piece of createReadStream(file)) hash.update(piece);
  return hash.digest('hex');
}

const DAYS = 7;
const WEEKS = 5;
const MONTHS = 12;

/**
 * Of backups by their days (YYYY-MM-DD) those that are kept: the newest seven, the newest of each of five weeks, and the
 * newest of each of twelve months. @param {readonly string[]} days @returns {Set<string>}
 */
export function keptDays(days) {
  const newest = [...new Set(days)].sort().reverse();
  /** @param {number} most @param {(day: string) => string} groupOf */
  const first = (most, groupOf) => {
    /** @type {Map<string, string>} */
    const groups = new Map();
    for (const day of newest)
      if (!groups.has(groupOf(day)) && groups.size < most) groups.set(groupOf(day), day);
    return groups.values();
  };
  const week = (/** @type {string} */ day) => String(Math.floor((Date.parse(day) / 86_400_000 + 3) / 7));
  return new Set([
    ...newest.slice(0, DAYS),
    ...first(WEEKS, week),
    ...first(MONTHS, (day) => day.slice(0, 7)),
  ]);
}

const NAME = /^nimsy-(\d{4}-\d{2}-\d{2})\.pgdump$/;
const LOOK_MS = 10 * 60_000;
const FIRST_MS = 60_000;
/** When nobody works. */
const NIGHT_HOUR = 2;

/**
 * Takes a backup each night and keeps them by number. A machine that sleeps at night takes it when it is next awake.
 * @param {{ bin: string, ownerUrl: string, dir: string, lookMs?: number }} options @returns {() => Promise<void>} ends it
 */
export function watchBackups({ bin, ownerUrl, dir, lookMs = LOOK_MS }) {
  mkdirSync(dir, { recursive: true, mode: 0o700 });
  let ended = false;
  /** @type {Promise<void>} */
  let working = Promise.resolve();
  const look = async () => {
    const now = new Date();
    const night = new Date(now.getTime() - NIGHT_HOUR * 3_600_000);
    const day = [night.getFullYear(), night.getMonth() + 1, night.getDate()]
      .map((part) => String(part).padStart(2, '0'))
      .join('-');
    const file = join(dir, `nimsy-${day}.pgdump`);
    if (existsSync(file)) return;
    try {
      await takeBackup(bin, ownerUrl, file);
      prune(dir);
      say(`${now.toISOString()} backup ${file} ${statSync(file).size} bytes`);
    } catch (error) {
      say(
        `${now.toISOString()} The backup of the night failed and is tried again: ${/** @type {Error} */ (error).message}`,
      );
    }
  };
  void (async () => {
    // Not in the first minute: whoever has just started it waits for a page.
    for (let wait = Math.min(FIRST_MS, lookMs); ; wait = lookMs) {
      for (let waited = 0; waited < wait && !ended; waited += 500) await pause(Math.min(500, wait));
      if (ended) return;
      working = look();
      await working;
    }
  })();
  return async () => {
    ended = true;
    await working;
  };
}

/** @param {string} dir */
function prune(dir) {
  const days = readdirSync(dir).flatMap((name) => NAME.exec(name)?.[1] ?? []);
  const kept = keptDays(days);
  for (const day of days)
    if (!kept.has(day))
      for (const end of ['', '.sha256']) rmSync(join(dir, `nimsy-${day}.pgdump${end}`), { force: true });
}

/** @param {string} bin @param {string} tool @param {string[]} words @param {Record<string, string>} env @returns {Promise<{ status: number | null, stdout: string, stderr: string }>} */
function run(bin, tool, words, env) {
  return new Promise((done) => {
    const child = spawn(join(bin, tool), words, { cwd: '/', env: { ...process.env, ...env } });
    let [stdout, stderr] = ['', ''];
    child.stdout.on('data', (piece) => (stdout += piece));
    child.stderr.on('data', (piece) => (stderr += piece));
    child.once('error', (error) => done({ status: 1, stdout, stderr: error.message }));
    child.once('close', (status) => done({ status, stdout, stderr }));
  });
}
