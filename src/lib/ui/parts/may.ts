import { getContext, setContext } from 'svelte';

/** Whether whoever looks may change what is kept here. */
export type MayChange = () => boolean;

const KEY = Symbol('may change');
export const setMayChange = (may: MayChange): MayChange => setContext(KEY, may);
export const getMayChange = (): MayChange => getContext<MayChange | undefined>(KEY) ?? (() => true);
