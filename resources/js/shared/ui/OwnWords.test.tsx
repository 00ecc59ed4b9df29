// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest';
import { click, field, find, mount, press, type, unmountAll } from '@/shared/testing/mount';
import { OwnWords } from './OwnWords';

const shown = (onSave: (text: string | null) => Promise<boolean>, text = 'As it was.') =>
  mount(
    <OwnWords
      name="introduction 3"
      label="the introduction"
      text={text}
      empty="Write an introduction"
      disabled={false}
      onSave={onSave}
    />,
  );

describe('words of the maker’s own', () => {
  afterEach(() => {
    unmountAll();
    localStorage.clear();
  });

  it('keeps what is not saved yet through leaving and reloading, and forgets it once saved', async () => {
    const onSave = vi.fn(() => Promise.resolve(true));
    const first = shown(onSave);
    await click(find(first, 'button'));
    await type(field(first, 'textarea'), 'Half a sen');
    unmountAll();
    const again = shown(onSave);
    expect(field(again, 'textarea').value).toBe('Half a sen');
    await click(find(again, 'button', 'Save'));
    unmountAll();
    expect(shown(onSave).querySelector('textarea')).toBeNull();
  });

  it('invites where nothing is written yet', () => {
    expect(shown(vi.fn(), '').textContent).toBe('Write an introduction');
  });

  it('saves what was written, without blanks about it, and closes', async () => {
    const onSave = vi.fn(() => Promise.resolve(true));
    const box = shown(onSave);
    await click(find(box, 'button', 'edit the introduction'));
    await type(field(box, 'textarea'), '  Wind it slowly.  ');
    await click(find(box, 'button', 'Save'));
    expect(onSave).toHaveBeenCalledWith('Wind it slowly.');
    expect(box.querySelector('textarea')).toBeNull();
  });

  it('takes the words away when they were emptied', async () => {
    const onSave = vi.fn(() => Promise.resolve(true));
    const box = shown(onSave);
    await click(find(box, 'button'));
    await type(field(box, 'textarea'), '   ');
    await click(find(box, 'button', 'Save'));
    expect(onSave).toHaveBeenCalledWith(null);
  });

  it('keeps what was typed while it is refused', async () => {
    const box = shown(() => Promise.resolve(false));
    await click(find(box, 'button'));
    await type(field(box, 'textarea'), 'Kept.');
    await click(find(box, 'button', 'Save'));
    expect(field(box, 'textarea').value).toBe('Kept.');
  });

  it('asks nobody when nothing changed, and leaves by Escape', async () => {
    const onSave = vi.fn(() => Promise.resolve(true));
    const box = shown(onSave);
    await click(find(box, 'button'));
    await click(find(box, 'button', 'Save'));
    expect(onSave).not.toHaveBeenCalled();
    await click(find(box, 'button'));
    await press(find(box, 'textarea'), 'Escape');
    expect(box.querySelector('textarea')).toBeNull();
  });

  it('puts the caret into the field it opens', async () => {
    const box = shown(vi.fn());
    await click(find(box, 'button'));
    expect(document.activeElement).toBe(box.querySelector('textarea'));
  });
});
