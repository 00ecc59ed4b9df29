/** Band colours and the letters that stand for them in print without colour. */
export const BANDS: Readonly<Record<string, { fill: string; letters: string }>> = {
  black: { fill: '#141414', letters: 'BK' },
  brown: { fill: '#6B3E1D', letters: 'BR' },
  red: { fill: '#B9252B', letters: 'RD' },
  orange: { fill: '#E07B24', letters: 'OR' },
  yellow: { fill: '#E8CB33', letters: 'YE' },
  green: { fill: '#2E7D46', letters: 'GN' },
  blue: { fill: '#2F5BA8', letters: 'BL' },
  violet: { fill: '#7C4A9E', letters: 'VI' },
  grey: { fill: '#83898B', letters: 'GY' },
  white: { fill: '#F3F2EC', letters: 'WH' },
  gold: { fill: '#C79A3B', letters: 'GO' },
  silver: { fill: '#B7BBBD', letters: 'SR' },
  pink: { fill: '#E39AAE', letters: 'PK' },
};

export function letters(band: string): string {
  return BANDS[band]?.letters ?? '??';
}
