import { part, parts, type FactSpec } from './spec';

/** Gates, what they borrow, what a builder may notice, what parts see. */
export const BENCH: readonly FactSpec[] = [
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
