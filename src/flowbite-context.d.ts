/** What the component library keeps of a group of buttons; the package does not name it (vite.config.ts). */
declare module 'flowbite-svelte/context' {
  export const setButtonGroupContext: (group: undefined) => unknown;
}
