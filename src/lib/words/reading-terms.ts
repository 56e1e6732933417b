/** Heads of the columns in which readings of a calibration are typed, by key. */
export const READING_WORDS: Readonly<Record<string, string>> = {
  amount: 'Amount',
  seconds: 'Seconds',
  metres: 'Length walked',
  paces: 'Paces',
  setting: 'Setting',
  count: 'How many',
  mm: 'Depth',
  litres: 'Litres sprayed',
};
