type Control = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;

/** What a control holds and its page did not write into it, or null. */
function typedInto(control: Control): string | boolean | null {
  if (control instanceof HTMLSelectElement) {
    const written = [...control.options].find((option) => option.defaultSelected) ?? control.options[0];
    return written && control.value !== written.value ? control.value : null;
  }
  if (control.type === 'hidden' || control.type === 'file') return null;
  if (control.type === 'checkbox' || control.type === 'radio') {
    const { checked, defaultChecked } = control as HTMLInputElement;
    // Of the buttons of one question only the chosen one has to be chosen again.
    return checked === defaultChecked || (control.type === 'radio' && !checked) ? null : checked;
  }
  return control.value === control.defaultValue ? null : control.value;
}

/**
 * Keeps what somebody typed or chose before the page’s scripts were there: taking the page over writes each
 * control’s first value again. To be called before anything is taken over; what it gives is to be called once
 * everything is, puts the values back, and tells the page of them as if they were typed now.
 */
export function holdTyped(): () => void {
  const held = [...document.querySelectorAll<Control>('input, textarea, select')].flatMap((control) => {
    const value = typedInto(control);
    return value === null ? [] : [{ control, value }];
  });
  return () => {
    for (const { control, value } of held) {
      if (typeof value === 'boolean') (control as HTMLInputElement).checked = value;
      else control.value = value;
    }
    for (const { control } of held) {
      control.dispatchEvent(new Event('input', { bubbles: true }));
      control.dispatchEvent(new Event('change', { bubbles: true }));
    }
  };
}
