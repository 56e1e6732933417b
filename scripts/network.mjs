// @ts-check
import { X509Certificate } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { Trouble } from './say.mjs';

const LOOPBACK = /^(127\.\d+\.\d+\.\d+|::1|localhost)$/;
const DAY_MS = 86_400_000;

/**
 * How Nimsy is reached: over plain HTTP on loopback; over HTTPS by a given certificate or one of its own authority; or
 * behind a named proxy that speaks HTTPS to the world.
 * @typedef {object} Network
 * @property {string} host address to listen on
 * @property {boolean} open other machines can reach it
 * @property {{ key: string, cert: string } | null} tls
 * @property {string | null} origin the proxy's public address
 * @property {string | null} proxy the one address that may connect
 * @property {string[]} names host names that may be asked for; empty behind a proxy
 * @property {string | null} authority file of the own authority's certificate
 * @property {string} url where a person opens it
 */

/**
 * @param {{ host?: string | undefined, cert?: string | undefined, key?: string | undefined, behind?: string | undefined, proxy?: string | undefined, name?: string[] | undefined }} asked
 * @param {number} port @param {string} data
 * @returns {Promise<Network>}
 */
export async function networkOf({ host = '127.0.0.1', cert, key, behind, proxy, name = [] }, port, data) {
  const beyond = !LOOPBACK.test(host);
  if ((cert === undefined) !== (key === undefined))
    throw new Trouble('--cert and --key belong together: give the files of both.', 2);
  if (behind !== undefined) return behindProxy(host, port, behind, proxy, beyond);
  if (proxy !== undefined)
    throw new Trouble('--proxy belongs to --behind: name the public address there.', 2);
  if (!beyond && cert === undefined)
    return {
      host: '127.0.0.1',
      open: false,
      tls: null,
      origin: null,
      proxy: null,
      names: ['127.0.0.1', 'localhost'],
      authority: null,
      url: `http://127.0.0.1:${port}`,
    };
  const own = cert === undefined;
  const tls = own
    ? await ownCertificate(data, namesOf(host, name))
    : { cert: readPem(cert, '--cert'), key: readPem(/** @type {string} */ (key), '--key') };
  const names = [...new Set([...namesIn(tls.cert), ...(beyond ? [] : ['127.0.0.1', 'localhost'])])];
  const shown = name[0] ?? (isIP(host) && host !== '0.0.0.0' && host !== '::' ? host : names[0]);
  return {
    host,
    open: beyond,
    tls,
    origin: null,
    proxy: null,
    names,
    authority: own ? join(data, 'authority', 'ca.crt') : null,
    url: `https://${shown?.includes(':') ? `[${shown}]` : shown}:${port}`,
  };
}

/** @param {string} host @param {number} port @param {string} behind @param {string | undefined} proxy @param {boolean} beyond @returns {Network} */
function behindProxy(host, port, behind, proxy, beyond) {
  let url;
  try {
    url = new URL(behind);
  } catch {
    throw new Trouble(
      `--behind must be the public address, such as https://nimsy.example; it is ${behind}.`,
      2,
    );
  }
  if (url.protocol !== 'https:' || url.pathname !== '/' || url.search !== '')
    throw new Trouble(
      `--behind must be an https address without a path; it is ${behind}. Plain HTTP beyond this machine is refused.`,
      2,
    );
  if (beyond && (proxy === undefined || isIP(proxy) === 0))
    throw new Trouble(
      'Plain HTTP beyond this machine is refused, but for the proxy itself: name its address with --proxy 192.0.2.7.',
      2,
    );
  return {
    host,
    open: true,
    tls: null,
    origin: url.origin,
    proxy: beyond ? (proxy ?? null) : null,
    names: [],
    authority: null,
    url: url.origin,
  };
}

/** Every name and address by which this machine may be asked for. @param {string} host @param {string[]} given */
function namesOf(host, given) {
  const addresses = Object.values(networkInterfaces()).flatMap((list) =>
    (list ?? []).filter((a) => !a.address.startsWith('fe80')).map((a) => a.address),
  );
  const any = host === '0.0.0.0' || host === '::';
  const own = hostname().toLowerCase();
  return [
    ...new Set([
      ...given,
      ...(any ? [own, `${own.replace(/\.local$/, '')}.local`, ...addresses] : [host]),
      'localhost',
      '127.0.0.1',
    ]),
  ];
}

/** @param {string} cert */
function namesIn(cert) {
  const told = new X509Certificate(cert).subjectAltName ?? '';
  return told
    .split(/,\s*/)
    .map((entry) => entry.replace(/^(DNS|IP Address):/, '').toLowerCase())
    .filter((entry) => entry !== '');
}

/** @param {string} file @param {string} option */
function readPem(file, option) {
  if (!existsSync(file)) throw new Trouble(`${option}: there is no file ${file}.`, 2);
  const text = readFileSync(file, 'utf8');
  if (!text.includes('-----BEGIN')) throw new Trouble(`${option}: ${file} is not a PEM file.`, 2);
  return text;
}

/**
 * A certificate of Nimsy's own authority, kept under DATA; made anew when a name is missing or it runs out soon. The
 * authority itself stays the same for ten years, so that it is trusted once.
 * @param {string} data @param {string[]} names
 */
async function ownCertificate(data, names) {
  const { generate } = await import('selfsigned');
  const dir = join(data, 'authority');
  mkdirSync(dir, { recursive: true, mode: 0o700 });
  const file = (/** @type {string} */ name) => join(dir, name);
  const keep = (/** @type {string} */ name, /** @type {string} */ text) => {
    writeFileSync(file(name), text, { mode: 0o600 });
    chmodSync(file(name), 0o600);
  };
  const kind = /** @type {const} */ ({ keyType: 'ec', curve: 'P-256', algorithm: 'sha256' });
  if (!existsSync(file('ca.crt')) || !existsSync(file('ca.key'))) {
    const made = await generate([{ name: 'commonName', value: `Nimsy on ${hostname()}` }], {
      ...kind,
      notAfterDate: new Date(Date.now() + 3650 * DAY_MS),
      extensions: [
        { name: 'basicConstraints', cA: true, critical: true },
        { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true },
      ],
    });
    keep('ca.key', made.private);
    keep('ca.crt', made.cert);
  }
  const known = existsSync(file('server.crt')) ? readFileSync(file('server.crt'), 'utf8') : null;
  const good =
    known !== null &&
    existsSync(file('server.key')) &&
    names.every((name) => namesIn(known).includes(name.toLowerCase())) &&
    Date.parse(new X509Certificate(known).validTo) > Date.now() + 30 * DAY_MS;
  if (!good) {
    const made = await generate([{ name: 'commonName', value: names[0] ?? 'nimsy' }], {
      ...kind,
      ca: { key: readFileSync(file('ca.key'), 'utf8'), cert: readFileSync(file('ca.crt'), 'utf8') },
      notAfterDate: new Date(Date.now() + 397 * DAY_MS),
      extensions: [
        { name: 'basicConstraints', cA: false },
        { name: 'keyUsage', digitalSignature: true },
        { name: 'extKeyUsage', serverAuth: true },
        {
          name: 'subjectAltName',
          altNames: names.map((name) => (isIP(name) ? { type: 7, ip: name } : { type: 2, value: name })),
        },
      ],
    });
    keep('server.key', made.private);
    keep('server.crt', made.cert);
  }
  return { cert: readFileSync(file('server.crt'), 'utf8'), key: readFileSync(file('server.key'), 'utf8') };
}
