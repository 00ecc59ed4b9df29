// @vitest-environment jsdom
import { act } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { headerOf, kitAnswers } from '@/shared/testing/answers';
import { aKit } from '@/shared/testing/kit';
import { click, field, find, type, unmountAll } from '@/shared/testing/mount';
import { enter, serve } from '@/shared/testing/server';
import { Facts } from './Facts';

describe('facts of a kit', () => {
  beforeEach(() => {
    localStorage.clear();
    serve(kitAnswers('full'));
  });
  afterEach(() => {
    unmountAll();
    vi.unstubAllGlobals();
  });

  it('are saved whole, and what they lack is said before', async () => {
    const kit = aKit({ header: headerOf('full') });
    const box = await enter(kit.around(<Facts />), '/kits/3/facts');
    await type(field(box, '[aria-label="amps at most, Supply 1"]'), 'much');
    await click(find(box, 'button', 'Save supply'));
    expect(find(box, '[role="alert"]').textContent).toContain('a number is wanted');
    await type(field(box, '[aria-label="amps at most, Supply 1"]'), '0.05');
    await click(find(box, 'button', 'Save supply'));
    expect(kit.saves).toEqual([[{ type: 'fact', target: 'supply', field: '', value: { volts: 9, amps: 0.05 } }]]);
  });

  it('take in one stroke the parts that a pressed pointer goes over, and give them back in another', async () => {
    const kit = aKit({ header: headerOf('full') });
    const box = await enter(kit.around(<Facts />), '/kits/3/facts?view=together');
    await type(field(box, '[aria-label="block, Blocks 1"]'), 'sensor');
    await act(async () => {
      field(box, '[aria-label="its parts, Blocks 1"]').focus();
      return Promise.resolve();
    });
    const stroke = (...names: string[]) =>
      act(async () => {
        for (const [index, name] of [...names, names[0] ?? ''].entries()) {
          const target = box.querySelector(`[data-ref="${name}"]`);
          document.elementFromPoint = () => target;
          const kind = index === 0 ? 'pointerdown' : index < names.length ? 'pointermove' : 'pointerup';
          target?.dispatchEvent(new MouseEvent(kind, { bubbles: true }));
        }
        return Promise.resolve();
      });
    await stroke('R1', 'R2', 'D1');
    await stroke('R2', 'D1');
    await click(find(box, 'button', 'Save blocks'));
    expect(kit.saves).toEqual([[{ type: 'fact', target: 'groups.block', field: '', value: { sensor: ['R1'] } }]]);
  });

  it('stay while they are typed, and are dropped on request', async () => {
    const again = async () => enter(aKit({ header: headerOf('full') }).around(<Facts />), '/kits/3/facts');
    const first = await again();
    await type(field(first, '[aria-label="name, Name 1"]'), 'Halt Lamp');
    unmountAll();
    const box = await again();
    expect(field(box, '[aria-label="name, Name 1"]').value).toBe('Halt Lamp');
    await click(find(box, 'button', 'Leave as it was'));
    expect(field(box, '[aria-label="name, Name 1"]').value).toBe('Loop board');
  });
});
