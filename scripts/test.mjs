// @ts-check
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { needBuild, needPackages } from './build.mjs';
import { openBank, startInstance, stepInAs } from './instance.mjs';
import { needChromium, needPostgres } from './packages.mjs';
import { ROOT, Trouble, say } from './say.mjs';

const SUITES = ['unit', 'server', 'e2e', 'long'];

/** @typedef {{ passed: number, failed: number }} Count */
/** @typedef {Record<string, string>} Env */

/**
 * Formatting, lint, types and the suites, or the one suite that is named; `long` holds what takes minutes by nature and is
 * run apart. What does not share anything runs side by side. Ends non-zero on any failure. @param {string[]} words
 */
export async function test(words) {
  const [only, ...rest] = words;
  const watch = only === 'unit' && rest[0] === '--watch';
  if (only !== undefined && (!SUITES.includes(only) || (rest.length > 0 && only !== 'e2e' && !watch)))
    throw new Trouble(
      `“${words.join(' ')}” is no suite. Use: ./nimsy test [${SUITES.join('|')}], or ./nimsy test unit --watch`,
      2,
    );
  needPackages();
  if (watch) {
    await run('', ['vitest', '--project', 'unit'], {}, true);
    return;
  }
  const out = mkdtempSync(join(tmpdir(), 'nimsy-out-'));
  /** @type {Count} */
  const count = { passed: 0, failed: 0 };
  const began = Date.now();
  try {
    if (only === undefined) await everything(out, count);
    else if (only === 'unit') await vitest('unit', {}, out, count);
    else await withNimsy(() => suite(only, rest, out, count));
  } finally {
    rmSync(out, { recursive: true, force: true });
  }
  say(`All of it took ${Math.round((Date.now() - began) / 1000)} s.`);
  process.stdout.write(`\n${count.passed} passed, ${count.failed} failed\n`);
  if (count.failed > 0) process.exitCode = 1;
}

/** @param {string} out @param {Count} count */
async function everything(out, count) {
  await run('', ['svelte-kit', 'sync'], {});
  // What needs no server runs beside what builds it: formatting, lint and unit tests.
  const built = withNimsy(async () => {});
  const bank = built.then(openBank);
  // Who waits for it hears of it.
  bank.catch(() => {});
  // Two lanes; whichever is free takes the next. What waits most stands first, beside what reckons most.
  const left = [
    () => suite('server', [], out, count, bank),
    async () => {
      // The build writes the types of the routes anew: read in the midst of it they are missing.
      // What is left there of components that are gone would be checked too.
      rmSync(join(ROOT, '.svelte-kit', '.svelte-check'), { recursive: true, force: true });
      await check('types', ['svelte-check', '--tsgo', '--tsconfig', './tsconfig.json', '--output', 'human']);
    },
    ...['screens', 'wide', 'phone'].map((name) => () => suite(name, [], out, count, bank)),
  ];
  const lane = async () => {
    await built;
    for (let next = left.shift(); next !== undefined; next = left.shift()) await next();
  };
  try {
    await together([
      lane,
      async () => {
        await check('formatting', ['prettier', '--check', '--log-level', 'warn', '.']);
        await check('lint', ['eslint', '.']);
        await vitest('unit', {}, out, count);
        await lane();
      },
    ]);
  } finally {
    (await bank).close();
  }
}

/** What has to be there before anything of the application can run. @param {() => Promise<void>} work */
async function withNimsy(work) {
  needPostgres();
  needChromium();
  await needBuild();
  await work();
}

/** @param {(() => Promise<void>)[]} lanes */
async function together(lanes) {
  const ended = await Promise.allSettled(lanes.map((lane) => lane()));
  for (const one of ended) if (one.status === 'rejected') throw one.reason;
}

/** A suite on an instance of its own. @param {string} name @param {string[]} which @param {string} out @param {Count} count @param {Promise<import('./instance.mjs').Bank>} [bank] */
async function suite(name, which, out, count, bank) {
  if (name === 'e2e') {
    for (const project of ['screens', 'wide', 'phone']) await suite(project, which, out, count, bank);
    return;
  }
  const instance = await startInstance({ words: ['--still'], ...(bank ? { bank: await bank } : {}) });
  const env = {
    NIMSY_TEST_URL: instance.url,
    NIMSY_TEST_COOKIE: await stepInAs(instance.url, 'owner'),
    NIMSY_TEST_DATABASE: instance.databaseUrl,
    NIMSY_TEST_OWNER: instance.ownerUrl,
    NIMSY_TEST_SUPER: instance.superUrl,
    NIMSY_CHROMIUM: needChromium(),
    // What they start themselves has the memory that it has in use.
    NODE_OPTIONS: process.env.NODE_OPTIONS ?? '',
  };
  try {
    if (name === 'server' || name === 'long') await vitest(name, env, out, count);
    else await playwright(name, env, which, out, count);
  } finally {
    await instance.stop();
  }
}

/** @param {string} name @param {string[]} words */
async function check(name, words) {
  if ((await run(name, words, {})) !== 0) throw new Trouble(`${name} failed; what it said stands above.`);
}

/** Runs a tool of the packages; what it prints comes in one piece at its end. @param {string} name @param {string[]} words @param {Env} env @param {boolean} [live] @returns {Promise<number>} */
function run(name, words, env, live = false) {
  if (name) say(`— ${name} …`);
  const began = Date.now();
  return new Promise((resolve, reject) => {
    const [tool = '', ...rest] = words;
    const child = spawn(join(ROOT, 'node_modules', '.bin', tool), rest, {
      cwd: ROOT,
      stdio: live ? 'inherit' : ['ignore', 'pipe', 'pipe'],
      // Young objects get more room: these tools spend a tenth of their time clearing it away.
      env: { ...process.env, NODE_OPTIONS: '--max-semi-space-size=64', ...env },
    });
    /** @type {Buffer[]} */
    const said = [];
    child.stdout?.on('data', (chunk) => said.push(chunk));
    child.stderr?.on('data', (chunk) => said.push(chunk));
    child.once('error', reject);
    child.once('close', (code) => {
      if (name) say(`— ${name}: ${Math.round((Date.now() - began) / 1000)} s`);
      process.stdout.write(Buffer.concat(said));
      resolve(code ?? 1);
    });
  });
}

/** Runs a Vitest project; counts what passed and failed. @param {string} project @param {Env} env @param {string} out @param {Count} count */
async function vitest(project, env, out, count) {
  const file = join(out, `${project}.json`);
  const status = await run(
    `${project} tests`,
    ['vitest', 'run', '--project', project, '--reporter=dot', '--reporter=json', `--outputFile.json=${file}`],
    env,
  );
  const report = existsSync(file)
    ? JSON.parse(readFileSync(file, 'utf8'))
    : { numPassedTests: 0, numFailedTests: 0 };
  sayTheSlowest(project, report.testResults ?? []);
  count.passed += report.numPassedTests;
  count.failed += Math.max(report.numFailedTests, status === 0 ? 0 : 1);
}

const SLOWEST = 6;
const SLOW_MS = 2000;

/** What takes longest is told, so that a suite does not grow slow unseen. @param {string} project @param {{ assertionResults: { title: string, duration?: number }[] }[]} files */
function sayTheSlowest(project, files) {
  const slow = files
    .flatMap((file) => file.assertionResults)
    .filter(({ duration = 0 }) => duration > SLOW_MS)
    .sort((a, b) => (b.duration ?? 0) - (a.duration ?? 0))
    .slice(0, SLOWEST);
  for (const { title, duration = 0 } of slow)
    say(`  ${project}: ${(duration / 1000).toFixed(1)} s · ${title}`);
}

/** @param {string} project @param {Env} env @param {string[]} which @param {string} out @param {Count} count */
async function playwright(project, env, which, out, count) {
  const file = join(out, `${project}.json`);
  const status = await run(
    `end-to-end tests, ${project}`,
    ['playwright', 'test', ...which, '--project', project, '--pass-with-no-tests', '--reporter=list,json'],
    { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: file },
  );
  const { stats } = existsSync(file)
    ? JSON.parse(readFileSync(file, 'utf8'))
    : { stats: { expected: 0, unexpected: 0, flaky: 0 } };
  count.passed += stats.expected;
  count.failed += Math.max(stats.unexpected + stats.flaky, status === 0 ? 0 : 1);
}
