import { describe, expect, it } from 'vitest';
import { tableText } from './table';

describe('a table as text', () => {
  it('neutralises cells that a spreadsheet would run', () => {
    expect(tableText([['=cmd()', '-5', '@x']], '\t')).toBe("'=cmd()\t-5\t'@x");
  });

  it('quotes what a comma would break', () => {
    expect(tableText([['a,b', 'say "c"']], ',')).toBe('"a,b","say ""c"""');
  });
});
