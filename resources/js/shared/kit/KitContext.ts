import { createContext, useContext } from 'react';
import type { Change, Header } from '@/shared/api';

export type Side = 'top' | 'bottom';

/** What the stations of one kit share: the draft, the side looked at, the part looked at. */
/** What became of a save: in a conflict the dialog keeps the words, after a refusal the field does. */
export type Saved = 'saved' | 'conflict' | 'refused';

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
  save: (changes: readonly Change[]) => Promise<Saved>;
  saving: boolean;
  /** puts dropped files into the draft; what is refused is said in the foot */
  drop: (files: readonly File[]) => void;
};

export const KitContext = createContext<KitView | null>(null);

export function useKit(): KitView {
  const view = useContext(KitContext);
  if (!view) throw new Error('A station was opened outside a kit.');
  return view;
}
