/** What a theme of the component library says of a part: its places for classes, all of them empty here (scripts/unseen.mjs). */
interface Theme {
  readonly slots?: Readonly<Record<string, unknown>>;
}
interface Given {
  readonly class?: unknown;
}
type Classes = (given?: Given) => string;

const joined = (given: Given | undefined): string =>
  typeof given?.class === 'string'
    ? given.class
    : [given?.class]
        .flat(9)
        .filter((one) => typeof one === 'string' && one !== '')
        .join(' ');

/**
 * Stands where the library would weigh its classes by colour, size and state: with a look of our own (parts.css) nothing of that is
 * left, and a part has the classes that it is given. Of a theme with several places each has a function of its own.
 */
export function tv(theme: Theme): Classes | (() => Readonly<Record<string, Classes>>) {
  if (!theme.slots) return joined;
  const places = Object.fromEntries(['base', ...Object.keys(theme.slots)].map((place) => [place, joined]));
  return () => places;
}
