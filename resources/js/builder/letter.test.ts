import { describe, expect, it } from 'vitest';
import type { BuilderPage, ManualStep } from '@/shared/api';
import { folderOf, serialOf } from './folder';
import { letter, mailto } from './letter';

const PAGE = { manual: { kit: 'Frost Bell', revision: 'B', language: 'en' } } as unknown as BuilderPage;
const STEP = { number: 4, title: 'Resistors', key: 'solder R1 R2' } as ManualStep;

describe('a report by mail', () => {
  it('says kit, revision, serial, step and readings in a block that a machine can read', () => {
    const { subject, body } = letter(PAGE, STEP, { text: 'It hums.', serial: 'FB-B-00012-K' }, '5 V rail = 3.1 V');
    expect(subject).toBe('Frost Bell B FB-B-00012-K #4');
    expect(body).toBe(
      'It hums.\n\n--- chiralex report 1 ---\nkit: Frost Bell\nrevision: B\nserial: FB-B-00012-K\nstep: 4 Resistors\n' +
        'step-key: solder R1 R2\nreadings: 5 V rail = 3.1 V\nlanguage: en\n--- end ---\n',
    );
  });

  it('leaves out what is not known', () => {
    expect(letter(PAGE, null, { text: 'x', serial: '' }, '').body).not.toMatch(/serial|step|readings/);
  });

  it('keeps the block whole in a link that every mail program takes', () => {
    const link = mailto('hello@saltmarsh.example', letter(PAGE, STEP, { text: 'ä'.repeat(3000), serial: '' }, ''));
    expect(link.length).toBeLessThan(1900);
    expect(decodeURIComponent(link)).toMatch(/^mailto:hello@saltmarsh\.example\?subject=.*--- end ---\s*$/s);
  });

  it('cannot be made to write to somebody else', () => {
    expect(mailto('a@b.example?bcc=x@y.example', letter(PAGE, null, { text: 'x', serial: '' }, ''))).not.toMatch(
      /\?bcc=/,
    );
  });
});

describe('a page from a folder', () => {
  it.each([
    ['#FB-B-00012-K', 'FB-B-00012-K'],
    ['#fb-b-00012-k', 'FB-B-00012-K'],
    ['', null],
    ['#<script>', null],
    ['#a', null],
  ])('reads the serial number behind the address: %s', (hash, serial) => {
    expect(serialOf(hash)).toBe(serial);
  });

  it('is none where the script holds no kit', () => {
    expect(folderOf(undefined, '')).toBeNull();
    expect(folderOf({ page: {} }, '')).toBeNull();
    expect(folderOf({ page: PAGE, mail: null }, '#FB-B-00012-K')?.page.serial).toBe('FB-B-00012-K');
  });
});
