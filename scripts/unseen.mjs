// @ts-check
const THEME = /\/flowbite-svelte\/dist\/.*\/theme\.js$/;

/** What its fields and buttons could show and here never do: a cross that empties a field, a wheel that turns. */
const UNSHOWN = /\/flowbite-svelte\/dist\/(utils\/CloseButton|spinner\/Spinner)\.svelte$/;

/** What a theme says of a part, and what is left of it: its places for classes, and none of the classes. */
const EMPTY = new Map([
  ['base', "''"],
  ['variants', '{}'],
  ['defaultVariants', '{}'],
  ['compoundVariants', '[]'],
  ['compoundSlots', '[]'],
]);

/** @typedef {{ type: string, start: number, end: number, name?: string, key?: { name?: string, value?: string }, value?: Node, properties?: Node[], callee?: Node, arguments?: Node[] }} Node */

const nameOf = (/** @type {Node} */ { key }) => key?.name ?? key?.value ?? '';

/**
 * Vite: the component library without its stock look and without what is never shown of it. How its parts look is told once, in
 * our own paper and ink (ui/parts/parts.css); two dozen classes for each of eighteen colours travel with every button otherwise.
 * @returns {import('vite').Plugin}
 */
export const leaveOutUnseen = () => ({
  name: 'leave-out-unseen',
  enforce: 'pre',
  load: (id) =>
    UNSHOWN.test(id) ? '<script lang="ts">let _: Record<string, unknown> = $props();</script>' : null,
  transform(code, id) {
    if (!THEME.test(id)) return null;
    /** @type {{ start: number, end: number, left: string }[]} */
    const out = [];
    const walk = (/** @type {unknown} */ at) => {
      if (!at || typeof at !== 'object') return;
      const node = /** @type {Node} */ (at);
      const told = node.type === 'CallExpression' && node.callee?.name === 'tv' && node.arguments?.[0];
      if (!told) for (const child of Object.values(node)) walk(child);
      for (const property of (told || undefined)?.properties ?? []) {
        const left = EMPTY.get(nameOf(property));
        if (left !== undefined && property.value) out.push({ ...property.value, left });
        else if (nameOf(property) === 'slots')
          for (const { value } of property.value?.properties ?? [])
            if (value) out.push({ ...value, left: "''" });
      }
    };
    walk(this.parse(code));
    let left = code;
    for (const { start, end, left: rest } of out.sort((a, b) => b.start - a.start))
      left = left.slice(0, start) + rest + left.slice(end);
    return { code: left, map: null };
  },
});
