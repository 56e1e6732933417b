import type { ShelfEntry } from '../core/choose';
import { packAlike, unpackAlike, type PackedAlike } from './packed-alike';
import { packColumns, unpackColumns, type PackedColumns } from './packed-columns';

type Card = ShelfEntry['label'];

/** A shelf with what its cards have in common said once: most of a card is what it does not state. */
export interface PackedShelf {
  readonly cards: PackedAlike<Omit<Card, 'uses'>>;
  readonly uses: PackedAlike<Card['uses'][number]>;
  readonly containers: PackedColumns<ShelfEntry['containers'][number]>;
  /** Of each card: how many of the uses are its own, and how many of the containers. */
  readonly own: readonly (readonly [number, number])[];
}

export const packShelf = (shelf: readonly ShelfEntry[]): PackedShelf => ({
  cards: packAlike(shelf.map(({ label: { uses: _uses, ...card } }) => card)),
  uses: packAlike(shelf.flatMap(({ label }) => label.uses)),
  containers: packColumns(shelf.flatMap(({ containers }) => containers)),
  own: shelf.map(({ label, containers }) => [label.uses.length, containers.length]),
});

export function unpackShelf({ cards, uses, containers, own }: PackedShelf): ShelfEntry[] {
  const all = unpackAlike(uses);
  const held = unpackColumns(containers);
  return unpackAlike(cards).map((card, i) => {
    const [count, many] = own[i] ?? [0, 0];
    return { label: { ...card, uses: all.splice(0, count) }, containers: held.splice(0, many) };
  });
}
