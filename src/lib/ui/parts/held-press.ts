/**
 * A button that is pressed keeps the press until it is let go. Leaving a field works figures out anew, and what appears may push
 * a button away between pressing and letting go: then the page, and not the button, would be clicked, and nothing saved.
 */
export function holdPress(event: PointerEvent): void {
  const button = event.target instanceof Element ? event.target.closest('button') : null;
  // The second finger, the right button of a mouse and what is switched off press nothing.
  if (!button || button.disabled || !event.isPrimary || event.button !== 0) return;
  button.setPointerCapture(event.pointerId);
}
