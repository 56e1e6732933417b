/** What the icons weigh their classes against one another by: ours win by the layers of app.css, and nothing has to be weighed. */
export const twMerge = (classes: string): string => classes;
