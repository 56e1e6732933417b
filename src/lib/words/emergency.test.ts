import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../catalog';
import { FIRST_STEPS, generalNumber, labelFirstAid } from './emergency';

describe('the emergency card', () => {
  it('has the first steps for every route by which somebody is hurt, each short enough to be read while it happens', () => {
    expect(FIRST_STEPS.map(({ id }) => id)).toEqual([
      ...[
        'anaphylaxis',
        'sting',
        'swallowed',
        'eye',
        'skin',
        'breathed',
        'tick',
        'spider',
        'animal',
        'spill',
      ],
    ]);
    for (const { id, steps } of FIRST_STEPS) {
      expect(steps.length, id).toBeGreaterThanOrEqual(3);
      for (const step of steps) {
        expect(step.length, step).toBeLessThanOrEqual(150);
        expect(step, step).toMatch(/^[A-Z].*\.$/);
      }
    }
  });

  it('calls first where minutes count, and never makes anybody vomit', () => {
    expect(FIRST_STEPS.filter((s) => s.callFirst).map(({ id }) => id)).toEqual(['anaphylaxis']);
    const text = FIRST_STEPS.flatMap(({ steps }) => steps).join(' ');
    expect(text.match(/vomit/g)).toHaveLength(3);
    expect(text).not.toMatch(/(?<!not )make (it|them) vomit/);
  });

  it('proposes the general number of a country by its clock alone, and none where it knows none', () => {
    expect(
      ['Europe/London', 'Europe/Berlin', 'America/Chicago', 'Australia/Perth', 'Pacific/Auckland'].map(
        generalNumber,
      ),
    ).toEqual(['999', '112', '911', '000', '111']);
    expect(['UTC', 'Asia/Tokyo', 'America/Sao_Paulo'].map(generalNumber)).toEqual([null, null, null]);
  });

  it('tells a label’s own words first by route, then what it prints for all', () => {
    const said = labelFirstAid({
      firstAid: 'Call a doctor.',
      more: { firstAidEyes: 'Rinse for 20 minutes.', antidote: 'Atropine.', poisonLine: '' },
    });
    expect(said).toEqual([
      { name: 'In the eye', text: 'Rinse for 20 minutes.' },
      { name: 'For the doctor', text: 'Atropine.' },
      { name: 'First aid on the label', text: 'Call a doctor.' },
    ]);
    expect(labelFirstAid({ firstAid: null })).toEqual([]);
    expect(DEMONSTRATION_LABELS.filter((card) => labelFirstAid(card).length > 0).length).toBeGreaterThan(0);
  });
});
