/** The plural of what one reading is called: traps, dishes, watches. */
export const many = (each: string): string => (/(?:ch|sh|s|x)$/.test(each) ? `${each}es` : `${each}s`);

export const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
