/** How a workspace writes its numbers: which mark parts thousands and which the decimals. */
export const NUMBER_MANNERS = ['1,234.5', '1.234,5', '1 234,5'] as const;
export type NumberManner = (typeof NUMBER_MANNERS)[number];

/** In which order a workspace writes its days. */
export const DATE_ORDERS = ['day-month', 'month-day', 'year-month-day'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

/** The mark before the decimals. */
export const pointOf = (manner: NumberManner): '.' | ',' => (manner === '1,234.5' ? '.' : ',');

/** The mark between thousands: a comma, a point or a narrow space. */
export const groupOf = (manner: NumberManner): ',' | '.' | '\u202f' =>
  manner === '1,234.5' ? ',' : manner === '1.234,5' ? '.' : '\u202f';

/** The platform's language whose numbers look like the manner. */
export const localeOf = (manner: NumberManner): string =>
  manner === '1,234.5' ? 'en-US' : manner === '1.234,5' ? 'de-DE' : 'fr-FR';
