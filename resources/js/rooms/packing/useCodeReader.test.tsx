// @vitest-environment jsdom
import { act } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useKeys } from '@/shared/keys';
import { useCodeReader } from './useCodeReader';

(globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;

const undo = vi.fn();
const code = vi.fn();

function Room({ active }: { active: boolean }) {
  useKeys({ z: undo });
  useCodeReader(active, code);
  return <input aria-label="text" />;
}

let root: Root | null = null;

function show(active: boolean) {
  const box = document.createElement('div');
  document.body.append(box);
  act(() => {
    root = createRoot(box);
    root.render(<Room active={active} />);
  });
  return box;
}

function type(text: string, gap: number, target: Element | Window = window) {
  for (const key of text === 'Enter' ? ['Enter'] : Array.from(text)) {
    target.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
    vi.advanceTimersByTime(gap);
  }
}

describe('a code reader that types', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    undo.mockReset();
    code.mockReset();
  });
  afterEach(() => {
    act(() => {
      root?.unmount();
    });
    document.body.replaceChildren();
    vi.useRealTimers();
  });

  it('is one code, and none of its letters is a key', () => {
    show(true);
    type('z-26z', 5);
    type('Enter', 5);
    expect(code).toHaveBeenCalledExactlyOnceWith('z-26z');
    vi.advanceTimersByTime(500);
    expect(undo).not.toHaveBeenCalled();
  });
  it('leaves what a hand types alone, each key once', () => {
    show(true);
    type('zzz', 90);
    type('Enter', 90);
    expect(undo).toHaveBeenCalledTimes(3);
    expect(code).not.toHaveBeenCalled();
  });
  it('lets two quick keys through that no Enter follows', () => {
    show(true);
    type('zz', 5);
    vi.advanceTimersByTime(500);
    expect(undo).toHaveBeenCalledTimes(2);
  });
  it('hears nothing while text is typed, nor in a shop without codes', () => {
    const box = show(true);
    type('z-26z', 5, box.querySelector('input') ?? window);
    expect(code).not.toHaveBeenCalled();
    act(() => {
      root?.unmount();
    });
    show(false);
    type('z', 5);
    expect(undo).toHaveBeenCalledTimes(1);
  });
});
