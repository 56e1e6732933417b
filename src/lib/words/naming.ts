/** How strongly a finding speaks, by how far it moves the odds in bits: one bit doubles them. */
export function weightWords(bits: number): string {
  const which = bits >= 0 ? 'for' : 'against';
  const by = Math.abs(bits);
  return by >= 4
    ? `strongly ${which}`
    : by >= 1
      ? which
      : by >= 0.2
        ? `slightly ${which}`
        : 'hardly anything';
}

/** How much a look would tell, against the one that tells most: its place in the order and its expected gain in bits. */
export const gainWords = (place: number, gainBits: number): string =>
  place === 0
    ? 'tells most'
    : gainBits >= 0.3
      ? 'tells much'
      : gainBits >= 0.05
        ? 'tells something'
        : 'tells little';
