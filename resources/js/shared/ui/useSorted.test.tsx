// @vitest-environment jsdom
import { act } from 'react';
import { createRoot } from 'react-dom/client';
import { afterEach, describe, expect, it } from 'vitest';
import { useSorted } from './useSorted';

const ROWS = [{ name: 'R10', count: 2 }, { name: 'R9', count: 30 }, { name: 'R1', count: 4 }];
const KEYS = { name: (row: (typeof ROWS)[number]) => row.name, count: (row: (typeof ROWS)[number]) => row.count };

function Table() {
  const { sorted, head } = useSorted(ROWS, KEYS);
  return <table><thead><tr>{head('name', 'part')}{head('count', 'count', true)}</tr></thead><tbody>{sorted.map((row) => <tr key={row.name}><td className="name">{row.name}</td></tr>)}</tbody></table>;
}

// React asks for this before it lets a test act.
(globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;

describe('a table that sorts by its heads', () => {
  const box = document.createElement('div');
  const root = createRoot(box);
  const names = () => [...box.querySelectorAll('.name')].map((cell) => cell.textContent);
  const press = (index: number) => { act(() => { box.querySelectorAll('button')[index]?.click(); }); };
  afterEach(() => { act(() => { root.render(null); }); });

  it('keeps the order given until a head is pressed', () => {
    act(() => { root.render(<Table />); });
    expect(names()).toEqual(['R10', 'R9', 'R1']);
  });
  it('sorts names as people count, and numbers as numbers', () => {
    act(() => { root.render(<Table />); });
    press(0);
    expect(names()).toEqual(['R1', 'R9', 'R10']);
    press(1);
    expect(names()).toEqual(['R10', 'R1', 'R9']);
  });
  it('turns the order round at the second press, and says so to a screen reader', () => {
    act(() => { root.render(<Table />); });
    press(1);
    press(1);
    expect(names()).toEqual(['R9', 'R1', 'R10']);
    expect([...box.querySelectorAll('th')].map((head) => head.getAttribute('aria-sort'))).toEqual(['none', 'descending']);
  });
});
