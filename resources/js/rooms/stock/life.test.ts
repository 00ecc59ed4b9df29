import { describe, expect, it } from 'vitest';
import { between, side, widths, type LifeEvent } from './life';

const at = (day: string, kind = 'packed'): LifeEvent => ({ at: `${day}T10:00:00Z`, kind, what: '', to: null });

describe('the line of a life', () => {
  it('runs wider where more days lie between, and never out of sight', () => {
    const [hour, day, month, years, last] = widths([
      at('2026-06-01'),
      at('2026-06-01'),
      at('2026-06-02'),
      at('2026-07-02'),
      at('2036-07-02'),
    ]);
    expect(hour).toBe(96);
    expect(day).toBe(120);
    expect(month).toBeGreaterThan(day ?? 0);
    expect(years).toBe(260);
    expect(last).toBe(96);
  });

  it('says the days between', () => {
    expect([
      between(at('2026-06-01'), at('2026-06-01')),
      between(at('2026-06-01'), at('2026-06-02')),
      between(at('2026-06-01'), at('2026-06-12')),
      between(at('2026-06-01'), undefined),
    ]).toEqual(['', 'a day', '11 days', '']);
  });

  it('knows where a thing happened', () => {
    expect(['run', 'cut', 'packed', 'shipped', 'built', 'report', 'faq'].map(side)).toEqual([
      'shop',
      'shop',
      'shop',
      'way',
      'builder',
      'trouble',
      'trouble',
    ]);
  });
});
