// @ts-check
import { fileURLToPath } from 'node:url';

/*
 * What the framework does on the way of every request, put in a form that costs less and does the same (docs/architecture.md).
 *
 * What a page makes while it is written is garbage a moment later, and sweeping garbage costs nothing: what costs is what a sweep
 * finds in use and must copy. Three habits make V8 keep all of a request until the next full collection, though nothing uses it
 * any more; one page of twenty then waits 20 to 45 ms:
 *
 * - `thing.part = () => …`: a function that is assigned to a property is laid among what lives long, with whatever it can reach;
 * - `{ get part() { … } }` in a function, and `Object.defineProperty(thing, 'part', { get })`: the pair of a getter and a setter
 *   lives long, and so do both.
 *
 * Beside them: an entity tag over the whole page, which never comes again, as every page has a nonce of its own; and a walk over the
 * whole page for what is to be undone behind it, where nothing is.
 */

/** @typedef {{ type: string, start: number, end: number, operator?: string, left?: Node, right?: Node, properties?: Node[], kind?: string, computed?: boolean, key?: Node, value?: Node, body?: Node & Node[], params?: Node[], argument?: Node, id?: Node, declaration?: Node, name?: string }} Node */
/** @typedef {{ start: number, end: number, text: string }} Change */

const FUNCTIONS = new Set(['ArrowFunctionExpression', 'FunctionExpression']);
const OWN_SCOPE = new Set([...FUNCTIONS, 'FunctionDeclaration']);

/** @param {unknown} at @param {(node: Node, inFunction: boolean) => void} see @param {boolean} [inFunction] */
function walk(at, see, inFunction = false) {
  if (!at || typeof at !== 'object') return;
  const node = /** @type {Node} */ (at);
  if (node.type) see(node, inFunction);
  const within = inFunction || OWN_SCOPE.has(node.type);
  for (const child of Object.values(node)) walk(child, see, within);
}

/**
 * Functions that are assigned to a property where it happens again and again: a call on the right hand side is none, and `Object`
 * answers a function with the function itself.
 * @param {Node} program @returns {Change[]}
 */
export function assignedFunctions(program) {
  /** @type {Change[]} */
  const changes = [];
  walk(program, ({ type, operator, left, right }, inFunction) => {
    if (type !== 'AssignmentExpression' || operator !== '=' || !inFunction || !right) return;
    if (left?.type !== 'MemberExpression' || !FUNCTIONS.has(right.type)) return;
    changes.push({ start: right.start, end: right.start, text: 'Object(' });
    changes.push({ start: right.end, end: right.end, text: ')' });
  });
  return changes;
}

/**
 * Getters of a component's object, told as what they would answer: on the server a component is written once, and what it handed
 * to its child has no later value. With a setter only those that a binding makes, which tell that the page has to be settled again.
 * @param {Node} program @param {string} code @returns {Change[]}
 */
export function boundProperties(program, code) {
  /** @type {Change[]} */
  const changes = [];
  walk(program, ({ type, properties }, inFunction) => {
    if (type !== 'ObjectExpression' || !inFunction) return;
    for (const [i, getter] of (properties ?? []).entries()) {
      const answer = getter.kind === 'get' && !getter.computed && onlyAnswer(getter);
      if (!answer) continue;
      const setter = properties?.find((one) => one.kind === 'set' && nameOf(one) === nameOf(getter));
      const settles = setter && code.slice(setter.start, setter.end).includes('$$settled = false');
      if (setter ? !settles || setter !== properties?.[i + 1] : answer.type !== 'Identifier') continue;
      const text = `${code.slice(getter.key?.start, getter.key?.end)}: ${code.slice(answer.start, answer.end)}`;
      changes.push({ start: getter.start, end: (setter ?? getter).end, text });
    }
  });
  return changes;
}

const nameOf = (/** @type {Node} */ { key }) => key?.name;

/** What a getter answers where it does nothing else. @param {Node} getter @returns {Node | undefined} */
function onlyAnswer({ value }) {
  const statements = /** @type {Node[]} */ (/** @type {unknown} */ (value?.body?.body ?? []));
  return statements.length === 1 && statements[0]?.type === 'ReturnStatement'
    ? statements[0].argument
    : undefined;
}

/**
 * The address as a page's `load` is given it, which notes what of it is read, is our own: the framework's is made of eight getters
 * a time.
 * @param {Node} program @returns {Change[]}
 */
export function trackedAddress(program) {
  const found = /** @type {Node[]} */ (/** @type {unknown} */ (program.body)).find(
    ({ type, declaration }) =>
      type === 'ExportNamedDeclaration' &&
      declaration?.type === 'FunctionDeclaration' &&
      declaration.id?.name === 'make_trackable',
  );
  if (found?.declaration?.params?.length !== 4) throw new Error(otherwise('makes a tracked address'));
  const text = `export { trackedUrl as make_trackable } from '${TRACKED_URL}';`;
  return [{ start: found.start, end: found.end, text }];
}

/** Passages of the framework, each of which stands in its file once, and what stands there instead. */
export const PASSAGES = {
  '/svelte/src/internal/server/renderer.js': [
    ['(this.#on_destroy ??= []).push(fn);', 'this.global.undoes = true;\n\t\t$&'],
    ['...ssr_context,\n\t\t\tp: parent,', 'p: parent,'],
    ['of this.#collect_on_destroy()) {', 'of this.global.undoes ? this.#collect_on_destroy() : []) {'],
  ],
  // Text without anything to be escaped, as what is parcelled is, need not be gone through letter by letter.
  '/devalue/src/utils.js': [
    [
      'export function stringify_string(str) {',
      'export function stringify_string(str) {\n\tif (!/[<"\\\\\\u0000-\\u001f\\u2028\\u2029]/.test(str)) return `"${str}"`;',
    ],
  ],
  // Who only reads what its parents handed down needs no list of its own.
  '/svelte/src/internal/server/context.js': [
    [
      "const context_map = get_or_init_context_map(ssr_context, 'getContext');",
      "let at = ssr_context;\n\twhile (at && !at.c) at = at.p;\n\tconst context_map = at?.c ?? get_or_init_context_map(ssr_context, 'getContext');",
    ],
  ],
  // What is a plain value need not be described to be handed on.
  '/svelte/src/internal/server/index.js': [
    [
      '\t\t\tif (desc) {\n\t\t\t\tObject.defineProperty(',
      '\t\t\tif (desc?.get || desc?.set) {\n\t\t\t\tObject.defineProperty(',
    ],
  ],
  '/@sveltejs/kit/src/runtime/server/page/render.js': [
    ['headers.set(\'etag\', `"${hash(transformed)}"`);', ''],
  ],
};

/** @param {string} code @param {string} file */
export function withPassages(code, file) {
  const [, passages = []] = Object.entries(PASSAGES).find(([end]) => file.endsWith(end)) ?? [];
  let text = code;
  for (const [said = '', instead = ''] of passages) {
    if (text.split(said).length !== 2) throw new Error(otherwise(`has no “${said}”, or does it`));
    text = text.replace(said, instead);
  }
  return text;
}

const otherwise = (/** @type {string} */ does) =>
  `The framework ${does} in another way now. Look whether what scripts/lean-server.mjs puts in its place is still needed and right.`;

const fileOf = (/** @type {string} */ path) => fileURLToPath(new URL(path, import.meta.url));
const TRACKED_URL = fileOf('../src/lib/server/page/tracked-url.ts');
const ROOT_COMPONENT = fileOf('root-component.mjs');

/** @param {string} code @param {readonly Change[]} changes */
export function changed(code, changes) {
  let text = code;
  for (const change of [...changes].sort((a, b) => b.start - a.start || b.end - a.end))
    text = text.slice(0, change.start) + change.text + text.slice(change.end);
  return text;
}

/** @satisfies {Partial<import('vite').Plugin>} */
const ON_THE_SERVER = /** @type {const} */ ({
  apply: 'build',
  applyToEnvironment: (/** @type {{ name: string }} */ { name }) => name === 'ssr',
});

/** Vite: a server that does less for each page and leaves nothing of it behind. @returns {import('vite').Plugin[]} */
export const leanServer = () => [
  {
    name: 'lean-server-passages',
    ...ON_THE_SERVER,
    enforce: 'pre',
    resolveId: (source, importer) =>
      source === 'svelte/legacy' && importer?.endsWith('/generated/root.js') ? ROOT_COMPONENT : null,
    transform(code, id) {
      const told = withPassages(code, id);
      return told === code ? null : { code: told, map: null };
    },
  },
  {
    name: 'lean-server',
    ...ON_THE_SERVER,
    enforce: 'post',
    transform(code, id) {
      const [file = ''] = id.split('?');
      if (!/\.(m?js|ts|svelte)$/.test(file)) return null;
      const program = /** @type {Node} */ (/** @type {unknown} */ (this.parse(code)));
      const changes = file.endsWith('/@sveltejs/kit/src/utils/url.js')
        ? trackedAddress(program)
        : [
            ...assignedFunctions(program),
            ...(file.endsWith('.svelte') ? boundProperties(program, code) : []),
          ];
      return changes.length > 0 ? { code: changed(code, changes), map: null } : null;
    },
  },
];
