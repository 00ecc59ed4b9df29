// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest';
import { isText, isTexts, isWords, keep, recall } from './keep';

describe('what a device keeps', () => {
  afterEach(() => {
    vi.restoreAllMocks();
    localStorage.clear();
  });

  it('comes back as it was, and is gone when forgotten', () => {
    keep('words', { a: 'one' });
    expect(recall('words', isWords, {})).toEqual({ a: 'one' });
    keep('words', null);
    expect(localStorage.getItem('words')).toBeNull();
    expect(recall('words', isWords, {})).toEqual({});
  });

  it.each([
    ['damaged', '{"a":'],
    ['of another kind', '7'],
    ['of another shape', '{"a":7}'],
    ['a list', '["a"]'],
    ['empty', ''],
  ])('counts as nothing where it is %s', (_, text) => {
    localStorage.setItem('words', text);
    expect(recall('words', isWords, { b: 'two' })).toEqual({ b: 'two' });
  });

  it('tells texts from lists of them', () => {
    expect([isText('a'), isText(1), isTexts(['a', 'b']), isTexts(['a', 1]), isTexts('a')]).toEqual([
      true,
      false,
      true,
      false,
      false,
    ]);
  });

  it('is nothing on a device that refuses, and no fault', () => {
    vi.spyOn(Storage.prototype, 'getItem').mockImplementation(() => {
      throw new DOMException('denied', 'SecurityError');
    });
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    keep('text', 'a');
    expect(recall('text', isText, 'b')).toBe('b');
  });
});
