import { describe, expect, it } from 'vitest';
import { degrees, millimetres, minutes } from './index';

describe('numbers as people read them', () => {
  it('gives minutes, and hours from sixty on', () => {
    expect([minutes(46.4), minutes(60), minutes(62.9)]).toEqual(['46\u2009min', '1\u2009h', '1\u2009h 3\u2009min']);
  });

  it('gives a second decimal only where it says something', () => {
    expect([millimetres(2.5), millimetres(4.75), millimetres(11)]).toEqual([
      '2.5\u2009mm',
      '4.75\u2009mm',
      '11.0\u2009mm',
    ]);
  });

  it('gives degrees with one decimal', () => {
    expect(degrees(1.789)).toBe('1.8°');
  });
});
