import { setButtonGroupContext } from 'flowbite-svelte/context';
import type { ThemeConfig } from 'flowbite-svelte/types';

/** The component library in our paper and ink, once for all of it; colours and corners are those of app.css. */
export const THEME: ThemeConfig = {};

/**
 * Says once, round all pages, that nothing stands in a group of buttons: each of the library's fields and buttons asks for the
 * group that it stands in, and finds that there is none by an error that it throws and catches, which takes longer than drawing it.
 */
export const standAlone = (): void => {
  setButtonGroupContext(undefined);
};
