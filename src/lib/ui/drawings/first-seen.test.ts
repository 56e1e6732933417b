import { describe, expect, it } from 'vitest';
import { INSECTS, SIGN_ART } from './art';
import { FIRST_SEEN_ART } from './first-seen';

describe('what somebody comes with', () => {
  it.each(Object.entries(FIRST_SEEN_ART))('%s has a drawing that is there', (_, id) => {
    expect(id in INSECTS || id in SIGN_ART).toBe(true);
  });
});
