import { z } from 'zod';
import { STOCK_REASONS, type StockReason } from '../core/choose';
import { isRefused, type Result } from '../core/result';
import { amount, dayField, neededText, numeric, orNothing, plainText, treeOf, type Fields } from './fields';
import { parseCard, parseLot, type KnownPest, type NewLot } from './label-form';
import type { LabelCard } from '../core/labels';
import { read } from './shape';
import { PRODUCTS } from './stops/bodies';

const containerForm = z
  .object({
    lot: neededText(60),
    size: amount(PRODUCTS, 0.000001, 1e6),
    price: orNothing(numeric(0, 1e6)),
    expiresOn: orNothing(dayField),
    boughtOn: orNothing(dayField),
    openedOn: orNothing(dayField),
    keptIn: plainText(60),
  })
  .transform(({ size, ...rest }) => ({ ...rest, size: size.value, unit: size.unit as string }));

/** A container as somebody puts it on the shelf. */
export const parseContainer = (fields: Fields): Result<NewLot> => read(containerForm, treeOf(fields));

const changeForm = z.object({
  lot: neededText(60),
  reason: z.enum(STOCK_REASONS),
  amount: numeric(0, 1e6),
  note: plainText(300),
});

/** A change of stock: what was counted, or what went away and why; in the unit of the container. */
export const parseStockChange = (
  fields: Fields,
): Result<{ lot: string; reason: StockReason; amount: number; note: string }> =>
  read(changeForm, treeOf(fields));

/** A new card with the container that it was copied from, where one is told. */
export function parseCardAndLot(
  fields: Fields,
  candidates: readonly KnownPest[],
  id: string,
): Result<{ card: Omit<LabelCard, 'version'>; lot: NewLot | null }> {
  const card = parseCard(fields, candidates, id);
  if (isRefused(card)) return card;
  const lot = parseLot(fields, card.ok.container.size);
  return isRefused(lot) ? lot : { ok: { card: card.ok, lot: lot.ok } };
}
