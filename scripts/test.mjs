// @ts-check
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { needBuild, needPackages } from './build.mjs';
import { startInstance, stepInAs } from './instance.mjs';
import { needChromium, needPostgres } from './packages.mjs';
import { ROOT, Trouble, say } from './say.mjs';

const SUITES = ['unit', 'server', 'e2e'];

/** Formatting, lint, types and the suites, or the one suite that is named. Ends non-zero on any failure. @param {string[]} words */
export async function test(words) {
  const [only, ...which] = words;
  if (only !== undefined && (!SUITES.includes(only) || (which.length > 0 && only !== 'e2e')))
    throw new Trouble(`“${words.join(' ')}” is no suite. Use: ./nimsy test [${SUITES.join('|')}]`, 2);
  const out = mkdtempSync(join(tmpdir(), 'nimsy-out-'));
  const count = { passed: 0, failed: 0 };
  try {
    needPackages();
    if (only === undefined) for (const check of CHECKS) run(check.name, check.words);
    if (only === undefined || only === 'unit') count.failed += vitest('unit', {}, out, count);
    if (only === undefined || only === 'server') {
      needPostgres();
      await needBuild();
      await withInstance(['--still'], (env) => void (count.failed += vitest('server', env, out, count)));
    }
    if (only === undefined || only === 'e2e') {
      needPostgres();
      const chromium = needChromium();
      await needBuild();
      await withInstance(['--still'], (env) =>
        playwright({ ...env, NIMSY_CHROMIUM: chromium }, which, out, count),
      );
    }
  } finally {
    rmSync(out, { recursive: true, force: true });
  }
  process.stdout.write(`\n${count.passed} passed, ${count.failed} failed\n`);
  if (count.failed > 0) process.exitCode = 1;
}

const CHECKS = [
  { name: 'formatting', words: ['prettier', '--check', '--log-level', 'warn', '.'] },
  { name: 'lint', words: ['eslint', '.'] },
  { name: 'types', words: ['svelte-check', '--tsconfig', './tsconfig.json', '--output', 'human'] },
];

/** @param {string} name @param {string[]} words */
function run(name, words) {
  say(`— ${name}`);
  if (name === 'types') npx(['svelte-kit', 'sync'], {});
  if (npx(words, {}) !== 0) throw new Trouble(`${name} failed; what it said stands above.`);
}

/** @param {string[]} words @param {Record<string, string>} env */
function npx(words, env) {
  return (
    spawnSync('npx', ['--no-install', ...words], {
      cwd: ROOT,
      stdio: ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, ...env },
    }).status ?? 1
  );
}

/** Runs a Vitest project; adds what passed and returns what failed. @param {string} project @param {Record<string, string>} env @param {string} out @param {{ passed: number }} count */
function vitest(project, env, out, count) {
  say(`— ${project} tests`);
  const file = join(out, `${project}.json`);
  const status = npx(
    ['vitest', 'run', '--project', project, '--reporter=dot', '--reporter=json', `--outputFile.json=${file}`],
    env,
  );
  const report = existsSync(file)
    ? JSON.parse(readFileSync(file, 'utf8'))
    : { numPassedTests: 0, numFailedTests: 0 };
  count.passed += report.numPassedTests;
  return Math.max(report.numFailedTests, status === 0 ? 0 : 1);
}

/** @param {Record<string, string>} env @param {string[]} which @param {string} out @param {{ passed: number, failed: number }} count */
function playwright(env, which, out, count) {
  say('— end-to-end tests');
  const file = join(out, 'e2e.json');
  const status = npx(['playwright', 'test', ...which, '--reporter=list,json'], {
    ...env,
    PLAYWRIGHT_JSON_OUTPUT_NAME: file,
  });
  const { stats } = existsSync(file)
    ? JSON.parse(readFileSync(file, 'utf8'))
    : { stats: { expected: 0, unexpected: 0, flaky: 0 } };
  count.passed += stats.expected;
  count.failed += Math.max(stats.unexpected + stats.flaky, status === 0 ? 0 : 1);
}

/** @param {string[]} words @param {(env: Record<string, string>) => void} work */
async function withInstance(words, work) {
  const instance = await startInstance({ words });
  try {
    work({
      NIMSY_TEST_URL: instance.url,
      NIMSY_TEST_COOKIE: await stepInAs(instance.url, 'owner'),
      NIMSY_TEST_DATABASE: instance.databaseUrl,
      NIMSY_TEST_OWNER: instance.ownerUrl,
      NIMSY_TEST_SUPER: instance.superUrl,
    });
  } finally {
    await instance.stop();
  }
}
