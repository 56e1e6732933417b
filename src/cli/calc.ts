import { createInterface } from 'node:readline';
import { invalid, isRefused, type Refusal } from '../lib/core/result';
import { PLAIN, refusalSentence } from '../lib/words';
import { TOPICS } from './topics';

export type CalcAnswer = { ok: unknown } | { refused: string; message: string; path: string };

/** One calculation of the contract: the answer, or the first refusal with its sentence and path. Never throws. */
export function calculate(topic: unknown, input: unknown): CalcAnswer {
  const run = typeof topic === 'string' ? TOPICS.get(topic) : undefined;
  if (!run)
    return refused(
      invalid('topic', 'a-topic', { seen: String(topic).slice(0, 40), choices: [...TOPICS.keys()] }),
    );
  try {
    const result = run(input);
    if (isRefused(result)) return refused(result.refused[0] ?? invalid('', 'needed'));
    return isFinite(result.ok) ? { ok: result.ok } : refused(invalid('', 'a-finite-result'));
  } catch {
    return refused(invalid('', 'a-finite-result'));
  }
}

/** One line of `--lines`: an object with a topic and an input, nothing else. */
export function calculateLine(line: string): CalcAnswer {
  const parsed = parseJson(line);
  if (parsed === undefined) return refused(invalid('', 'json'));
  if (typeof parsed !== 'object' || parsed === null || Array.isArray(parsed))
    return refused(invalid('', 'an-object'));
  const extra = Object.keys(parsed).find((key) => key !== 'topic' && key !== 'input');
  if (extra !== undefined) return refused(invalid(extra, 'a-known-key', { key: extra }));
  const { topic, input } = parsed as { topic?: unknown; input?: unknown };
  return calculate(topic, input);
}

/** In the calculation contract a value is called by its path. */
const pathName = (path: string): string => (path === '' ? 'The input' : `“${path}”`);

function refused(refusal: Refusal): CalcAnswer {
  return { refused: refusal.code, message: refusalSentence(refusal, PLAIN, pathName), path: refusal.path };
}

/** undefined where the text is no JSON. */
function parseJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

function isFinite(value: unknown): boolean {
  if (typeof value === 'number') return Number.isFinite(value);
  if (typeof value !== 'object' || value === null) return true;
  return Object.values(value).every(isFinite);
}

async function main(words: readonly string[]): Promise<number> {
  const print = (answer: CalcAnswer): void => void process.stdout.write(`${JSON.stringify(answer)}\n`);
  if (words[0] === '--lines') {
    for await (const line of createInterface({ input: process.stdin, crlfDelay: Infinity }))
      if (line.trim() !== '') print(calculateLine(line));
    return 0;
  }
  const chunks: Buffer[] = [];
  if (words.length === 1) for await (const chunk of process.stdin) chunks.push(chunk as Buffer);
  else {
    process.stderr.write(
      `Use: ./nimsy calc TOPIC < input.json, or ./nimsy calc --lines < many.jsonl\nTopics: ${[...TOPICS.keys()].join(', ')}\n`,
    );
    return 2;
  }
  const input = parseJson(Buffer.concat(chunks).toString('utf8'));
  const answer = input === undefined ? refused(invalid('', 'json')) : calculate(words[0], input);
  print(answer);
  return 'ok' in answer ? 0 : 2;
}

/** The terminal's entry; the bundle calls it, tests do not. */
export async function run(words: readonly string[]): Promise<void> {
  process.stdout.on('error', () => process.exit(0));
  process.exitCode = await main(words);
}
