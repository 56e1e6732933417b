// @ts-check
import { randomBytes, X509Certificate } from 'node:crypto';
import { mkdirSync, readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { createServer as createProbe } from 'node:net';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { needBuild } from './build.mjs';
import { openCluster, urlOf } from './cluster.mjs';
import { lockData } from './lock.mjs';
import { networkOf } from './network.mjs';
import { readServeOptions } from './options.mjs';
import { needPostgres } from './packages.mjs';
import { ROOT, Trouble } from './say.mjs';

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
    process.on(signal, () => void close().then(() => process.exit(0)));
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
    process.env.NIMSY_STILL = options.still ? '1' : '';
    process.env.NIMSY_WELCOME_KEY = key;
    process.env.NIMSY_ON_NETWORK = network.open ? '1' : '';
    process.env.NIMSY_AUTHORITY = network.authority ?? '';
    closers.push(await listen(options.port, network));
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

/**
 * The database and its two roles: one owns the tables, the application's has the rights it needs and no more.
 * @param {{ createDatabase: (url: string, secrets: object) => Promise<void> }} setup
 * @param {import('./cluster.mjs').Cluster} cluster
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

/** What every answer says to the browser, errors and files too. */
const HEADERS = /** @type {const} */ ([
  ['x-content-type-options', 'nosniff'],
  ['x-frame-options', 'DENY'],
  ['referrer-policy', 'same-origin'],
  ['cross-origin-opener-policy', 'same-origin'],
  ['cross-origin-resource-policy', 'same-origin'],
  ['permissions-policy', 'camera=(self), geolocation=(self), microphone=(), payment=(), usb=()'],
]);

/** Serves the built application. @param {number} port @param {import('./network.mjs').Network} network */
async function listen(port, network) {
  // A whole workspace may be read back from its file; every page has its own limit below this.
  process.env.NIMSY_HTTP_BODY_SIZE_LIMIT = '129M';
  process.env.NODE_ENV = 'production';
  if (network.origin) {
    process.env.NIMSY_HTTP_ORIGIN = network.origin;
    process.env.NIMSY_HTTP_ADDRESS_HEADER = 'x-forwarded-for';
  } else process.env.NIMSY_HTTP_PROTOCOL_HEADER = 'x-forwarded-proto';
  const { handler } = await import(pathToFileURL(join(ROOT, 'build', 'app', 'handler.js')).href);
  const hosts = new Set(
    network.names.flatMap((name) => (name.includes(':') ? [`[${name}]:${port}`] : [`${name}:${port}`])),
  );
  const scheme = network.tls ? 'https' : 'http';
  /** @type {import('node:http').RequestListener} */
  const answer = (request, response) => {
    for (const [header, value] of HEADERS) response.setHeader(header, value);
    if (network.origin) {
      const from = (request.socket.remoteAddress ?? '').replace(/^::ffff:/, '');
      if (network.proxy !== null && from !== network.proxy) {
        response.writeHead(403, { 'content-type': 'text/plain' }).end(`Open ${network.origin}\n`);
        return;
      }
      // A proxy that does not say for whom it asks: then it asks for itself.
      request.headers['x-forwarded-for'] ??= from;
    } else {
      // A page elsewhere whose name resolves to this machine must not be able to talk to Nimsy.
      if (!hosts.has((request.headers.host ?? '').toLowerCase())) {
        response.writeHead(421, { 'content-type': 'text/plain' }).end(`Open ${network.url}\n`);
        return;
      }
      request.headers['x-forwarded-proto'] = scheme;
    }
    handler(request, response);
  };
  const server = network.tls ? createSecureServer(network.tls, answer) : createServer(answer);
  await new Promise((done, fail) => {
    server.once('error', fail);
    server.listen(port, network.host, () => done(undefined));
  });
  return () =>
    new Promise((done) => {
      server.close(() => done(undefined));
      server.closeIdleConnections();
      setTimeout(() => server.closeAllConnections(), 2000).unref();
      /** @type {import('node:events').EventEmitter} */ (process).emit('sveltekit:shutdown', 'SIGTERM');
    });
}
