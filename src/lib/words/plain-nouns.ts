/** The plural of what one reading is called: traps, dishes, watches. */
export const many = (each: string): string => (/(?:ch|sh|s|x)$/.test(each) ? `${each}es` : `${each}s`);

export const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** What begins a line, as it stands within a sentence; of names, `inSentence`. */
export const lower = (text: string): string => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;

/** Words that keep their capital within a sentence: they go by a country, a continent, a month or a name. */
const PROPER = new Set(
  ['African', 'American', 'Argentine', 'Asian', 'Australian', 'European', 'German'].concat([
    'Japanese',
    'June',
    'Mediterranean',
    'New',
    'Oriental',
    'Pharaoh',
  ]),
);

/** A name as it stands within a sentence. @example inSentence('Sod webworm') // 'sod webworm'; 'German cockroach' stays */
export const inSentence = (name: string): string =>
  PROPER.has(name.split(/[\s-]/)[0] ?? '') ? name : lower(name);
