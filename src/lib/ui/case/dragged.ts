import type { Action } from 'svelte/action';

export interface Dragged<T> {
  readonly items: readonly T[];
  /** While something is dragged: the order as it would be. */
  readonly onorder: (items: T[]) => void;
  /** It was let go at another place, or at its own. */
  readonly ondrop: (items: T[]) => void;
}

/** The library is fetched once something can be dragged: a page that was not touched has all else without it. */
const library = () => import('svelte-dnd-action');

/** A list whose order is changed by dragging its handles, or by their keys. */
export const draggedList: Action<HTMLElement, Dragged<{ id: number | string }>> = (node, first) => {
  let [now, ended] = [first, false];
  let zone: { update?: (options: never) => void; destroy?: () => void } | undefined;
  const options = () => ({ items: [...now.items], dropTargetStyle: {}, flipDurationMs: 0 }) as never;
  const itemsOf = (event: Event) => (event as CustomEvent<{ items: { id: number | string }[] }>).detail.items;
  const consider = (event: Event): void => now.onorder(itemsOf(event));
  const finalize = (event: Event): void => now.ondrop(itemsOf(event));
  node.addEventListener('consider', consider);
  node.addEventListener('finalize', finalize);
  void library().then(({ dragHandleZone }) => {
    if (!ended) zone = dragHandleZone(node, options()) as typeof zone;
  });
  return {
    update: (next) => {
      now = next;
      zone?.update?.(options());
    },
    destroy: () => {
      ended = true;
      zone?.destroy?.();
      node.removeEventListener('consider', consider);
      node.removeEventListener('finalize', finalize);
    },
  };
};

/** What is taken hold of in such a list. */
export const handleOf: Action<HTMLElement> = (node) => {
  let [ended, held] = [false, undefined as { destroy?: () => void } | undefined];
  void library().then(({ dragHandle }) => {
    if (!ended) held = dragHandle(node) as typeof held;
  });
  return {
    destroy: () => {
      ended = true;
      held?.destroy?.();
    },
  };
};

/**
 * Where one of a list stands after it was dragged: its number and how many stand before it; null where all are where they were.
 *
 * @example movedIn([1, 2, 3], [2, 3, 1]) // { number: 1, to: 2 }
 */
export function movedIn(
  before: readonly number[],
  after: readonly number[],
): { readonly number: number; readonly to: number } | null {
  const at = before.findIndex((number, i) => after[i] !== number);
  if (at < 0 || before.length !== after.length) return null;
  const [first, second] = [before[at] ?? 0, after[at] ?? 0];
  // Taken from its place the others close up: either this one went down, or that one came up.
  const without = (list: readonly number[], one: number) => list.filter((number) => number !== one).join(' ');
  return without(before, first) === without(after, first)
    ? { number: first, to: after.indexOf(first) }
    : { number: second, to: at };
}
