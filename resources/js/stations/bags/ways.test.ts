import { describe, expect, it } from 'vitest';
import { minutes, wayPoints } from './ways';

describe('two ways to pack', () => {
  it.each([
    [0.2, '1 min'],
    [89.4, '89 min'],
    [90, '1 h 30 min'],
    [135, '2 h 15 min'],
  ])('tells %f minutes as %s', (of, told) => {
    expect(minutes(of)).toBe(told);
  });
  it('draws lines that cross where both take as long', () => {
    const { kits, line, bag, at } = wayPoints({ lineStart: 2, lineEach: 1, bagEach: 1.5, crossing: 5 }, 300, 90);
    expect(kits).toBe(15);
    expect(line).toBe('M0 82L300 22');
    expect(bag).toBe('M0 90L300 0');
    expect(at).toEqual({ x: 80, y: 66 });
  });
  it('has no crossing where bag by bag is always quicker', () => {
    expect(wayPoints({ lineStart: 2, lineEach: 2, bagEach: 1, crossing: null }, 300, 90).at).toBeNull();
  });
});
