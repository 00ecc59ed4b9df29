import type { Facts } from '@/shared/api';

type Fact = keyof Facts['facts'];

/** Cells that name something of the kit: what of it, and whether several. */
export const NAMED = {
  part: { of: 'parts', several: false },
  parts: { of: 'parts', several: true },
  end: { of: 'pins', several: false },
  ends: { of: 'pins', several: true },
  board: { of: 'boards', several: false },
  block: { of: 'blocks', several: false },
  blocks: { of: 'blocks', several: true },
  gate: { of: 'gates', several: false },
} as const;

export const isNamed = (kind: Cell['kind']): kind is keyof typeof NAMED => kind in NAMED;

/** What stands in one cell of a row. */
export type Cell = {
  name: string;
  label: string;
  /** `parts` several designators, `end` a pin of a part or a free word, `pair` two numbers, `numbers` one or two */
  kind: 'text' | 'number' | 'numbers' | 'pair' | 'choice' | 'yes' | keyof typeof NAMED;
  choices?: readonly (readonly [value: string, label: string])[];
  hint?: string;
  /** a row without it says nothing and is not kept */ needed?: true;
};

/**
 * How rows stand in the fact: objects in a list, plain lists in a list, objects by a name, lists by a name, one object, one text;
 * values of options by their names; holes in the faces that have them, what is lent in the gates that borrow it.
 */
type Shape = 'objects' | 'lists' | 'named' | 'lists-by-name' | 'one' | 'text' | 'options' | 'holes' | 'lent';

export type Spec = {
  title: string;
  /** one sentence: what it is for */ what: string;
  /** of one row, `a cover` */ row: string;
  shape: Shape;
  cells: readonly Cell[];
  /** a part stands in one row only */ once?: true;
};

/** The form of one fact of the kit. */
export type FactSpec = Spec & { fact: Fact };

export const part = (name: string, label: string, hint?: string): Cell => ({
  name,
  label,
  kind: 'part',
  needed: true,
  ...(hint === undefined ? {} : { hint }),
});
export const parts = (name: string, label: string): Cell => ({ name, label, kind: 'parts', needed: true });
export const FACES = [
  ['', 'either'],
  ['top', 'top'],
  ['bottom', 'bottom'],
] as const;
