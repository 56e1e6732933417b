// @ts-check
const THEME = /\/flowbite-svelte\/dist\/.*\/theme\.js$/;
/** Colours of the library that nothing here is drawn in: how parts look is told in our own paper and ink. */
const UNUSED = new Set(
  'secondary red orange amber yellow lime green emerald teal cyan sky blue indigo violet purple fuchsia pink rose'.split(
    ' ',
  ),
);

/** @typedef {{ type: string, start: number, end: number, key?: { name?: string, value?: string }, value?: Node, properties?: Node[] }} Node */

/**
 * Vite: the component library's themes without the colours that are never used: two dozen classes for each of eighteen
 * colours travel with every button otherwise.
 * @returns {import('vite').Plugin}
 */
export const leaveOutColours = () => ({
  name: 'leave-out-colours',
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
