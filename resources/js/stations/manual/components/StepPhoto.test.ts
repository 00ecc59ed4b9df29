import { describe, expect, it } from 'vitest';
import { cornersTyped } from './StepPhoto';

describe('corners of a board in a photograph', () => {
  it.each([
    [
      '12 10; 85 12; 90 80; 8 78',
      [
        [0.12, 0.1],
        [0.85, 0.12],
        [0.9, 0.8],
        [0.08, 0.78],
      ],
    ],
    [
      '0 0;100 0;100 100;0 100',
      [
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 1],
      ],
    ],
    ['12 10; 85 12; 90 80', null],
    ['12 10; 85 12; 90 80; 8 178', null],
    ['12 10; 85 12; 90 80; 8', null],
    ['12 10; 85 12; 90 80; 8 x', null],
    ['', null],
  ])('typed as %s', (text, corners) => {
    expect(cornersTyped(text)).toEqual(corners);
  });
});
