// @ts-check
import { randomBytes, X509Certificate } from 'node:crypto';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { fork } from 'node:child_process';
import { createServer as createProbe } from 'node:net';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { watchBackups } from './backups.mjs';
import { needBuild } from './build.mjs';
import { openCluster, urlOf, watchCluster } from './cluster.mjs';
import { lockData } from './lock.mjs';
import { networkOf } from './network.mjs';
import { readServeOptions } from './options.mjs';
import { needPostgres } from './packages.mjs';
import { ROOT, Trouble, pause, say } from './say.mjs';

/**
 * Everything from a fresh machine to a served application; ends on Ctrl-C or SIGTERM.
 * @param {'demo' | 'real'} mode @param {string[]} words
 */
export async function serve(mode, words) {
  const options = readServeOptions(mode, words);
  // The demonstration is never laid into the database of real use: it has names of its own.
  const given = mode === 'real' ? 'DATABASE' : 'NIMSY_DEMO_DATABASE';
  const external = process.env[`${given}_URL`];
  const bin = external ? null : needPostgres();
  await needBuild();
  mkdirSync(options.data, { recursive: true });
  const network = await networkOf(options.network, options.port, options.data);
  const unlock = lockData(options.data, options.port);
  /** @type {(() => void | Promise<void>)[]} */
  const closers = [unlock];
  let closing = false;
  const close = async () => {
    if (closing) return;
    closing = true;
    for (const closer of closers.reverse()) await closer();
  };
  for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']))
    process.on(signal, () => void close().then(() => process.exit()));
  let welcome = '';
  try {
    await needPort(network.host, options.port);
    const cluster = bin ? await openCluster(bin, options.data) : null;
    if (cluster) closers.push(cluster.stop);
    const setup = await import(pathToFileURL(join(ROOT, 'build', 'setup.mjs')).href);
    const urls = cluster
      ? await ownDatabase(setup, cluster)
      : { app: /** @type {string} */ (external), owner: process.env[`${given}_OWNER_URL`] };
    const signIn = await setup
      .prepare({
        ownerUrl: urls.owner,
        appUrl: urls.app,
        migrations: join(ROOT, 'src', 'lib', 'server', 'db', 'migrations'),
        mode,
        today: options.today,
        still: options.still,
      })
      .catch((/** @type {Error} */ reason) => {
        throw new Trouble(
          `The data in ${external ? 'DATABASE_URL' : options.data} cannot be used. ${reason.message}`,
        );
      });
    if (network.open && signIn === 'only-me')
      throw new Trouble(
        'This Nimsy is used without a password, by one person on this machine, and is served to nobody else. Start it without --host, choose “Let others in” under Your account, then start it with --host again.',
      );
    const key = signIn === 'not-yet' && network.open ? randomBytes(12).toString('base64url') : '';
    if (signIn === 'not-yet') welcome = `${network.url}/welcome${key ? `?key=${key}` : ''}`;
    process.env.DATABASE_URL = urls.app;
    process.env.NIMSY_MODE = mode;
    process.env.NIMSY_PARTS = join(ROOT, 'build');
    process.env.NIMSY_FILES = freshFiles(options.data);
    process.env.NIMSY_STILL = options.still ? '1' : '';
    process.env.NIMSY_WELCOME_KEY = key;
    process.env.NIMSY_ON_NETWORK = network.open ? '1' : '';
    process.env.NIMSY_AUTHORITY = network.authority ?? '';
    if (cluster) closers.push(watchCluster(cluster));
    if (bin && urls.owner && options.backups) {
      process.env.NIMSY_BACKUPS = options.backups;
      closers.push(watchBackups({ bin, ownerUrl: urls.owner, dir: options.backups }));
    }
    closers.push(await keepServing(options.port, network));
  } catch (error) {
    await close();
    throw error;
  }
  if (closing) return;
  process.stdout.write(`Nimsy is ready: ${network.url}${mode === 'demo' ? '  (demonstration)' : ''}\n`);
  if (welcome) process.stdout.write(`It has no owner yet. Open ${welcome}\n`);
  if (network.authority)
    process.stdout.write(
      `Trust it once on each machine: ${network.url}/trust\n  SHA-256 ${new X509Certificate(readFileSync(network.authority)).fingerprint256}\n`,
    );
}

/** Files on their way in or out; what an earlier run left is gone. @param {string} data */
function freshFiles(data) {
  const files = join(data, 'files');
  rmSync(files, { recursive: true, force: true });
  mkdirSync(files, { recursive: true, mode: 0o700 });
  return files;
}

/**
 * The database and its two roles: one owns the tables, the application's has the rights it needs and no more.
 * @param {{ createDatabase: (url: string, secrets: object) => Promise<void> }} setup
 * @param {Pick<import('./cluster.mjs').Cluster, 'port' | 'secrets'>} cluster
 */
export async function ownDatabase(setup, cluster) {
  await setup.createDatabase(urlOf(cluster, 'superuser', 'postgres'), cluster.secrets);
  return { app: urlOf(cluster, 'app'), owner: urlOf(cluster, 'owner') };
}

/** @param {string} host @param {number} port */
async function needPort(host, port) {
  await new Promise((done, fail) => {
    const probe = createProbe();
    probe.once('error', (error) =>
      fail(
        new Trouble(
          /** @type {NodeJS.ErrnoException} */ (error).code === 'EADDRINUSE'
            ? `Port ${port} is taken by another program. Stop that one, or start Nimsy with --port N.`
            : `Port ${port} on ${host} cannot be used (${error.message}). Start Nimsy with another --port or --host.`,
        ),
      ),
    );
    probe.listen(port, host, () => probe.close(() => done(undefined)));
  });
}

/** Where it dies so often in a minute, something is wrong that starting again does not mend. */
const MOST_DEATHS = 5;
const MINUTE_MS = 60_000;
const CLOSE_MOST_MS = 6_000;
/** Room for what a page makes and drops again: where it is small, one page of seven waits until it is swept. */
const WEB_ROOM = ['--max-semi-space-size=64'];

/**
 * Serves the built application in a process of its own, and starts another one where that ends by itself. Resolves once
 * the first one answers.
 * @param {number} port @param {import('./network.mjs').Network} network @returns {Promise<() => Promise<void>>}
 */
async function keepServing(port, network) {
  /** @type {number[]} */
  const deaths = [];
  let closing = false;
  /** @type {import('node:child_process').ChildProcess} */
  let child;
  /** @returns {Promise<void>} */
  const start = () =>
    new Promise((ready, fail) => {
      child = fork(join(ROOT, 'scripts', 'web.mjs'), [], { env: process.env, execArgv: WEB_ROOM });
      child.once('message', () => ready());
      child.once('exit', (code, signal) => {
        fail(new Trouble(`The server ended with ${code ?? signal} before it answered.`));
        if (!closing) void again(code ?? signal);
      });
      child.send({ port, network });
    });
  /** @param {number | string | null} how */
  const again = async (how) => {
    const now = Date.now();
    deaths.push(now);
    const lately = deaths.filter((at) => now - at < MINUTE_MS).length;
    if (lately > MOST_DEATHS) {
      say(`The server ended ${lately} times within a minute (${how}). Nimsy stops; what was saved is kept.`);
      process.exitCode = 1;
      process.kill(process.pid, 'SIGTERM');
      return;
    }
    say(`The server ended (${how}) and is started again.`);
    await pause(200 * lately);
    if (!closing) await start().catch(() => undefined);
  };
  await start();
  return () =>
    new Promise((done) => {
      closing = true;
      if (child.exitCode !== null || child.signalCode !== null) return done();
      const late = setTimeout(() => child.kill('SIGKILL'), CLOSE_MOST_MS);
      child.once('exit', () => {
        clearTimeout(late);
        done();
      });
      child.send('close');
    });
}
