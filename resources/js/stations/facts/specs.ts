import type { Facts } from '@/shared/api';

export type Fact = keyof Facts['facts'];

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

const part = (name: string, label: string, hint?: string): Cell => ({
  name,
  label,
  kind: 'part',
  needed: true,
  ...(hint === undefined ? {} : { hint }),
});
const parts = (name: string, label: string): Cell => ({ name, label, kind: 'parts', needed: true });
const FACES = [
  ['', 'either'],
  ['top', 'top'],
  ['bottom', 'bottom'],
] as const;

const KIT: readonly FactSpec[] = [
  {
    fact: 'name',
    title: 'Name',
    what: 'What the kit is called on every page and label.',
    row: 'the name',
    shape: 'text',
    cells: [{ name: 'text', label: 'name', kind: 'text', needed: true }],
  },
  {
    fact: 'code',
    title: 'Code',
    what: 'Two to six letters that serial numbers begin with.',
    row: 'the code',
    shape: 'text',
    cells: [{ name: 'text', label: 'code', kind: 'text', needed: true, hint: 'FB' }],
  },
  {
    fact: 'supply',
    title: 'Supply',
    what: 'What powers the kit: cautions, end stops, tests and the contents list follow it.',
    row: 'the supply',
    shape: 'one',
    cells: [
      { name: 'volts', label: 'volts', kind: 'numbers', needed: true, hint: '9, or 8 to 9.6' },
      { name: 'amps', label: 'amps at most', kind: 'number', hint: '0.05' },
      { name: 'idle', label: 'amps at rest', kind: 'number', hint: '0.002' },
      {
        name: 'current',
        label: 'current',
        kind: 'choice',
        choices: [
          ['dc', 'direct'],
          ['ac', 'alternating'],
        ],
      },
    ],
  },
  {
    fact: 'options',
    title: 'Options',
    what: 'Choices a buyer has, and the parts that come with each; without parts, the choice that adds none.',
    row: 'a choice',
    shape: 'options',
    cells: [
      { name: 'option', label: 'option', kind: 'text', needed: true, hint: 'box' },
      { name: 'value', label: 'choice', kind: 'text', needed: true, hint: 'drilled' },
      { name: 'parts', label: 'brings', kind: 'parts' },
      { name: 'default', label: 'usual', kind: 'yes' },
    ],
  },
];

const BOARDS: readonly FactSpec[] = [
  {
    fact: 'boards',
    title: 'Boards',
    what: 'Each board by name; one that is snapped off a larger one says where it hangs on it. Outline and thickness stand in Board.',
    row: 'a board',
    shape: 'objects',
    cells: [
      { name: 'name', label: 'name', kind: 'text', needed: true, hint: 'main' },
      { name: 'joined.to', label: 'hangs on', kind: 'board' },
      { name: 'joined.at', label: 'at x y, mm', kind: 'pair', hint: '60 0' },
    ],
  },
];

const ORDER: readonly FactSpec[] = [
  {
    fact: 'groups.block',
    title: 'Blocks',
    what: 'The pieces of the circuit, in the order they are built where it goes block by block. Paint the parts of one on the board.',
    row: 'a block',
    shape: 'lists-by-name',
    once: true,
    cells: [{ name: '', label: 'block', kind: 'text', needed: true, hint: 'supply' }, parts('*', 'its parts')],
  },
  {
    fact: 'feeds',
    title: 'What feeds what',
    what: 'A block that gives others their supply or signal: a fault there shows in all of them.',
    row: 'a block that feeds',
    shape: 'lists-by-name',
    cells: [
      { name: '', label: 'block', kind: 'block', needed: true },
      { name: '*', label: 'feeds', kind: 'blocks', needed: true },
    ],
  },
  {
    fact: 'groups.sockets',
    title: 'Sockets',
    what: 'Which IC goes into which socket, where places do not tell.',
    row: 'a socket',
    shape: 'lists',
    cells: [part('0', 'socket', 'XU1'), part('1', 'holds', 'U1')],
  },
  {
    fact: 'groups.mates',
    title: 'Plugs that meet',
    what: 'Parts of two boards that plug into each other: one is the jig of the other.',
    row: 'a pair',
    shape: 'lists',
    cells: [part('0', 'plug'), part('1', 'goes into')],
  },
  {
    fact: 'groups.before',
    title: 'First this, then that',
    what: 'An order of two parts that nothing else gives.',
    row: 'an order',
    shape: 'lists',
    cells: [part('0', 'first'), part('1', 'then')],
  },
  {
    fact: 'groups.subassembly',
    title: 'Bolted together first',
    what: 'Parts that are joined before they are soldered, a transistor and its heat sink.',
    row: 'a sub-assembly',
    shape: 'lists',
    cells: [parts('*', 'parts')],
  },
  {
    fact: 'groups.panels',
    title: 'Panels',
    what: 'Parts that stand in the holes of a panel: it is put over them before they are soldered.',
    row: 'a panel',
    shape: 'objects',
    cells: [
      part('by', 'panel'),
      parts('parts', 'stand in it'),
      { name: 'plasticLast', label: 'plastic, last', kind: 'parts' },
    ],
  },
  {
    fact: 'groups.covers',
    title: 'Covers',
    what: 'What closes the way to parts below it: they are set and tested before.',
    row: 'a cover',
    shape: 'objects',
    cells: [part('by', 'cover'), parts('over', 'over')],
  },
  {
    fact: 'groups.fixings',
    title: 'Fixings',
    what: 'Screws, standoffs and feet, and what they hold.',
    row: 'a fixing',
    shape: 'objects',
    cells: [part('by', 'by'), parts('holds', 'holds')],
  },
  {
    fact: 'groups.cures',
    title: 'Waits',
    what: 'Glue, varnish and resin that need hours: they begin early, work goes on meanwhile.',
    row: 'a wait',
    shape: 'objects',
    cells: [
      { name: 'name', label: 'what', kind: 'text', needed: true, hint: 'varnish' },
      parts('of', 'on'),
      {
        name: 'when',
        label: 'when',
        kind: 'choice',
        choices: [
          ['before-fitting', 'before it is fitted'],
          ['after-fitting', 'after it is fitted'],
        ],
      },
      { name: 'hours', label: 'hours', kind: 'number', needed: true },
      { name: 'blocks', label: 'meanwhile not', kind: 'parts' },
    ],
  },
  {
    fact: 'groups.snapOff',
    title: 'Boards snapped off',
    what: 'A joined board is separated before these parts span the joint.',
    row: 'a board',
    shape: 'objects',
    cells: [{ name: 'board', label: 'board', kind: 'board', needed: true }, parts('before', 'before')],
  },
  {
    fact: 'groups.selected',
    title: 'Matched parts',
    what: 'Parts that are measured and sorted so that they differ by little.',
    row: 'a set',
    shape: 'objects',
    cells: [
      parts('parts', 'parts'),
      { name: 'maxDifference', label: 'differ by at most', kind: 'text', needed: true, hint: '2 mV' },
    ],
  },
];

const WIRES: readonly FactSpec[] = [
  {
    fact: 'wires',
    title: 'Wires',
    what: 'Each wire with both ends, its length and colour: steps, cut lists and the wire table follow it.',
    row: 'a wire',
    shape: 'objects',
    cells: [
      { name: 'name', label: 'name', kind: 'text', needed: true, hint: 'W1' },
      { name: 'from', label: 'from', kind: 'end', needed: true, hint: 'J1.1' },
      { name: 'to', label: 'to', kind: 'end', needed: true, hint: 'SW1.a' },
      { name: 'mm', label: 'mm', kind: 'number', needed: true },
      { name: 'colour', label: 'colour', kind: 'text', hint: 'red' },
      { name: 'stripped', label: 'stripped, mm', kind: 'pair', hint: '5 5' },
      { name: 'face', label: 'leaves from', kind: 'choice', choices: FACES },
      { name: 'relief', label: 'strain relief', kind: 'text' },
    ],
  },
];

const BENCH: readonly FactSpec[] = [
  {
    fact: 'gates',
    title: 'Gates',
    what: 'Where building stops until a test has passed.',
    row: 'a gate',
    shape: 'objects',
    cells: [
      { name: 'name', label: 'name', kind: 'text', needed: true, hint: 'supply' },
      parts('needs', 'needs'),
      { name: 'protects', label: 'before it never', kind: 'parts' },
      { name: 'expect', label: 'expects', kind: 'text', hint: '4.9 to 5.2 V' },
      { name: 'early', label: 'as early as it can', kind: 'yes' },
    ],
  },
  {
    fact: 'gates',
    title: 'Lent to a gate',
    what: 'A link or a part that stands in for a test only, and what becomes of it then.',
    row: 'what is lent',
    shape: 'lent',
    cells: [
      { name: 'gate', label: 'gate', kind: 'gate', needed: true },
      { name: 'link', label: 'link between', kind: 'ends', hint: 'TP3 TP4' },
      { name: 'part', label: 'or a part', kind: 'part' },
      { name: 'why', label: 'why', kind: 'text', hint: 'holds reset' },
      {
        name: 'then',
        label: 'then',
        kind: 'choice',
        choices: [
          ['remove', 'it is taken away'],
          ['solder', 'it is soldered'],
        ],
      },
    ],
  },
  {
    fact: 'symptoms',
    title: 'What a builder may notice',
    what: 'Faults of this kit in a builder’s words, beside those that every kit has, and the blocks they point to.',
    row: 'a symptom',
    shape: 'objects',
    cells: [
      { name: 'name', label: 'what', kind: 'text', needed: true, hint: 'lamp 2 stays dark' },
      { name: 'blocks', label: 'points to', kind: 'blocks' },
    ],
  },
  {
    fact: 'nets',
    title: 'What parts see',
    what: 'Volts across a part, what clamps a coil, what drives it, what empties a capacitor.',
    row: 'a part',
    shape: 'named',
    cells: [
      part('', 'part'),
      { name: 'across', label: 'volts across it', kind: 'text', hint: '9 V - 2 V' },
      { name: 'clamps', label: 'clamps', kind: 'part' },
      { name: 'drivenBy', label: 'driven by', kind: 'part' },
      { name: 'bleeder', label: 'emptied by', kind: 'part' },
    ],
  },
];

const DRILLING: readonly FactSpec[] = [
  {
    fact: 'drilling',
    title: 'Holes',
    what: 'Holes in the faces of a case or panel: where, how large, what goes through. The template, the parts behind and the lid follow them.',
    row: 'a hole',
    shape: 'holes',
    cells: [
      part('by', 'of', 'BOX1'),
      { name: 'face', label: 'face', kind: 'text', hint: 'lid' },
      { name: 'size', label: 'face, mm', kind: 'pair', hint: '80 60' },
      part('for', 'for'),
      { name: 'at', label: 'at x y, mm', kind: 'pair', needed: true, hint: '20 15.5' },
      { name: 'diameter', label: 'mm wide', kind: 'number', hint: '6.5' },
      { name: 'stack', label: 'from outside in', kind: 'parts' },
    ],
  },
];

/** The subjects of the page, each with what can be said of it. */
export const SUBJECTS = [
  { id: 'kit', name: 'Kit', specs: KIT },
  { id: 'part', name: 'A part', specs: [] },
  { id: 'boards', name: 'Boards', specs: BOARDS },
  { id: 'together', name: 'Order', specs: ORDER },
  { id: 'wires', name: 'Wires', specs: WIRES },
  { id: 'bench', name: 'Gates and tests', specs: BENCH },
  { id: 'drilling', name: 'Drilling', specs: DRILLING },
] as const;
