import { parentPort, workerData } from 'node:worker_threads';
import type { JobOrder, JobWord } from './kinds';
import { doJob } from './work';

/** The process that does one job; bundled apart (scripts/build.mjs) and started by `start.ts`. */
const say = (word: JobWord): void => parentPort?.postMessage(word);
say(await doJob(workerData as JobOrder, say));
