import { part, parts, type FactSpec } from './spec';

/** What is bought in bars and on reels, and what is cut and wound from it. */
export const CUTTING: readonly FactSpec[] = [
  {
    fact: 'stock',
    title: 'Bars and reels',
    what: 'What is cut for each kit. Strips of a kind and wires of a colour are taken from it by themselves; a cut may take a position or a saw’s width.',
    row: 'a bar or reel',
    shape: 'objects',
    cells: [
      { name: 'name', label: 'called', kind: 'text', needed: true, hint: 'pin strip 40' },
      {
        name: 'kind',
        label: 'strips',
        kind: 'choice',
        choices: [
          ['', 'none'],
          ['pin-header', 'pin strips'],
          ['socket-strip', 'socket strips'],
        ],
      },
      { name: 'colour', label: 'wires of', kind: 'text', hint: 'red' },
      { name: 'length', label: 'long', kind: 'number', needed: true, hint: '40' },
      {
        name: 'unit',
        label: 'in',
        kind: 'choice',
        choices: [
          ['mm', 'mm'],
          ['position', 'positions'],
        ],
      },
      { name: 'loss', label: 'lost at a cut', kind: 'number', hint: '1' },
    ],
  },
  {
    fact: 'cuts',
    title: 'Pieces besides',
    what: 'Pieces that follow from no strip and no wire, like sleeves: one for each part that is named, in every kit.',
    row: 'a piece',
    shape: 'objects',
    cells: [
      { name: 'stock', label: 'cut from', kind: 'text', needed: true, hint: 'sleeve' },
      parts('of', 'for'),
      { name: 'length', label: 'long', kind: 'number', needed: true, hint: '12' },
    ],
  },
  {
    fact: 'windings',
    title: 'Coils wound by hand',
    what: 'How much wire a coil takes follows from its turns; all in millimetres.',
    row: 'a coil',
    shape: 'objects',
    cells: [
      part('part', 'coil', 'L1'),
      { name: 'turns', label: 'turns', kind: 'number', needed: true, hint: '32' },
      { name: 'former', label: 'former, mm wide', kind: 'number', needed: true, hint: '8' },
      { name: 'wire', label: 'wire, mm', kind: 'number', needed: true, hint: '0.4' },
      { name: 'pitch', label: 'from turn to turn', kind: 'number', hint: '0.4' },
      { name: 'tails', label: 'tails, mm', kind: 'pair', hint: '25 35' },
    ],
  },
];
