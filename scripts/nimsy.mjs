// @ts-check
import { Trouble, say } from './say.mjs';

const HELP = `Nimsy: from a sighting to a treated, recorded and re-checked pest problem.

  ./nimsy demo  [--port N] [--data DIR] [--today YYYY-MM-DD] [--still]
                     the made-up district of Ostermere with three years of records; its own clock
                     opens on Wednesday 15 September 2027 and then runs on (--still: it stands)
  ./nimsy start [--port N] [--data DIR]
                     for real use; with DATABASE_URL set it uses that PostgreSQL and starts none
  ./nimsy test  [unit|server|e2e]
                     formatting, lint, types, unit, server and end-to-end tests
  ./nimsy calc  TOPIC < input.json   or   ./nimsy calc --lines < many.jsonl
                     the core's calculations without the web application (docs/calc.md)
  ./nimsy help       this list

Everything is kept under DIR (default .nimsy). The address is http://127.0.0.1:4680 unless --port says otherwise.`;

/** @type {Record<string, (words: string[]) => Promise<void>>} */
const COMMANDS = {
  demo: async (words) => (await import('./serve.mjs')).serve('demo', words),
  start: async (words) => (await import('./serve.mjs')).serve('real', words),
  test: async (words) => (await import('./test.mjs')).test(words),
  calc: async (words) => (await import('./calc.mjs')).calc(words),
  help: async () => void process.stdout.write(`${HELP}\n`),
};

const [word = 'help', ...rest] = process.argv.slice(2);
const command = Object.hasOwn(COMMANDS, word) ? COMMANDS[word] : undefined;
if (!command) {
  say(`“${word}” is not a command of Nimsy.\n\n${HELP}`);
  process.exit(2);
}
try {
  await command(rest);
} catch (error) {
  if (!(error instanceof Trouble)) throw error;
  say(error.message);
  process.exit(error.exitCode);
}
