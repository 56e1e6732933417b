// @ts-check
/**
 * @typedef {{ type: string, source?: { value: string } | null, specifiers?: { type: string, imported?: { name?: string }, local?: { name?: string }, exported?: { name?: string } }[], exported?: { name?: string } | null }} Statement
 * @typedef {{ importedIds: readonly string[], ast: unknown, code: string | null, moduleSideEffects: boolean | 'no-treeshake' }} Info
 * @typedef {{ getModuleInfo: (id: string) => Info | null, getModuleIds: () => Iterable<string> }} Graph
 */

/** What is loaded with every page, by the ends of its names. */
const EVERYWHERE = [
  'vite/preload-helper.js',
  '/kit/src/runtime/client/entry.js',
  '/generated/client-optimized/app.js',
  '/src/routes/+layout.svelte',
  '/src/routes/+error.svelte',
  '/src/hooks.ts',
];
/** What is loaded with every stop of a case. */
const CASE = ['/cases/[number]/+layout.svelte', '/cases/[number]/+layout.ts', '/[stop=stop]/+page.svelte'];
const SCREEN = /\/ui\/case\/(Look|Name|Choose|Measure|When|Mix|Place|Log|Recheck)\.svelte$/;
/** What so many of the nine take comes with all of them. */
const MOST_SCREENS = 6;
const PAGE = /\/src\/routes\/(?!how-much|mix-together|jobs).*\+page@?\.svelte$/;
/** So many other pages that load something of a case: it is a file apart from what they do not need. */
const OFTEN = 6;

/**
 * One file for what every page loads, one for what every page of a case loads beside it, one for what of that many others load
 * too: fifty small files are each compressed for themselves, and asked for one by one. Data of the catalogue are a file of
 * their own: they are weighed apart from what works on them. Everything else is left to the bundler.
 */
export function chunks() {
  /** @type {Map<string, string> | undefined} */
  let named;
  /** @param {string} id @param {Graph} graph */
  return (id, graph) => {
    named ??= chunkNames(graph);
    return named.get(id);
  };
}

/** @param {Graph} graph */
function chunkNames(graph) {
  const ids = [...graph.getModuleIds()];
  /** @param {string[]} ends */
  const neededBy = (ends) =>
    reached(
      graph,
      ids.filter((id) => ends.some((end) => id.endsWith(end))),
    );
  const everywhere = neededBy(EVERYWHERE);
  const ofCase = neededBy(CASE);
  const screens = times(
    graph,
    ids.filter((id) => SCREEN.test(id)),
  );
  const pages = times(
    graph,
    ids.filter((id) => PAGE.test(id) && !CASE.some((end) => id.endsWith(end))),
  );
  const among = (/** @type {string} */ id, /** @type {string} */ name, /** @type {string} */ shared) =>
    (pages.get(id) ?? 0) >= OFTEN ? shared : pages.has(id) ? '' : name;
  // What is needed by something is needed by as many pages at least: no file of these needs one that comes after it.
  const nameOf = (/** @type {string} */ id) =>
    /catalog\/.*\.json\?plain/.test(id)
      ? 'catalogue'
      : everywhere.has(id)
        ? 'everywhere'
        : ofCase.has(id)
          ? among(id, 'case', 'often')
          : (screens.get(id) ?? 0) >= MOST_SCREENS
            ? among(id, 'screens', 'fields')
            : '';
  return new Map(ids.flatMap((id) => (nameOf(id) ? [[id, nameOf(id)]] : [])));
}

/** By how many of some modules each is needed. @param {Graph} graph @param {string[]} roots */
function times(graph, roots) {
  /** @type {Map<string, number>} */
  const counted = new Map();
  for (const root of roots)
    for (const id of reached(graph, [root])) counted.set(id, (counted.get(id) ?? 0) + 1);
  return counted;
}

/** All that is loaded with some modules. @param {Graph} graph @param {string[]} roots */
function reached(graph, roots) {
  /** What is wanted of which module; `*` is all of it. @type {[string, string][]} */
  const left = roots.map((id) => [id, '*']);
  const seen = new Set();
  /** @type {Set<string>} */
  const found = new Set();
  for (let next = left.pop(); next !== undefined; next = left.pop()) {
    const [id, wanted] = next;
    if (seen.has(`${id} ${wanted}`)) continue;
    seen.add(`${id} ${wanted}`);
    const { own, needs } = needsOf(graph, id, wanted);
    if (own) found.add(id);
    left.push(...needs);
  }
  return found;
}

/** @type {WeakMap<Info, Statement[]>} */
const BODIES = new WeakMap();

/** The statements of a module that name others. The bundler reads a whole module anew whenever somebody asks for them. @param {Info | null} info */
function bodyOf(info) {
  if (!info) return [];
  const before = BODIES.get(info);
  if (before) return before;
  const body = /** @type {{ body?: Statement[] } | null} */ (info.ast)?.body ?? [];
  BODIES.set(info, body);
  return body;
}

/**
 * What a module needs so that one of its names is there. A module that only passes names on needs what it passes on, not
 * what else stands in it. @param {Graph} graph @param {string} id @param {string} wanted
 * @returns {{ own: boolean, needs: [string, string][] }}
 */
function needsOf(graph, id, wanted) {
  const info = graph.getModuleInfo(id);
  const body = bodyOf(info);
  const sources = [...new Set(body.flatMap(({ source }) => (source ? [source.value] : [])))];
  /** @param {Statement} statement */
  const idOf = ({ source }) => info?.importedIds[sources.indexOf(source?.value ?? '')] ?? '';
  const passes = body.filter(({ type, source }) => type.startsWith('Export') && source);
  /** @type {[string, string][]} */
  const needs = passes.flatMap((statement) => {
    if (statement.type === 'ExportAllDeclaration')
      return [[idOf(statement), statement.exported || wanted === '*' ? '*' : wanted]];
    return (statement.specifiers ?? [])
      .filter(({ exported }) => wanted === '*' || exported?.name === wanted)
      .map(({ local }) => /** @type {[string, string]} */ ([idOf(statement), local?.name ?? '*']));
  });
  if (body.length > 0 && passes.length === body.length) return { own: false, needs };
  for (const statement of body) {
    if (statement.type !== 'ImportDeclaration') continue;
    const from = idOf(statement);
    // An import of types alone leaves a bare one behind.
    if (!statement.specifiers?.length && graph.getModuleInfo(from)?.moduleSideEffects !== false)
      needs.push([from, '*']);
    for (const { type, imported, local } of statement.specifiers ?? [])
      for (const name of type === 'ImportSpecifier'
        ? [imported?.name ?? '*']
        : type === 'ImportDefaultSpecifier'
          ? ['default']
          : membersOf(info?.code ?? '', local?.name))
        needs.push([from, name]);
  }
  return { own: true, needs };
}

/** What a module takes of what it imports under one name. @param {string} code @param {string | undefined} name */
function membersOf(code, name) {
  const taken = name && [
    ...code.matchAll(new RegExp(`(?<![\\w$.])${name.replace('$', '\\$')}\\.([\\w$]+)`, 'g')),
  ];
  return taken && taken.length > 0 ? taken.map(([, member = '']) => member) : ['*'];
}
