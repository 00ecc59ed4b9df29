import { describe, expect, it } from 'vitest';
import { onBoard } from './useShiftDrag';

describe('the way of a pointer over a board', () => {
  it.each([
    [0, { x: 3, y: -2 }],
    [90, { x: 2, y: 3 }],
    [180, { x: -3, y: 2 }],
    [270, { x: -2, y: -3 }],
  ])('is turned back where the board is looked at from %i degrees', (reading, way) => {
    expect(onBoard({ x: 3, y: 2 }, reading)).toEqual(way);
  });
});
