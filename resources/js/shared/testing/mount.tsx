import { act, type ReactNode } from 'react';
import { createRoot, type Root } from 'react-dom/client';

(globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;

const roots: { root: Root; box: HTMLElement }[] = [];

/** Puts something on a page of its own. */
export function mount(node: ReactNode): HTMLElement {
  const box = document.createElement('div');
  document.body.append(box);
  const root = createRoot(box);
  roots.push({ root, box });
  act(() => {
    root.render(node);
  });
  return box;
}

/** Takes everything away again; to be called after each test. */
export function unmountAll(): void {
  for (const { root, box } of roots.splice(0)) {
    act(() => {
      root.unmount();
    });
    box.remove();
  }
}

/** The first element that matches, and holds the text where one is given. */
export function find(box: HTMLElement, css: string, text = ''): HTMLElement {
  const found = [...box.querySelectorAll<HTMLElement>(css)].find((each) => each.textContent.includes(text));
  if (!found) throw new Error(`no ${css} with "${text}" in: ${box.textContent}`);
  return found;
}

/** A field to type into. */
export function field(box: HTMLElement, css: string): HTMLInputElement | HTMLTextAreaElement {
  const found = find(box, css);
  if (found instanceof HTMLInputElement || found instanceof HTMLTextAreaElement) return found;
  throw new Error(`${css} is no field`);
}

async function after(event: () => void): Promise<void> {
  await act(async () => {
    event();
    await Promise.resolve();
  });
}

export function click(element: HTMLElement): Promise<void> {
  return after(() => {
    element.click();
  });
}

/** Types into a field as a person does: React hears of it. */
export function type(into: HTMLInputElement | HTMLTextAreaElement, text: string): Promise<void> {
  const kind = into instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement;
  return after(() => {
    // React puts its own setter over the field's; the plain one lets it see that the value has changed.
    Object.getOwnPropertyDescriptor(kind.prototype, 'value')?.set?.call(into, text);
    into.dispatchEvent(new Event('input', { bubbles: true }));
  });
}

/** Takes a choice of a list as a person does. */
export function choose(box: HTMLElement, css: string, value: string): Promise<void> {
  const list = find(box, css);
  return after(() => {
    Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, 'value')?.set?.call(list, value);
    list.dispatchEvent(new Event('change', { bubbles: true }));
  });
}

export function submit(form: HTMLElement): Promise<void> {
  return after(() => {
    form.dispatchEvent(new Event('submit', { bubbles: true, cancelable: true }));
  });
}

export function press(element: HTMLElement, key: string): Promise<void> {
  return after(() => {
    element.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
  });
}
