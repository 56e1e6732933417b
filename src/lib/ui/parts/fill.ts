type Control = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;

const isControl = (one: Element): one is Control =>
  one instanceof HTMLInputElement || one instanceof HTMLSelectElement || one instanceof HTMLTextAreaElement;

function put(control: Control, value: string): void {
  if (control instanceof HTMLInputElement && (control.type === 'checkbox' || control.type === 'radio'))
    control.checked = value === control.value;
  else control.value = value;
  control.dispatchEvent(new Event('input', { bubbles: true }));
  control.dispatchEvent(new Event('change', { bubbles: true }));
}

/** Fills a form in as if it had been typed: a tick that is not `wanted` is taken away, another field stays as it is. */
export function fillForm(
  form: HTMLFormElement,
  wanted: ReadonlyMap<string, string>,
  except: (name: string) => boolean,
): void {
  for (const control of [...form.elements].filter(isControl)) {
    if (control.name === '' || except(control.name) || control.type === 'file') continue;
    const value = wanted.get(control.name);
    const tick =
      control instanceof HTMLInputElement && (control.type === 'checkbox' || control.type === 'radio');
    if (value !== undefined || tick) put(control, value ?? '');
    else put(control, control.value);
  }
}

/** Fills one field in; false where the form has none of that name, or the field cannot stand at that. */
export function fillField(form: HTMLFormElement, name: string, value: string): boolean {
  const control = [...form.elements].filter(isControl).find((one) => one.name === name);
  if (!control) return false;
  if (control instanceof HTMLSelectElement && ![...control.options].some((one) => one.value === value))
    return false;
  put(control, value);
  return true;
}
