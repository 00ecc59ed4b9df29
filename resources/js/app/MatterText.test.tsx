// @vitest-environment jsdom
import { MemoryRouter } from 'react-router';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { SUBJECTS } from '@/stations/facts';
import { FACTS, MatterText } from './MatterText';

describe('a matter that names the facts', () => {
  it('leads to the subject it names, and to nothing else', () => {
    const drawn = renderToStaticMarkup(
      <MemoryRouter>
        <MatterText id={7} message="W1 has no colour; say one under Facts, Wires, so that its ends can be told." />
      </MemoryRouter>,
    );
    expect(drawn).toContain('href="/kits/7/facts?view=wires"');
    expect(drawn).toContain('>Facts, Wires</a>, so that');
    expect(drawn.split('<a').length).toBe(2);
    expect(renderToStaticMarkup(<MatterText id={7} message="Facts are missing." />)).toBe('Facts are missing.');
  });

  it('knows every subject there is, and the sentences name no other', () => {
    expect(FACTS).toEqual(Object.fromEntries(SUBJECTS.map((subject) => [subject.name, subject.id])));
    const files = import.meta.glob<string>('/render/words/en/sentences.php', {
      query: '?raw',
      import: 'default',
      eager: true,
    });
    const sentences = Object.values(files).join('');
    const named = [...sentences.matchAll(/under Facts, (Gates and volts|A part|\w+)/gu)].map((found) => found[1]);
    expect(named.length).toBeGreaterThan(5);
    expect(named.filter((name) => FACTS[name ?? ''] === undefined)).toEqual([]);
  });
});
