import { getContext, setContext } from 'svelte';

/** The message for a field of the form around it, or undefined. */
export type ErrorFor = (path: string) => string | undefined;

const KEY = Symbol('field errors');
export const setErrors = (errorFor: ErrorFor): ErrorFor => setContext(KEY, errorFor);
export const getErrors = (): ErrorFor => getContext<ErrorFor | undefined>(KEY) ?? (() => undefined);
