import { describe, expect, it } from 'vitest';
import { PREMISES_KEYS } from '../core/premises';
import { ASKS, TELLS } from '../core/safety';
import { PLAIN_MANNER } from './show';
import { cautionWords, tickText } from './cautions';
import { PREMISES_WORDS } from './premises-terms';
import { showIn } from './show';

const FACTS = {
  ...{ label: 'Limewath Dust', value: 2, metres: 15, days: 3, until: '2027-06-17', who: 'infants,asthma' },
  ...{ hours: 4, most: 400, is: 500, when: 'evening', hour: 12, text: 'No sparks' },
};
const said = (about: string, code: 'label-asks' | 'label-tells', show = PLAIN) =>
  cautionWords({ code, facts: { ...FACTS, about } }, show);
const PLAIN = showIn(PLAIN_MANNER);
const us = showIn({ ...PLAIN_MANNER, units: 'us' });
const PROGRAM = /undefined|NaN|null|\[object|[a-z][A-Z]|[a-z]_[a-z]|\bhalt\b|\.\.|\s{2}/;

describe('what a clause asks for', () => {
  it.each(ASKS)('%s is a sentence with an act', (about) => {
    for (const show of [PLAIN, us]) {
      const { title, text, tick } = said(about, 'label-asks', show);
      expect(`${title} ${text}`).not.toMatch(PROGRAM);
      expect(title.length).toBeGreaterThan(3);
      expect(text).toMatch(/\.$/);
      // Only a plan that has to change has nothing to tick.
      if (!['broadcast', 'groundPerDay', 'pollinatorHours'].includes(about))
        expect(tick.length).toBeGreaterThan(5);
      expect(tickText(`label-asks:${about}`)).not.toMatch(PROGRAM);
      expect(tickText(`label-asks:${about}`)).not.toContain('label asks');
    }
  });

  it.each(TELLS)('%s is told in words', (about) => {
    const { title, text } = said(about, 'label-tells');
    expect(`${title} ${text}`).not.toMatch(PROGRAM);
    expect(text).toMatch(/\.$/);
  });

  it('has its measures in the units of whoever reads', () => {
    expect(said('well', 'label-asks', us).title).toBe('49.2 ft from the well');
    expect(said('groundPerDay', 'label-asks', us).title).toContain('ft²');
  });

  it('names those who stay away, and for how long', () => {
    const { title, text } = said('breathe', 'label-asks');
    expect(title).toBe('Infants or small children; asthma or weak lungs: not in there');
    expect(text).toContain('not before 4 hours');
  });

  it('asks in words for what of the place nobody said', () => {
    const { text } = cautionWords({ code: 'not-asked', facts: { about: 'birds+gasFlame' } }, PLAIN);
    expect(text).toContain('birds in a cage or a coop; a gas flame or a pilot light');
    expect(tickText('not-asked:birds+gasFlame')).toBe('asked at the place: none of these');
  });

  it('has a question for every fact of a place', () => {
    for (const key of PREMISES_KEYS) expect(PREMISES_WORDS[key].ask).toMatch(/^[A-Z]/);
  });
});
