// @ts-check
import { render } from 'svelte/server';

/**
 * The application's root as the framework renders a page with it. It stands for `asClassComponent` of `svelte/legacy`, whose answer
 * writes the page when its `head` is read, and is kept with the whole tree that wrote it until the next full collection
 * (lean-server.mjs).
 * @param {import('svelte').Component<any>} root
 */
export const asClassComponent = (root) => ({
  /** @param {Record<string, unknown>} props @param {{ context?: Map<unknown, unknown> }} [asked] */
  render(props, asked = {}) {
    const { head, body } = render(root, { ...asked, props });
    return { head, html: body, css: { code: '', map: null } };
  },
});
