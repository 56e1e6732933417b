import { dimensionOf, isUnit } from '../../core/units';

const KEY = 'nimsy.units';

/** The browser's shelf for small things; it may be forbidden, and nothing here depends on it. */
function shelf(): Storage | null {
  try {
    return typeof localStorage === 'undefined' ? null : localStorage;
  } catch {
    return null;
  }
}

function kept(): Record<string, string> {
  try {
    const read: unknown = JSON.parse(shelf()?.getItem(KEY) ?? '{}');
    return typeof read === 'object' && read !== null ? (read as Record<string, string>) : {};
  } catch {
    return {};
  }
}

/** The unit that somebody last chose for what it measures, on this device. */
export function rememberUnit(unit: string): void {
  if (!isUnit(unit)) return;
  try {
    shelf()?.setItem(KEY, JSON.stringify({ ...kept(), [dimensionOf(unit)]: unit }));
  } catch {
    // A full or forbidden shelf: the next form opens in the workspace's unit.
  }
}

/** That unit where the field knows it; else the one that the field would open in. */
export function lastUnit(usual: string, units: readonly string[]): string {
  if (!isUnit(usual)) return usual;
  const last = kept()[dimensionOf(usual)];
  return last !== undefined && units.includes(last) ? last : usual;
}
