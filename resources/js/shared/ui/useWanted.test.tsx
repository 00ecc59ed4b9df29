// @vitest-environment jsdom
import { act } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { click, field, find, mount, type, unmountAll } from '@/shared/testing/mount';
import { useWanted } from './useWanted';

function Table() {
  const { wanted, text, setText, head, turn } = useWanted();
  return (
    <>
      <input
        value={text}
        onChange={(event) => {
          setText(event.target.value);
        }}
      />
      <table>
        <thead>
          <tr>
            {head('name', 'kit')}
            {head('hand', 'on hand', true)}
          </tr>
        </thead>
      </table>
      <button
        type="button"
        id="next"
        onClick={() => {
          turn(wanted.page + 1);
        }}
      >
        next
      </button>
      <output>{JSON.stringify(wanted)}</output>
    </>
  );
}

const wanted = (box: HTMLElement): unknown => JSON.parse(find(box, 'output').textContent);

describe('a list that the server keeps in pages', () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    unmountAll();
    vi.useRealTimers();
  });

  it('sorts by a head, the other way round at a second press, and begins at the first page again', async () => {
    const box = mount(<Table />);
    await click(find(box, '#next'));
    expect(wanted(box)).toEqual({ page: 2, rows: 50, search: '', sort: '' });
    await click(find(box, 'th [role=button]', 'kit'));
    expect(wanted(box)).toEqual({ page: 1, rows: 50, search: '', sort: 'name' });
    expect(find(box, 'th', 'kit').getAttribute('aria-sort')).toBe('ascending');
    await click(find(box, 'th [role=button]', 'kit'));
    expect(wanted(box)).toEqual({ page: 1, rows: 50, search: '', sort: '-name' });
    expect(find(box, 'th', 'on hand').getAttribute('aria-sort')).toBe('none');
  });

  it('asks when the typing rests, not at each letter', async () => {
    const box = mount(<Table />);
    await type(field(box, 'input'), 'fr');
    await type(field(box, 'input'), 'fro');
    expect(wanted(box)).toEqual({ page: 1, rows: 50, search: '', sort: '' });
    act(() => {
      vi.advanceTimersByTime(300);
    });
    expect(wanted(box)).toEqual({ page: 1, rows: 50, search: 'fro', sort: '' });
  });
});
