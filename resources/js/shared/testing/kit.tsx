import type { ComponentProps, ReactNode } from 'react';
import { vi } from 'vitest';
import type { Change, Header } from '@/shared/api';
import { KitContext } from '@/shared/kit';
import type { Saved } from '@/shared/kit/KitContext';

type KitView = NonNullable<ComponentProps<typeof KitContext.Provider>['value']>;

const HEADER: Header = {
  id: 3,
  kit: 'Loop board',
  revision: 'A',
  sequence: 0,
  files: [],
  options: [],
  matters: [],
  released: null,
  others: [],
  undo: null,
  redo: null,
  notBegun: [],
};

/** A kit around a piece of a station; what is saved can be read from `saves`. */
export function aKit(given: Partial<KitView> = {}, answer: Saved = 'saved') {
  const saves: Change[][] = [];
  const save = vi.fn((changes: readonly Change[]) => {
    saves.push([...changes]);
    return Promise.resolve(answer);
  });
  const view: KitView = {
    id: 3,
    header: HEADER,
    mayEdit: true,
    side: 'top',
    flip: vi.fn(),
    selected: null,
    select: vi.fn(),
    why: false,
    toggleWhy: vi.fn(),
    saving: false,
    drop: vi.fn(),
    ...given,
    save,
  };
  const around = (children: ReactNode) => <KitContext.Provider value={view}>{children}</KitContext.Provider>;
  return { around, saves, view };
}
