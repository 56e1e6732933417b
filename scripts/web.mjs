// @ts-check
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ROOT } from './say.mjs';

/*
 * The web server, in a process of its own: `serve.mjs` says where to listen, hears that it answers, and starts it again
 * where it dies. It ends with whoever started it.
 */
/** @type {(() => Promise<unknown>) | undefined} */
let close;
process.on('message', (told) => {
  if (told === 'close') void (close?.() ?? Promise.resolve()).then(() => process.exit(0));
  else {
    const { port, network } = /** @type {{ port: number, network: import('./network.mjs').Network }} */ (
      told
    );
    listen(port, network).then(
      (closer) => {
        close = closer;
        process.send?.('ready');
      },
      (/** @type {Error} */ reason) => {
        process.stderr.write(`${reason.message}\n`);
        process.exit(1);
      },
    );
  }
});
process.on('disconnect', () => process.exit(0));
// Whoever started it closes it: a Ctrl-C goes to both.
for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']))
  process.on(signal, () => undefined);

/** What every answer says to the browser, errors and files too. */
const HEADERS = /** @type {const} */ ([
  ['x-content-type-options', 'nosniff'],
  ['x-frame-options', 'DENY'],
  ['referrer-policy', 'same-origin'],
  ['cross-origin-opener-policy', 'same-origin'],
  ['cross-origin-resource-policy', 'same-origin'],
  ['permissions-policy', 'camera=(self), geolocation=(self), microphone=(), payment=(), usb=()'],
]);

const HEADERS_MOST_MS = 10_000;
/** A body of a form comes at once; a file at 32 kB a second at the slowest. */
const BODY_MOST_MS = 15_000;
const SLOWEST_BYTES_MS = 32;

/**
 * Ends a request whose body does not come, so that nobody holds a connection by sending a byte now and then.
 * @param {import('node:http').IncomingMessage} request @param {import('node:http').ServerResponse} response
 */
function needBodySoon(request, response) {
  const length = Number(request.headers['content-length'] ?? 0);
  if (request.method === 'GET' || request.method === 'HEAD' || length === 0) return;
  const late = setTimeout(
    () => {
      if (!response.headersSent)
        response.writeHead(408, { 'content-type': 'text/plain', connection: 'close' });
      response.end('What was sent did not come in time. Nothing was saved; send it again.\n', () =>
        request.destroy(),
      );
    },
    BODY_MOST_MS + length / SLOWEST_BYTES_MS,
  );
  const came = () => clearTimeout(late);
  request.once('end', came);
  request.once('close', came);
}

/** Whoever is refused sends on for so long before hearing of it; then the connection is cut. */
const LINGER_MS = 5_000;

/**
 * A body that is too large is thrown away as it comes, and kept nowhere. Closing at once would reset the connection under
 * whoever still sends, who would then never read why; leaving it would make the next request on it wait.
 * @param {import('node:http').IncomingMessage} request @param {import('node:http').ServerResponse} response
 */
function discardAfterRefusal(request, response) {
  response.once('finish', () => {
    if (response.statusCode !== 413 || request.readableEnded) return;
    request.removeAllListeners('data');
    request.resume();
    const cut = setTimeout(() => request.destroy(), LINGER_MS);
    request.once('close', () => clearTimeout(cut));
    request.once('end', () => clearTimeout(cut));
  });
}

/** Serves the built application. @param {number} port @param {import('./network.mjs').Network} network */
async function listen(port, network) {
  // A whole workspace may be read back from its file; every page has its own limit below this.
  process.env.NIMSY_HTTP_BODY_SIZE_LIMIT = '2001M';
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
    needBodySoon(request, response);
    discardAfterRefusal(request, response);
    handler(request, response);
  };
  const server = network.tls ? createSecureServer(network.tls, answer) : createServer(answer);
  server.headersTimeout = HEADERS_MOST_MS;
  // Files have longer than this server's own five minutes; `needBodySoon` is what ends a body that does not come.
  server.requestTimeout = 0;
  server.maxHeadersCount = 100;
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
