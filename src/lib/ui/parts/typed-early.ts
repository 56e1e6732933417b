/** True where somebody typed or chose before the page's scripts were there to see it. */
export function wasTouched(form: HTMLFormElement): boolean {
  // Only what the server wrote into the page has the attribute; what scripts made cannot have been touched before them.
  return [...form.elements].some(
    (element) =>
      element instanceof HTMLInputElement &&
      !['hidden', 'checkbox', 'radio', 'range'].includes(element.type) &&
      element.hasAttribute('value') &&
      element.value !== element.defaultValue,
  );
}
