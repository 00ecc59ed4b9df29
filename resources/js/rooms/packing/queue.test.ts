import { describe, expect, it } from 'vitest';
import type { Run } from '@/shared/api';
import { isKeys, keyFor, keyWords, turnAfter, waiting, type Key } from './queue';
import { RUN } from './testing';

const pressed = (run: Run, ...actions: Key['action'][]): Key[] =>
  actions.reduce<Key[]>((keys, action) => {
    const key = keyFor(run, keys, action, String(keys.length));
    return key === null ? keys : [...keys, key];
  }, []);

describe('keys that wait', () => {
  it('are meant for one bag after the other, each with how many keys came before it', () => {
    const keys = pressed(RUN, 'in', 'in', 'short');
    expect(keys.map(({ line, pack, after }) => [line, pack, after])).toEqual([
      [1, 0, 7],
      [1, 1, 8],
    ]);
    expect(turnAfter(RUN, keys)).toBeNull();
  });
  it('stand in their bags until they are confirmed', () => {
    expect(waiting(RUN, pressed(RUN, 'in'), 1)).toBe('w.');
    expect(waiting(RUN, [], 0)).toBe('ii');
  });
  it('an undo takes back a key that waits; where it reaches behind them, what follows waits for the server', () => {
    const keys = pressed(RUN, 'in', 'undo', 'short');
    expect(keys.map(({ action, line, pack, after }) => [action, line, pack, after])).toEqual([
      ['in', 1, 0, 7],
      ['undo', 1, 1, 8],
      ['short', 1, 0, 9],
    ]);
    expect(pressed(RUN, 'undo', 'in')).toHaveLength(1);
    expect(pressed(RUN, 'lot', 'in')).toHaveLength(1);
    expect(pressed(RUN, 'undo')[0]).toMatchObject({ action: 'undo', after: 7 });
  });
  it('are told as the packer thinks of them', () => {
    expect(keyWords(RUN, { operationId: '', action: 'in', line: 0, pack: 1, after: 0 })).toBe('R3 R7 into kit 2');
    expect(keyWords(RUN, { operationId: '', action: 'short', line: 1, pack: 0, after: 0 })).toBe(
      'resistor short in kit 1',
    );
  });
  it('kept in another shape count as none', () => {
    expect(isKeys(pressed(RUN, 'in'))).toBe(true);
    expect(isKeys([{ line: 1 }])).toBe(false);
    expect(isKeys('x')).toBe(false);
  });
});
