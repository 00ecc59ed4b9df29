// @vitest-environment jsdom
import { afterEach, describe, expect, it } from 'vitest';
import type { ManualDocument } from '@/shared/api';
import { aKit } from '@/shared/testing/kit';
import { click, find, mount, unmountAll } from '@/shared/testing/mount';
import { SettingsView } from './SettingsView';

const manual = {
  paper: 'Letter',
  skill: 'beginner',
  language: 'de',
  units: 'both',
  colour: false,
  alloy: 'leaded',
} as ManualDocument;

describe('settings of the manual', () => {
  afterEach(unmountAll);

  it('shows what is set', () => {
    const box = mount(aKit().around(<SettingsView manual={manual} />));
    const pressed = [...box.querySelectorAll('button[aria-pressed="true"]')].map((button) => button.textContent);
    expect(pressed).toEqual([
      'a beginner',
      'leaded',
      'on the table',
      'the back',
      'in both',
      'Letter',
      'Deutsch',
      'black and white',
    ]);
  });

  it.each([
    ['lead-free', 'alloy', 'lead-free'],
    ['colour', 'colour', true],
    ['in millimetres', 'units', 'mm'],
    ['English', 'language', 'en'],
  ])('saves %s', async (words, field, value) => {
    const kit = aKit();
    const button = [...mount(kit.around(<SettingsView manual={manual} />)).querySelectorAll('button')].find(
      (each) => each.textContent === words,
    );
    await click(button as HTMLElement);
    expect(kit.saves).toEqual([[{ type: 'setting', target: '', field, value }]]);
  });

  it('stands still for whoever may not edit', () => {
    const box = mount(aKit({ mayEdit: false }).around(<SettingsView manual={manual} />));
    expect(find(box, 'fieldset').hasAttribute('disabled')).toBe(true);
  });
});
