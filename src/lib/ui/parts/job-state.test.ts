import { describe, expect, it } from 'vitest';
import { PLAIN_MANNER, showIn } from '../../words';
import { progressText, shareOf, type JobTold } from './job-state';

const told = (doing: string, done = 0, total = 0): JobTold => ({ state: 'running', doing, done, total });

const german = showIn({ ...PLAIN_MANNER, numbers: '1.234,5' });

describe('how far a long work is', () => {
  it('is said by what it is at', () => {
    expect(progressText(told(''), german.numberText)).toBe('Beginning');
    expect(progressText(told('reading'), german.numberText)).toBe('Reading the file');
    expect(progressText(told('reading', 30_000, 60_000), german.numberText)).toBe('Reading, 50 %');
    expect(progressText(told('pictures', 340, 700), german.numberText)).toBe(
      'Photographs and files, 340 of 700',
    );
    expect(progressText(told('writing', 0, 3000), german.numberText)).toBe('Writing 3.000 cards');
  });

  it('never passes its end', () => {
    expect(progressText(told('pictures', 701, 700), german.numberText)).toBe(
      'Photographs and files, 700 of 700',
    );
    expect(shareOf(told('pictures', 701, 700))).toBe(1);
    expect(shareOf(told('reading'))).toBeNull();
  });
});
