// @vitest-environment jsdom
import { act, type ReactNode } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useKeys } from './useKeys';

(globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;

function Room({ onFlip, onEnter, onUndo }: { onFlip: () => void; onEnter: () => void; onUndo: () => void }) {
  useKeys({ f: onFlip, Enter: onEnter, 'Control+z': onUndo });
  return (
    <>
      <input aria-label="text" />
      <button type="button">answer</button>
    </>
  );
}

let root: Root | null = null;

const show = (node: ReactNode) => {
  const box = document.createElement('div');
  document.body.append(box);
  act(() => {
    root = createRoot(box);
    root.render(node);
  });
  return box;
};

const press = (target: Element | Window, key: string, init: KeyboardEventInit = {}) => {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...init });
  target.dispatchEvent(event);
  return event;
};

describe('keys of a room', () => {
  afterEach(() => {
    act(() => {
      root?.unmount();
    });
    document.body.replaceChildren();
  });

  it('act anywhere but while text is typed', () => {
    const flip = vi.fn();
    const box = show(<Room onFlip={flip} onEnter={vi.fn()} onUndo={vi.fn()} />);
    press(window, 'f');
    press(box.querySelector('input') ?? window, 'f');
    expect(flip).toHaveBeenCalledTimes(1);
  });

  it('leave Enter to the button that has the focus', () => {
    const enter = vi.fn();
    const box = show(<Room onFlip={vi.fn()} onEnter={enter} onUndo={vi.fn()} />);
    const event = press(box.querySelector('button') ?? window, 'Enter');
    expect(enter).not.toHaveBeenCalled();
    expect(event.defaultPrevented).toBe(false);
    press(window, 'Enter');
    expect(enter).toHaveBeenCalledTimes(1);
  });

  it('tell a letter from the same letter with Control', () => {
    const undo = vi.fn();
    show(<Room onFlip={vi.fn()} onEnter={vi.fn()} onUndo={undo} />);
    press(window, 'z');
    expect(undo).not.toHaveBeenCalled();
    press(window, 'z', { ctrlKey: true });
    expect(undo).toHaveBeenCalledTimes(1);
  });
});
