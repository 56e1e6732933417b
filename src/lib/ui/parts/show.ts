import { getContext, setContext } from 'svelte';
import { PLAIN, type Show } from '../../words';

const KEY = Symbol('show');
/** Hands the workspace's manner of writing numbers, amounts and days to all that is below. */
export const setShow = (show: Show): Show => setContext(KEY, show);
export const getShow = (): Show => getContext<Show | undefined>(KEY) ?? PLAIN;
