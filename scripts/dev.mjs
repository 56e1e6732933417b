// @ts-check
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle, needPackages } from './build.mjs';
import { openCluster } from './cluster.mjs';
import { lockData } from './lock.mjs';
import { readServeOptions } from './options.mjs';
import { needPostgres } from './packages.mjs';
import { ROOT } from './say.mjs';
import { ownDatabase } from './serve.mjs';

/**
 * For whoever builds it: the demonstration in a database of its own (.nimsy/dev), served from the sources, each change shown at
 * once. Migrations are run at the start. Ends on Ctrl-C or SIGTERM.
 * @param {string[]} words as of `demo`
 */
export async function dev(words) {
  const elsewhere = words.some((word) => /^--data(=|$)/.test(word));
  const options = readServeOptions('demo', elsewhere ? words : [...words, '--data', join('.nimsy', 'dev')]);
  needPackages();
  await bundle('src/cli/setup.ts', 'setup.mjs');
  await bundle('src/lib/server/jobs/worker.ts', 'job.mjs');
  const files = join(options.data, 'files');
  mkdirSync(files, { recursive: true });
  /** @type {(() => void | Promise<void>)[]} */
  const closers = [lockData(options.data, options.port)];
  let closing = false;
  const close = async () => {
    if (closing) return;
    closing = true;
    for (const closer of closers.reverse()) await closer();
  };
  for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']))
    process.on(signal, () => void close().then(() => process.exit()));
  try {
    const cluster = await openCluster(needPostgres(), options.data);
    closers.push(cluster.stop);
    const setup = await import(pathToFileURL(join(ROOT, 'build', 'setup.mjs')).href);
    const urls = await ownDatabase(setup, cluster);
    await setup.prepare({
      ...{ ownerUrl: urls.owner, appUrl: urls.app, mode: 'demo' },
      migrations: join(ROOT, 'src', 'lib', 'server', 'db', 'migrations'),
      ...{ today: options.today, still: options.still },
    });
    Object.assign(process.env, {
      ...{ DATABASE_URL: urls.app, NIMSY_MODE: 'demo', NIMSY_PARTS: join(ROOT, 'build'), NIMSY_FILES: files },
      NIMSY_STILL: options.still ? '1' : '',
    });
    const { createServer } = await import('vite');
    const server = await createServer({
      root: ROOT,
      server: { host: '127.0.0.1', port: options.port, strictPort: true },
    });
    closers.push(() => server.close());
    await server.listen();
  } catch (error) {
    await close();
    throw error;
  }
  process.stdout.write(
    `Nimsy is ready: http://127.0.0.1:${options.port}  (from the sources, each change at once)\n`,
  );
}
