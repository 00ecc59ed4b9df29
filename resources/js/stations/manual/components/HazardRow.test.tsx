// @vitest-environment jsdom
import { afterEach, describe, expect, it } from 'vitest';
import type { Safety } from '@/shared/api';
import { aKit } from '@/shared/testing/kit';
import { click, field, find, mount, submit, type, unmountAll } from '@/shared/testing/mount';
import { HazardRow } from './HazardRow';

const question = (given: Partial<Safety['questions'][number]> = {}): Safety['questions'][number] => ({
  hazard: 'hot',
  question: 'Does something get too hot to touch in use?',
  answer: '',
  why: '',
  shown: [],
  applies: false,
  ...given,
});

describe('a question of safety', () => {
  afterEach(unmountAll);

  it('takes a yes, and takes it back at a second press', async () => {
    const kit = aKit();
    const box = mount(
      kit.around(
        <ul>
          <HazardRow question={question()} />
        </ul>,
      ),
    );
    await click(find(box, 'button', 'Yes'));
    expect(kit.saves).toEqual([[{ type: 'hazard', target: 'hot', field: '', value: true }]]);
    unmountAll();
    const again = mount(
      kit.around(
        <ul>
          <HazardRow question={question({ answer: 'yes', applies: true })} />
        </ul>,
      ),
    );
    expect(find(again, '.state').textContent).toBe('▲ caution printed');
    await click(find(again, 'button', 'Yes'));
    expect(kit.saves[1]).toEqual([{ type: 'hazard', target: 'hot', field: '', value: null }]);
  });

  it('takes a no at once where nothing shows it', async () => {
    const kit = aKit();
    await click(
      find(
        mount(
          kit.around(
            <ul>
              <HazardRow question={question()} />
            </ul>,
          ),
        ),
        'button',
        'No',
      ),
    );
    expect(kit.saves[0]?.[0]?.value).toBe(false);
  });

  it('asks why where the parts show it, and saves the reason', async () => {
    const kit = aKit();
    const box = mount(
      kit.around(
        <ul>
          <HazardRow question={question({ shown: ['HS1: clip.'], applies: true })} />
        </ul>,
      ),
    );
    await click(find(box, 'button', 'No'));
    expect(kit.saves).toEqual([]);
    expect(find(box, '.whyno button').hasAttribute('disabled')).toBe(true);
    await type(field(box, '.whyno input'), 'it stays cool');
    await submit(find(box, '.whyno'));
    expect(kit.saves).toEqual([[{ type: 'hazard', target: 'hot', field: '', value: 'it stays cool' }]]);
    expect(box.querySelector('.whyno')).toBeNull();
  });

  it('cannot be answered by whoever may not edit', () => {
    const box = mount(
      aKit({ mayEdit: false }).around(
        <ul>
          <HazardRow question={question()} />
        </ul>,
      ),
    );
    expect([...box.querySelectorAll('button')].every((button) => button.disabled)).toBe(true);
  });
});
