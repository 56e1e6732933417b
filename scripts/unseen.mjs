// @ts-check
const THEME = /\/flowbite-svelte\/dist\/.*\/theme\.js$/;
/** Colours of the library that nothing here is drawn in: how parts look is told in our own paper and ink. */
const UNUSED = new Set(
  'secondary dark gray red orange amber yellow lime green emerald teal cyan sky blue indigo violet purple fuchsia pink rose'.split(
    ' ',
  ),
);

/** What its fields and buttons could show and here never do: a cross that empties a field, a wheel that turns. */
const UNSHOWN = /\/flowbite-svelte\/dist\/(utils\/CloseButton|spinner\/Spinner)\.svelte$/;

/** @typedef {{ type: string, start: number, end: number, key?: { name?: string, value?: string }, value?: Node, properties?: Node[] }} Node */

/**
 * Vite: the component library without what is never seen of it: two dozen classes for each of eighteen colours travel with
 * every button otherwise.
 * @returns {import('vite').Plugin}
 */
export const leaveOutUnseen = () => ({
  name: 'leave-out-unseen',
  enforce: 'pre',
  load: (id) =>
    UNSHOWN.test(id) ? '<script lang="ts">let _: Record<string, unknown> = $props();</script>' : null,
  transform(code, id) {
    if (!THEME.test(id)) return null;
    /** @type {Node[]} */
    const out = [];
    const walk = (/** @type {unknown} */ at) => {
      if (!at || typeof at !== 'object') return;
      const node = /** @type {Node} */ (at);
      const colours = node.type === 'Property' && node.key?.name === 'color' && node.value?.properties;
      if (colours) out.push(...colours.filter(({ key }) => UNUSED.has(key?.name ?? key?.value ?? '')));
      else for (const child of Object.values(node)) walk(child);
    };
    walk(this.parse(code));
    let left = code;
    for (const { start, end } of out.reverse())
      left = left.slice(0, start) + left.slice(end).replace(/^\s*,/, '');
    return { code: left, map: null };
  },
});
