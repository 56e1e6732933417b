/** True where somebody typed or chose before the page's scripts were there to see it. */
export function wasTouched(form: HTMLFormElement): boolean {
  return [...form.elements].some((element) => {
    if (element instanceof HTMLInputElement)
      return element.type === 'checkbox' || element.type === 'radio'
        ? element.checked !== element.defaultChecked
        : element.type !== 'hidden' && element.value !== element.defaultValue;
    return element instanceof HTMLTextAreaElement && element.value !== element.defaultValue;
  });
}
