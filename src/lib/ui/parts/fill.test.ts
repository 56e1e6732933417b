import { describe, expect, it } from 'vitest';
import { rowsAmong } from './fill';

describe('rows that a draft has', () => {
  it.each([
    ['none', ['how', 'length', 'partsOf.3.a', 'parts', 'parts.x.a'], 0],
    ['two, whatever stands between', ['parts.0.kind', 'how', 'parts.1.a', 'parts.1.b'], 2],
    ['as many as the last of them, where one before it is empty', ['parts.4.a'], 5],
    ['and what nobody can have typed is no row', ['parts.99999999.a', 'parts.-1.a', 'parts.1e3.a'], 0],
  ])('are counted by their names: %s', (_, names, wanted) => {
    expect(rowsAmong(names, 'parts')).toBe(wanted);
  });

  it('are those of their own list, also where its name has a dot', () => {
    const names = ['edge.run', 'edge.more.0.kind', 'edge.more.1.run', 'edge.less.7.run'];
    expect(rowsAmong(names, 'edge.more')).toBe(2);
  });
});
