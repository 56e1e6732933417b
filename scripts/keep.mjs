// @ts-check
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { connectionOf, needWholeBackup, takeBackup } from './backups.mjs';
import { needBuild } from './build.mjs';
import { openCluster, readSecrets, runningPort, placeOf, urlOf } from './cluster.mjs';
import { lockData } from './lock.mjs';
import { readDataOptions } from './options.mjs';
import { needPostgres } from './packages.mjs';
import { ROOT, Trouble } from './say.mjs';
import { ownDatabase } from './serve.mjs';

/** @typedef {{ owner: string, superuser: string | null }} Addresses */

/** @param {string[]} words */
export async function backup(words) {
  const { data, words: files, replace } = readDataOptions(words);
  const file = oneFile(files, 'backup');
  if (existsSync(file) && !replace)
    throw new Trouble(`${file} is there already. Name another file, or say --replace.`);
  if (!existsSync(dirname(file))) throw new Trouble(`There is no directory ${dirname(file)}. Make it first.`);
  const bin = needPostgres();
  await withData(bin, data, false, ({ owner }) => takeBackup(bin, owner, file));
  process.stdout.write(
    `Everything of ${process.env.DATABASE_OWNER_URL ? 'DATABASE_OWNER_URL' : data} is in ${file}\n`,
  );
}

/** @param {string[]} words */
export async function restore(words) {
  const { data, words: files, replace } = readDataOptions(words);
  const file = oneFile(files, 'restore');
  if (!existsSync(file)) throw new Trouble(`There is no file ${file}.`);
  const bin = needPostgres();
  await needWholeBackup(bin, file);
  await withData(bin, data, true, async ({ owner, superuser }) => {
    if (isSetUp(bin, owner) && !replace)
      throw new Trouble(
        `There are data already in ${superuser ? data : 'DATABASE_OWNER_URL'}. To put the backup in their place, say --replace.`,
      );
    if (superuser) restoreBeside(bin, file, owner, superuser);
    else restoreInPlace(bin, file, owner);
  });
  process.stdout.write(
    `${file} is restored. Start Nimsy as before; an older backup is brought up to date then.\n`,
  );
}

/** @param {string[]} words */
export async function reset(words) {
  const { data, words: emails, withoutSecondFactor } = readDataOptions(words);
  const [email, ...more] = emails;
  if (email === undefined || more.length > 0)
    throw new Trouble('Use: ./nimsy reset EMAIL [--without-second-factor] [--data DIR] [--demo]', 2);
  const bin = process.env.DATABASE_OWNER_URL ? null : needPostgres();
  await needBuild();
  const setup = await import(pathToFileURL(join(ROOT, 'build', 'setup.mjs')).href);
  await withData(bin, data, false, async ({ owner }) => {
    const path = await setup.resetPath(owner, email, withoutSecondFactor);
    if (path === null) throw new Trouble(`Nobody here has the e-mail address ${email}.`);
    process.stdout.write(`Open this within the hour, after the address of your Nimsy:\n${path}\n`);
  });
}

/** @param {string[]} files @param {string} command */
function oneFile(files, command) {
  const [file, ...more] = files;
  if (file === undefined || more.length > 0)
    throw new Trouble(`Use: ./nimsy ${command} FILE [--data DIR] [--demo] [--replace]`, 2);
  return resolve(file);
}

/**
 * Runs work on the database of DATA: the running one, or one that is started for it. Alone, when asked.
 * @param {string | null} bin @param {string} data @param {boolean} alone
 * @param {(addresses: Addresses) => Promise<void>} work
 */
async function withData(bin, data, alone, work) {
  const external = process.env.DATABASE_OWNER_URL;
  if (external) return work({ owner: external, superuser: null });
  if (!bin) throw new Trouble('PostgreSQL is missing.');
  if (!alone && !existsSync(data))
    throw new Trouble(
      `There are no data in ${data}. Name the place with --data, or --demo for the demonstration.`,
    );
  mkdirSync(data, { recursive: true });
  const port = runningPort(placeOf(data));
  if (port !== null && !alone) {
    const cluster = { port, secrets: readSecrets(data), adopted: true, stop: () => undefined };
    return work({ owner: urlOf(cluster, 'owner'), superuser: urlOf(cluster, 'superuser', 'postgres') });
  }
  await needBuild();
  const unlock = lockData(data, 0);
  try {
    const cluster = await openCluster(bin, data);
    try {
      const setup = await import(pathToFileURL(join(ROOT, 'build', 'setup.mjs')).href);
      const { owner } = await ownDatabase(setup, cluster);
      await work({ owner, superuser: urlOf(cluster, 'superuser', 'postgres') });
    } finally {
      cluster.stop();
    }
  } finally {
    unlock();
  }
}

/** @param {string} bin @param {string} owner */
function isSetUp(bin, owner) {
  return (
    sql(
      bin,
      owner,
      "select to_regclass('public.installation') is not null or to_regclass('public.workspaces') is not null",
    ).trim() === 't'
  );
}

/** Into a database beside the present one, which takes its place once whole; the old one stays under a dated name. @param {string} bin @param {string} file @param {string} owner @param {string} superuser */
function restoreBeside(bin, file, owner, superuser) {
  const fresh = 'nimsy_restored';
  sql(bin, superuser, `drop database if exists ${fresh}`);
  sql(bin, superuser, `create database ${fresh} owner nimsy_owner`);
  const beside = new URL(owner);
  beside.pathname = `/${fresh}`;
  const { env, words } = connectionOf(beside.href);
  const done = run(bin, 'pg_restore', [...RESTORE, ...words, file], env);
  if (done.status !== 0) {
    sql(bin, superuser, `drop database ${fresh}`);
    throw new Trouble(`The backup could not be restored; nothing was changed.\n${done.stderr}`);
  }
  const old = `nimsy_before_${new Date().toISOString().replace(/\D/g, '').slice(0, 14)}`;
  sql(bin, superuser, `alter database nimsy rename to ${old}`);
  sql(bin, superuser, `alter database ${fresh} rename to nimsy`);
  process.stdout.write(`What was there before is kept in the database ${old}.\n`);
}

/** In one transaction: all of it or nothing. @param {string} bin @param {string} file @param {string} owner */
function restoreInPlace(bin, file, owner) {
  const { env, words } = connectionOf(owner);
  const done = run(bin, 'pg_restore', [...RESTORE, '--clean', '--if-exists', ...words, file], env);
  if (done.status !== 0)
    throw new Trouble(`The backup could not be restored; nothing was changed.\n${done.stderr}`);
}

const RESTORE = ['--no-owner', '--no-privileges', '--exit-on-error', '--single-transaction'];

/** @param {string} bin @param {string} url @param {string} statement */
function sql(bin, url, statement) {
  const { env, words } = connectionOf(url);
  const done = run(
    bin,
    'psql',
    ['-X', '-q', '-A', '-t', '-v', 'ON_ERROR_STOP=1', ...words, '-c', statement],
    env,
  );
  if (done.status !== 0) throw new Trouble(`The database refused:\n${done.stderr}`);
  return done.stdout;
}

/** @param {string} bin @param {string} tool @param {string[]} words @param {Record<string, string>} env */
function run(bin, tool, words, env) {
  return spawnSync(join(bin, tool), words, {
    cwd: '/',
    encoding: 'utf8',
    maxBuffer: 64_000_000,
    env: { ...process.env, ...env },
  });
}
