import { sql } from 'drizzle-orm';
import { type Tx, rowsOf } from '../db/client';

export interface Found extends Record<string, unknown> {
  readonly kind: 'case' | 'property' | 'customer' | 'label';
  /** The case's number, the label's name in addresses, or the id. */
  readonly key: string;
  readonly title: string;
  readonly detail: string | null;
}

const MOST_OF_A_KIND = 20;

/** Whatever of the workspace holds all the words, each as the beginning of a word. */
export async function findAnything(tx: Tx, words: string): Promise<Found[]> {
  return [
    ...(await rowsOf<Found>(
      tx,
      sql`select kind, key, title, detail from find_anything(${words}, ${MOST_OF_A_KIND}::int)`,
    )),
  ];
}
