import { describe, expect, it } from 'vitest';
import { outlineTyped } from './outline';

describe('an outline as it is typed', () => {
  it.each([
    [
      '80 60',
      [
        [0, 0],
        [80, 0],
        [80, 60],
        [0, 60],
      ],
    ],
    [
      '80 × 60.5',
      [
        [0, 0],
        [80, 0],
        [80, 60.5],
        [0, 60.5],
      ],
    ],
    [
      '0 0; 80 0; 40 60',
      [
        [0, 0],
        [80, 0],
        [40, 60],
      ],
    ],
  ])('%s', (text, corners) => {
    expect(outlineTyped(text)).toEqual(corners);
  });

  it.each([['80'], [''], ['80 60; 10 10'], ['wide high'], ['-80 60'], ['80 60 5']])('%s says none', (text) => {
    expect(outlineTyped(text)).toBeNull();
  });
});
