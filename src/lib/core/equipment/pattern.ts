import { meanOf } from './repeats';

export type Travel = 'one-way' | 'back-and-forth';
export const TRAVELS = ['one-way', 'back-and-forth'] as const satisfies readonly Travel[];

/** How even the ground is covered when neighbouring passes are so far apart. */
export interface Evenness {
  readonly swathM: number;
  /** Coefficient of variation across the ground, in %. */
  readonly cvPct: Readonly<Record<Travel, number>>;
}

export interface SpreadPattern {
  /** From narrow to wide. */
  readonly evenness: readonly Evenness[];
  /** The widest swath that is as even as wanted; null where none is. */
  readonly effectiveM: Readonly<Record<Travel, number | null>>;
  /** How far the middle of what fell lies to the right of the walker, in metres. */
  readonly shiftM: number;
}

const FEWEST_TRAYS = 5;
/** Places looked at between two trays, and swaths tried between two trays' distance. */
const FINE = 4;
const SWATHS_PER_TRAY = 2;

/**
 * A pan test: what fell into trays in a row square to the walk, left to right, the walker over the middle of the row.
 * For every swath the passes are laid beside each other as they would be walked, all in one direction or back and forth
 * (every other pass the other way round), and the unevenness of the sum is told. `spacingM` between tray centres, above
 * 0; `wantedCvPct` above 0. null with fewer than five trays, or where nothing fell.
 */
export function spreadPattern(
  trays: readonly number[],
  spacingM: number,
  wantedCvPct: number,
): SpreadPattern | null {
  const total = trays.reduce((sum, tray) => sum + tray, 0);
  if (trays.length < FEWEST_TRAYS || !(total > 0) || !(spacingM > 0)) return null;
  const middle = (trays.length - 1) / 2;
  /** What falls so far right of the walker: straight between trays, nothing a tray's distance beyond the row. */
  const falls = (x: number): number => {
    const at = x / spacingM + middle;
    const left = Math.floor(at);
    const [a, b] = [trays[left] ?? 0, trays[left + 1] ?? 0];
    return a + (b - a) * (at - left);
  };
  const reach = (middle + 1) * spacingM;
  const evenness = Array.from({ length: trays.length * SWATHS_PER_TRAY }, (_, i): Evenness => {
    const swathM = ((i + 1) * spacingM) / SWATHS_PER_TRAY;
    const cv = (travel: Travel): number => unevenness(falls, reach, swathM, spacingM / FINE, travel);
    return { swathM, cvPct: { 'one-way': cv('one-way'), 'back-and-forth': cv('back-and-forth') } };
  });
  const widest = (travel: Travel): number | null =>
    evenness.filter((e) => e.cvPct[travel] <= wantedCvPct).at(-1)?.swathM ?? null;
  return {
    evenness,
    effectiveM: { 'one-way': widest('one-way'), 'back-and-forth': widest('back-and-forth') },
    shiftM: (trays.reduce((sum, tray, i) => sum + tray * (i - middle), 0) / total) * spacingM,
  };
}

function unevenness(
  falls: (x: number) => number,
  reach: number,
  swathM: number,
  step: number,
  travel: Travel,
): number {
  const passes = Math.ceil(reach / swathM) + 2;
  // Two swaths are the whole of it, whichever way round every other pass is.
  const places = Math.max(8, Math.round((2 * swathM) / step));
  const sums = Array.from({ length: places }, (_, i) => {
    const x = ((i + 0.5) * 2 * swathM) / places;
    let sum = 0;
    for (let pass = -passes; pass <= passes + 2; pass++) {
      const away = x - pass * swathM;
      sum += falls(travel === 'back-and-forth' && pass % 2 !== 0 ? -away : away);
    }
    return sum;
  });
  const mean = meanOf(sums);
  return mean === 0 ? 0 : (Math.sqrt(meanOf(sums.map((sum) => (sum - mean) ** 2))) / mean) * 100;
}
