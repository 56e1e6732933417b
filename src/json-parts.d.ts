/** Parts of a family of the catalogue, made by scripts/prose.mjs. */
declare module '*.json?plain' {
  const family: readonly unknown[];
  export default family;
}
declare module '*.json?prose' {
  const prose: Readonly<Record<string, unknown>>;
  export default prose;
}
