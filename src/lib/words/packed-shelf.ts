import type { ShelfEntry } from '../core/choose';
import { packAlike, unpackAlike, type PackedAlike } from './packed-alike';

type Card = ShelfEntry['label'];

/** A shelf with what its cards have in common said once: most of a card is what it does not state. */
export interface PackedShelf {
  readonly cards: PackedAlike<Omit<Card, 'uses'>>;
  readonly uses: PackedAlike<Card['uses'][number]>;
  /** Of each card: how many of the uses are its own, and its containers. */
  readonly own: readonly (readonly [number, ShelfEntry['containers']])[];
}

export const packShelf = (shelf: readonly ShelfEntry[]): PackedShelf => ({
  cards: packAlike(shelf.map(({ label: { uses: _uses, ...card } }) => card)),
  uses: packAlike(shelf.flatMap(({ label }) => label.uses)),
  own: shelf.map(({ label, containers }) => [label.uses.length, containers]),
});

export function unpackShelf({ cards, uses, own }: PackedShelf): ShelfEntry[] {
  const all = unpackAlike(uses);
  return unpackAlike(cards).map((card, i) => {
    const [count, containers] = own[i] ?? [0, []];
    return { label: { ...card, uses: all.splice(0, count) }, containers };
  });
}
