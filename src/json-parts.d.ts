/** Parts of a file of the catalogue, made by scripts/prose.mjs. */
declare module '*.json?plain' {
  const entries: readonly unknown[];
  export default entries;
}
declare module '*.json?prose' {
  const prose: Readonly<Record<string, unknown>>;
  export default prose;
}
