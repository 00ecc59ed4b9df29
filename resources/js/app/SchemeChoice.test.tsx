// @vitest-environment jsdom
import { afterEach, describe, expect, it } from 'vitest';
import { click, find, mount, unmountAll } from '@/shared/testing/mount';
import { keptScheme, showScheme } from './scheme';
import { SchemeChoice } from './SchemeChoice';

const scheme = () => document.documentElement.dataset['scheme'];

const pick = async (name: string) => {
  const box = mount(<SchemeChoice />);
  await click(find(box, '[aria-haspopup="menu"]'));
  await click(find(document.body, '[role="menuitem"]', name));
  unmountAll();
};

describe('light or dark', () => {
  afterEach(() => {
    unmountAll();
    localStorage.clear();
    showScheme('system');
  });

  it('follows the system until one is chosen, and again when that is chosen', async () => {
    expect(scheme()).toBeUndefined();
    await pick('dark');
    expect([scheme(), keptScheme()]).toEqual(['night', 'night']);
    await pick('light');
    expect([scheme(), keptScheme()]).toEqual(['day', 'day']);
    await pick('as the system');
    expect([scheme(), keptScheme(), localStorage.length]).toEqual([undefined, 'system', 0]);
  });

  it('is that of the system where something else is kept', () => {
    localStorage.setItem('scheme', '"sepia"');
    expect(keptScheme()).toBe('system');
  });
});
