// @ts-check
import { Trouble, say } from './say.mjs';

const HELP = `Nimsy: from a sighting to a treated, recorded and re-checked pest problem.

  ./nimsy demo  [--port N] [--data DIR] [--today YYYY-MM-DD] [--still]
                     the made-up district of Ostermere with three years of records; its own clock
                     opens on Wednesday 15 September 2027 and then runs on (--still: it stands)
  ./nimsy start [--port N] [--data DIR]
                     for real use, on this machine; with DATABASE_URL (and DATABASE_OWNER_URL) set it
                     uses that PostgreSQL and starts none; each night a backup goes to DIR/backups
                     (--backups DIR elsewhere, --no-backups none), kept for 7 days, 5 weeks and 12 months
  ./nimsy start --host ADDRESS [--cert FILE --key FILE] [--name NAME]
                     for the house or office network, over HTTPS: by the certificate given, or by an
                     authority of Nimsy's own
  ./nimsy start --behind https://NAME [--host ADDRESS --proxy ADDRESS]
                     behind a proxy that speaks HTTPS to the world (docs/deploy.md)
  ./nimsy backup FILE  [--data DIR] [--demo] [--replace]
  ./nimsy restore FILE [--data DIR] [--demo] [--replace]
                     everything into one file, and back
  ./nimsy reset EMAIL [--without-second-factor] [--data DIR] [--demo]
                     prints a one-time link that sets a new password (and takes a lost second factor away)
  ./nimsy test  [unit|server|e2e|long]
                     formatting, lint, types, unit, server and end-to-end tests; "long" is what takes
                     minutes by nature, apart; "unit --watch" goes on while you write
  ./nimsy dev   [--port N] [--data DIR] [--today YYYY-MM-DD] [--still]
                     the demonstration from the sources, on a database of its own (.nimsy/dev): a
                     change shows at once
  ./nimsy calc  TOPIC < input.json   or   ./nimsy calc --lines < many.jsonl
                     the core's calculations without the web application (docs/calc.md)
  ./nimsy help       this list

Everything is kept under DIR (default .nimsy/real, or .nimsy/demo). The address is http://127.0.0.1:4680 unless --port says otherwise.`;

/** @type {Record<string, (words: string[]) => Promise<void>>} */
const COMMANDS = {
  demo: async (words) => (await import('./serve.mjs')).serve('demo', words),
  start: async (words) => (await import('./serve.mjs')).serve('real', words),
  dev: async (words) => (await import('./dev.mjs')).dev(words),
  test: async (words) => (await import('./test.mjs')).test(words),
  backup: async (words) => (await import('./keep.mjs')).backup(words),
  restore: async (words) => (await import('./keep.mjs')).restore(words),
  reset: async (words) => (await import('./keep.mjs')).reset(words),
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
