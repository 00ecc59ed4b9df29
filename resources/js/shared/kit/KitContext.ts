import { createContext, useContext } from 'react';
import type { Change, Header } from '@/shared/api';

export type Side = 'top' | 'bottom';

/** What the stations of one kit share: the draft, the side looked at, the part looked at. */
type KitView = {
  id: number;
  header: Header;
  mayEdit: boolean;
  side: Side;
  flip: () => void;
  selected: string | null;
  select: (designator: string | null) => void;
  why: boolean;
  toggleWhy: () => void;
  save: (changes: readonly Change[]) => Promise<boolean>;
  saving: boolean;
};

export const KitContext = createContext<KitView | null>(null);

export function useKit(): KitView {
  const view = useContext(KitContext);
  if (!view) throw new Error('A station was opened outside a kit.');
  return view;
}
