import { describe, expect, it } from 'vitest';
import { progressText, shareOf, type JobTold } from './job-state';

const told = (doing: string, done = 0, total = 0): JobTold => ({ state: 'running', doing, done, total });

describe('how far a long work is', () => {
  it('is said by what it is at', () => {
    expect(progressText(told(''))).toBe('Beginning');
    expect(progressText(told('reading'))).toBe('Reading the file');
    expect(progressText(told('reading', 30_000, 60_000))).toBe('Reading, 50 %');
    expect(progressText(told('pictures', 340, 700))).toBe('Photographs and files, 340 of 700');
    expect(progressText(told('writing', 0, 12))).toBe('Writing 12 cards');
  });

  it('never passes its end', () => {
    expect(progressText(told('pictures', 701, 700))).toBe('Photographs and files, 700 of 700');
    expect(shareOf(told('pictures', 701, 700))).toBe(1);
    expect(shareOf(told('reading'))).toBeNull();
  });
});
