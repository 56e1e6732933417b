import { setButtonGroupContext } from 'flowbite-svelte/context';

/**
 * Says once, round all pages, that nothing stands in a group of buttons: each of the library's fields and buttons asks for the
 * group that it stands in, and finds that there is none by an error that it throws and catches, which takes longer than drawing it.
 */
export const standAlone = (): void => {
  setButtonGroupContext(undefined);
};
