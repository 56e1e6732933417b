/** What stands in a form by its fields' names: text as typed, a tick as its value or empty. Files are not told. */
export function stateOf(form: HTMLFormElement): Record<string, string> {
  const state: Record<string, string> = {};
  for (const one of form.elements)
    if ('name' in one && typeof one.name === 'string' && one.name !== '') state[one.name] ??= '';
  for (const [name, value] of new FormData(form)) if (typeof value === 'string') state[name] = value;
  return state;
}
