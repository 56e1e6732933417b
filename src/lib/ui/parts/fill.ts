type Control = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;

const isControl = (one: Element): one is Control =>
  one instanceof HTMLInputElement || one instanceof HTMLSelectElement || one instanceof HTMLTextAreaElement;

function put(control: Control, value: string): void {
  // Of several choices the one that is taken speaks: what is heard of the others would be taken for a choice.
  if (control instanceof HTMLInputElement && control.type === 'radio' && value !== control.value) return;
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

/** What a draft tells the rows of its form before their fields are filled in: the names that it has, with their values. */
export const DRAFT_TAKEN = 'draft-taken';

/** How many rows the fields `prefix.0.…`, `prefix.1.…` stand for. */
export function rowsAmong(names: readonly string[], prefix: string): number {
  const places = names.flatMap((name) => {
    const [place = ''] = name.startsWith(`${prefix}.`) ? name.slice(prefix.length + 1).split('.') : [];
    return /^\d{1,3}$/.test(place) ? [Number(place) + 1] : [];
  });
  return Math.max(0, ...places);
}
