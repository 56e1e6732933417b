// @ts-check
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { Trouble, say } from './say.mjs';

const POSTGRES_HOME = '/usr/lib/postgresql';

/** The newest /usr/lib/postgresql/N/bin that holds a whole server, or null. */
export function findPostgres() {
  if (!existsSync(POSTGRES_HOME)) return null;
  const versions = readdirSync(POSTGRES_HOME).sort((a, b) => Number(b) - Number(a));
  const bins = versions.map((version) => join(POSTGRES_HOME, version, 'bin'));
  return (
    bins.find((bin) => ['initdb', 'pg_ctl', 'postgres'].every((tool) => existsSync(join(bin, tool)))) ?? null
  );
}

/** The PostgreSQL programs, installed first where they are missing. */
export function needPostgres() {
  const found = findPostgres();
  if (found) return found;
  installDebian(['postgresql']);
  const now = findPostgres();
  if (!now) throw new Trouble(`PostgreSQL is installed, but no server was found under ${POSTGRES_HOME}.`);
  return now;
}

const CHROMIUM = '/usr/bin/chromium-headless-shell';

/** Debian's Chromium without windows, for the end-to-end tests and pictures. */
export function needChromium() {
  if (!existsSync(CHROMIUM)) installDebian(['chromium-headless-shell']);
  return CHROMIUM;
}

/** @param {string[]} packages */
function installDebian(packages) {
  const line = `apt-get update && apt-get install -y ${packages.join(' ')}`;
  const isRoot = process.getuid?.() === 0;
  const sudo = !isRoot && spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status === 0;
  if (!isRoot && !sudo)
    throw new Trouble(
      `Nimsy needs the Debian package${packages.length > 1 ? 's' : ''} ${packages.join(', ')}, and neither root nor sudo is at hand.\nRun this line as root, then start Nimsy again:\n\n  ${line}`,
    );
  say(`Installing ${packages.join(', ')} from Debian's packages …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  /** @param {string[]} words */
  const apt = (words) => {
    const [file, ...args] = sudo ? ['sudo', '-n', 'apt-get', ...words] : ['apt-get', ...words];
    execFileSync(/** @type {string} */ (file), args, { env, stdio: ['ignore', 'ignore', 'inherit'] });
  };
  try {
    apt(['-qq', 'update']);
    apt(['-qq', '-y', 'install', '--no-install-recommends', ...packages]);
  } catch {
    throw new Trouble(
      `The packages could not be installed. Run this line as root and read what it says:\n\n  ${line}`,
    );
  }
}
