// @ts-check
import { mkdirSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createProbe } from 'node:net';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { parseArgs } from 'node:util';
import { needBuild } from './build.mjs';
import { openCluster, urlOf } from './cluster.mjs';
import { lockData } from './lock.mjs';
import { needPostgres } from './packages.mjs';
import { ROOT, Trouble } from './say.mjs';

const DEFAULT_PORT = 4680;

/**
 * Everything from a fresh machine to a served application; ends on Ctrl-C or SIGTERM.
 * @param {'demo' | 'real'} mode @param {string[]} words
 */
export async function serve(mode, words) {
  const options = readOptions(mode, words);
  const external = mode === 'real' ? process.env.DATABASE_URL : undefined;
  const bin = external ? null : needPostgres();
  await needBuild();
  mkdirSync(options.data, { recursive: true });
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
    process.on(signal, () => void close().then(() => process.exit(0)));
  try {
    await needPort(options.port);
    const cluster = bin ? await openCluster(bin, options.data) : null;
    if (cluster) closers.push(cluster.stop);
    const setup = await import(pathToFileURL(join(ROOT, 'build', 'setup.mjs')).href);
    const urls = cluster
      ? await ownDatabase(setup, cluster)
      : { app: external, owner: process.env.DATABASE_OWNER_URL ?? external };
    await setup
      .prepare({
        ownerUrl: urls.owner,
        migrations: join(ROOT, 'src', 'lib', 'server', 'db', 'migrations'),
        mode,
        today: options.today,
      })
      .catch((/** @type {Error} */ reason) => {
        throw new Trouble(
          `The data in ${external ? 'DATABASE_URL' : options.data} cannot be used. ${reason.message}`,
        );
      });
    process.env.DATABASE_URL = urls.app;
    process.env.NIMSY_STILL = options.still ? '1' : '';
    closers.push(await listen(options.port));
  } catch (error) {
    await close();
    throw error;
  }
  if (!closing)
    process.stdout.write(
      `Nimsy is ready: http://127.0.0.1:${options.port}${mode === 'demo' ? '  (demonstration)' : ''}\n`,
    );
}

/** @param {'demo' | 'real'} mode @param {string[]} words */
function readOptions(mode, words) {
  const known = {
    port: { type: /** @type {const} */ ('string') },
    data: { type: /** @type {const} */ ('string') },
    ...(mode === 'demo'
      ? {
          today: { type: /** @type {const} */ ('string') },
          still: { type: /** @type {const} */ ('boolean') },
        }
      : {}),
  };
  /** @type {{ port?: string, data?: string, today?: string, still?: boolean }} */
  let values;
  try {
    values = /** @type {{ port?: string, data?: string, today?: string, still?: boolean }} */ (
      parseArgs({ args: words, options: known, strict: true }).values
    );
  } catch (error) {
    throw new Trouble(`${/** @type {Error} */ (error).message}\nUse: ./nimsy help`, 2);
  }
  const port = Number(values.port ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Trouble(`--port must be a whole number from 1 to 65535; it is ${values.port}.`, 2);
  const { today } = values;
  if (
    today !== undefined &&
    (!/^\d{4}-\d{2}-\d{2}$/.test(today) ||
      Number.isNaN(Date.parse(today)) ||
      new Date(today).toISOString().slice(0, 10) !== today)
  )
    throw new Trouble(`--today must be a date that exists, as YYYY-MM-DD; it is ${today}.`, 2);
  const data = resolve(values.data ?? join(ROOT, '.nimsy', mode));
  return { port, data, today, still: values.still ?? false };
}

/**
 * The database and its two roles: one owns the tables, the application's has the rights it needs and no more.
 * @param {{ createDatabase: (url: string, secrets: object) => Promise<void> }} setup
 * @param {import('./cluster.mjs').Cluster} cluster
 */
export async function ownDatabase(setup, cluster) {
  await setup.createDatabase(urlOf(cluster, 'superuser', 'postgres'), cluster.secrets);
  return { app: urlOf(cluster, 'app'), owner: urlOf(cluster, 'owner') };
}

/** @param {number} port */
async function needPort(port) {
  await new Promise((done, fail) => {
    const probe = createProbe();
    probe.once('error', (error) =>
      fail(
        new Trouble(
          /** @type {NodeJS.ErrnoException} */ (error).code === 'EADDRINUSE'
            ? `Port ${port} is taken by another program. Stop that one, or start Nimsy with --port N.`
            : `Port ${port} cannot be used (${error.message}). Start Nimsy with --port N.`,
        ),
      ),
    );
    probe.listen(port, '127.0.0.1', () => probe.close(() => done(undefined)));
  });
}

/** Serves the built application on loopback. @param {number} port */
async function listen(port) {
  process.env.NIMSY_HTTP_PROTOCOL_HEADER = 'x-forwarded-proto';
  // A form with a megabyte of text is answered with what is wrong, not cut off.
  process.env.NIMSY_HTTP_BODY_SIZE_LIMIT = '4M';
  process.env.NODE_ENV = 'production';
  const { handler } = await import(pathToFileURL(join(ROOT, 'build', 'app', 'handler.js')).href);
  const hosts = new Set([`127.0.0.1:${port}`, `localhost:${port}`]);
  const server = createServer((request, response) => {
    // A page elsewhere whose name resolves to this machine must not be able to talk to Nimsy.
    if (!hosts.has(request.headers.host ?? '')) {
      response.writeHead(421, { 'content-type': 'text/plain' }).end(`Open http://127.0.0.1:${port}\n`);
      return;
    }
    request.headers['x-forwarded-proto'] = 'http';
    handler(request, response);
  });
  await new Promise((done, fail) => {
    server.once('error', fail);
    server.listen(port, '127.0.0.1', () => done(undefined));
  });
  return () =>
    new Promise((done) => {
      server.close(() => done(undefined));
      server.closeIdleConnections();
      setTimeout(() => server.closeAllConnections(), 2000).unref();
      /** @type {import('node:events').EventEmitter} */ (process).emit('sveltekit:shutdown', 'SIGTERM');
    });
}
