import type { ThemeConfig } from 'flowbite-svelte/types';

/** The component library in our paper and ink, once for all of it; colours and corners are those of app.css. */
export const THEME: ThemeConfig = {};
