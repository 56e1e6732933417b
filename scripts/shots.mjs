// @ts-check
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { needBuild } from './build.mjs';
import { startInstance, stepInAs } from './instance.mjs';
import { needChromium, needPostgres } from './packages.mjs';
import { ROOT } from './say.mjs';

/** The main views, from the demonstration's data on its fixed day. */
const VIEWS = [
  ['today', '/', 1280, 800],
  ['look', '/cases/6/look', 1280, 800],
  ['name', '/cases/6/name', 1280, 800],
  ['choose', '/cases/6/choose', 1280, 800],
  ['measure', '/cases/6/measure', 1280, 800],
  ['when', '/cases/6/when', 1280, 800],
  ['mix', '/cases/6/mix', 1280, 800],
  ['place', '/cases/6/place', 1280, 800],
  ['log', '/cases/5/log', 1280, 800],
  ['halt', '/cases/8/mix', 1280, 800],
  ['shelf', '/shelf', 1280, 800],
  ['guide', '/guide', 1280, 800],
  ['equipment', '/equipment/*', 1280, 800],
  ['how-much', '/how-much', 1280, 800],
  ['plan', '/properties/*/plan', 1280, 800],
  ['label-editor', '/shelf/gillfold-perimeter/edit', 1280, 800],
  ['phone-today', '/', 390, 844],
  ['phone-mix', '/cases/6/mix', 390, 844],
  ['phone-where', '/cases/new', 390, 844],
];

needPostgres();
const executablePath = needChromium();
await needBuild();
const { chromium } = await import('@playwright/test');
const instance = await startInstance({ words: ['--still'] });
const cookie = await stepInAs(instance.url, 'owner');
const list = await (await fetch(`${instance.url}/properties`, { headers: { cookie } })).text();
const guestHouse = /\/properties\/([0-9a-f-]{36})"[^>]*>\s*Lantern/.exec(list)?.[1] ?? '';
const tools = await (await fetch(`${instance.url}/equipment`, { headers: { cookie } })).text();
const spreader = /\/equipment\/([0-9a-f-]{36})"[^>]*>\s*Drop/.exec(tools)?.[1] ?? '';
const browser = await chromium.launch({
  executablePath,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
const target = join(ROOT, 'docs', 'screenshots');
mkdirSync(target, { recursive: true });
for (const old of readdirSync(target)) rmSync(join(target, old));
try {
  for (const [name, path, width, height] of VIEWS) {
    const page = await browser.newPage({
      viewport: { width: Number(width), height: Number(height) },
      locale: 'en-GB',
      reducedMotion: 'reduce',
    });
    await page.setExtraHTTPHeaders({ cookie });
    await page.goto(
      instance.url + String(path).replace('*', String(path).startsWith('/equipment') ? spreader : guestHouse),
      { waitUntil: 'networkidle' },
    );
    if (name === 'how-much') await fillHowMuch(page);
    await page.screenshot({ path: join(target, `${name}.png`) });
    await page.close();
  }
} finally {
  await browser.close();
  await instance.stop();
}
process.stdout.write(`${VIEWS.length} pictures in docs/screenshots\n`);

/** @param {import('@playwright/test').Page} page */
async function fillHowMuch(page) {
  const figures = {
    least: '12',
    most: '20',
    'mix.value': '6',
    'target.value': '310',
    chosen: '15',
    'tank.value': '15',
    'step.value': '5',
  };
  for (const [name, value] of Object.entries(figures)) await page.locator(`[name="${name}"]`).fill(value);
}
