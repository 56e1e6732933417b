import type { inspect, InspectOptions } from 'node:util';

const WHOLE_PARAMS = new Set<PropertyKey>(['get', 'getAll', 'has']);

/**
 * An address that says what of it is read, as a page's `load` is given it: `onRead` hears of every read of what may change while a
 * page stands (`href`, `pathname`, `search`, the address as text, the list of parameters), `onParam` of each single parameter that
 * is asked for. The part behind `#` never comes to a server; to read it throws.
 *
 * It does what the framework's own does with getters on each address, and leaves nothing behind (scripts/lean-server.mjs).
 * @example trackedUrl(new URL('http://a/b?c=1'), read, param).searchParams.get('c') // '1', and param('c')
 */
export const trackedUrl = (url: URL, onRead: () => void, onParam: (name: string) => void): URL =>
  new TrackedUrl(url, onRead, onParam);

const PRINTED = Symbol.for('nodejs.util.inspect.custom');

class TrackedUrl extends URL {
  readonly #url: URL;
  readonly #onRead: () => void;
  readonly #onParam: (name: string) => void;
  #params: URLSearchParams | undefined;

  constructor(url: URL, onRead: () => void, onParam: (name: string) => void) {
    super(url);
    this.#url = url;
    this.#onRead = onRead;
    this.#onParam = onParam;
  }

  override get searchParams(): URLSearchParams {
    return (this.#params ??= new Proxy(super.searchParams, {
      get: (params, key) => {
        if (WHOLE_PARAMS.has(key))
          return (name: string, ...rest: unknown[]): unknown => {
            this.#onParam(name);
            return (params as unknown as Record<PropertyKey, (...all: unknown[]) => unknown>)[key]?.(
              name,
              ...rest,
            );
          };
        this.#onRead();
        const value: unknown = Reflect.get(params, key);
        return typeof value === 'function' ? (value.bind(params) as unknown) : value;
      },
    }));
  }

  override get href(): string {
    this.#onRead();
    return this.#url.href;
  }

  override get pathname(): string {
    this.#onRead();
    return this.#url.pathname;
  }

  override get search(): string {
    this.#onRead();
    return this.#url.search;
  }

  override get hash(): string {
    throw new Error('What stands behind # in an address never comes to the server. Read it in a component.');
  }

  /** What is printed of it, by whoever looks for a fault, is the address and no reading of it. */
  [PRINTED](_depth: number, options: InspectOptions, print: typeof inspect): string {
    return print(this.#url, options);
  }

  override toString(): string {
    this.#onRead();
    return this.#url.toString();
  }

  override toJSON(): string {
    this.#onRead();
    return this.#url.toJSON();
  }
}
