import { afterEach, describe, expect, it, vi } from 'vitest';
import { holdPress } from './held-press';

/** As much of an element as a press asks for. */
class FakeElement {
  readonly held: number[] = [];
  disabled = false;
  constructor(readonly within: FakeElement | null = null) {}
  closest(): FakeElement | null {
    return this.within;
  }
  setPointerCapture(id: number): void {
    this.held.push(id);
  }
}
const press = (target: unknown, more: Partial<PointerEvent> = {}): PointerEvent =>
  ({ target, pointerId: 7, isPrimary: true, button: 0, ...more }) as PointerEvent;
afterEach(() => vi.unstubAllGlobals());

describe('a button that is pressed', () => {
  it('keeps the press where figures that appear push it away, by whatever of it was touched', () => {
    vi.stubGlobal('Element', FakeElement);
    const button = new FakeElement();
    holdPress(press(new FakeElement(button)));
    expect(button.held).toEqual([7]);
  });
  it('is let be by a second finger, by the right button, and where it is switched off', () => {
    vi.stubGlobal('Element', FakeElement);
    const button = new FakeElement();
    holdPress(press(new FakeElement(button), { isPrimary: false }));
    holdPress(press(new FakeElement(button), { button: 2 }));
    button.disabled = true;
    holdPress(press(new FakeElement(button)));
    holdPress(press(new FakeElement(null)));
    holdPress(press(null));
    expect(button.held).toEqual([]);
  });
});
