// @ts-check
import { execFileSync, spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { createInterface } from 'node:readline';
import { pathToFileURL } from 'node:url';
import { ROOT, Trouble, say } from './say.mjs';

const BUILT = join(ROOT, 'build');
const CORE_SOURCES = [
  'scripts/build.mjs',
  'src/lib/catalog',
  'src/lib/core',
  'src/lib/forms',
  'src/lib/words',
  'src/cli',
];
const APP_SOURCES = [
  'src',
  'demo',
  'static',
  'package-lock.json',
  'vite.config.ts',
  'svelte.config.js',
  'scripts/build.mjs',
  'scripts/chunks.mjs',
  'scripts/unseen.mjs',
  'scripts/prose.mjs',
  'scripts/lean-server.mjs',
  'scripts/root-component.mjs',
];

/** Installs the locked packages when they are missing or the lock file changed. */
export function needPackages() {
  const stamp = join(ROOT, 'node_modules', '.nimsy-lock');
  const wanted = hashOf(['package-lock.json']);
  if (readStamp(stamp) === wanted) return;
  say('Installing the locked packages …');
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error', '--include=dev']);
  writeFileSync(stamp, wanted);
}

/** Builds the application and its two bundles when a source changed. */
export async function needBuild() {
  needPackages();
  const stamp = join(BUILT, 'app.stamp');
  const wanted = hashOf(APP_SOURCES);
  if (readStamp(stamp) === wanted && existsSync(join(BUILT, 'app', 'handler.js'))) return;
  say('Building Nimsy …');
  rmSync(stamp, { force: true });
  await runAside(join(ROOT, 'node_modules', '.bin', 'vite'), ['build', '--logLevel', 'error']);
  await bundle('src/cli/setup.ts', 'setup.mjs');
  await bundle('src/lib/server/jobs/worker.ts', 'job.mjs');
  await needCalc();
  writeFileSync(stamp, wanted);
}

/** The bundle behind `./nimsy calc`, made anew when the core changed. Returns its path. */
export async function needCalc() {
  const file = join(BUILT, 'calc.mjs');
  const stamp = join(BUILT, 'calc.stamp');
  const wanted = hashOf(CORE_SOURCES);
  if (readStamp(stamp) !== wanted || !existsSync(file)) {
    needPackages();
    await bundle('src/cli/calc.ts', 'calc.mjs');
    writeFileSync(stamp, wanted);
  }
  return file;
}

/** @param {string} entry @param {string} name */
export async function bundle(entry, name) {
  const { build } = await import('esbuild');
  mkdirSync(BUILT, { recursive: true });
  const outfile = join(BUILT, `${name}.${process.pid}.part`);
  await build({
    entryPoints: [join(ROOT, entry)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    // Some packages bundle only in their modern form.
    mainFields: ['module', 'main'],
    logLevel: 'error',
    // Native code is found beside the bundle, in node_modules.
    external: ['@node-rs/argon2', 'sharp', 'pg-native'],
    banner: {
      js: "import { createRequire as makeRequire } from 'node:module'; const require = makeRequire(import.meta.url);",
    },
  });
  renameSync(outfile, join(BUILT, name));
}

/** @param {string} file @param {string[]} words */
function run(file, words) {
  try {
    execFileSync(file, words, {
      cwd: ROOT,
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, NODE_ENV: undefined },
    });
  } catch {
    throw new Trouble(`“${file} ${words.join(' ')}” failed; what it printed stands above.`);
  }
}

/** The bundler tells that a piece of the framework is empty once what this application does not ask for is left out. */
const NO_FAULT = /^(Generated an empty chunk: .*)?$/;

/** Runs beside whatever else is going on here. @param {string} file @param {string[]} words @returns {Promise<void>} */
function runAside(file, words) {
  const child = spawn(file, words, {
    cwd: ROOT,
    stdio: ['ignore', 'ignore', 'pipe'],
    // A bundler makes many short-lived objects: more room for the young ones spares it clearing them away.
    env: { ...process.env, NODE_ENV: undefined, NODE_OPTIONS: '--max-semi-space-size=64' },
  });
  createInterface(/** @type {import('node:stream').Readable} */ (child.stderr)).on('line', (line) => {
    if (!NO_FAULT.test(line)) process.stderr.write(`${line}\n`);
  });
  return new Promise((resolve, reject) => {
    child.once('error', reject);
    child.once('close', (code) =>
      code === 0
        ? resolve()
        : reject(new Trouble(`“${file} ${words.join(' ')}” failed; what it printed stands above.`)),
    );
  });
}

/** @param {string} file */
const readStamp = (file) => (existsSync(file) ? readFileSync(file, 'utf8') : null);

/** Hash of names and contents of the files under the given places. @param {string[]} places */
function hashOf(places) {
  const hash = createHash('sha256');
  for (const place of places)
    for (const file of filesUnder(join(ROOT, place)))
      hash.update(relative(ROOT, file)).update(readFileSync(file));
  return hash.digest('hex');
}

/** @param {string} place @returns {string[]} */
function filesUnder(place) {
  if (!existsSync(place)) return [];
  try {
    const entries = readdirSync(place, { withFileTypes: true }).sort((a, b) => (a.name < b.name ? -1 : 1));
    return entries.flatMap((entry) =>
      entry.isDirectory()
        ? filesUnder(join(place, entry.name))
        : entry.name.includes('.test.')
          ? []
          : [join(place, entry.name)],
    );
  } catch {
    return [place];
  }
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) await needBuild();
