import { BENCH } from './benchSpecs';
import { CUTTING } from './cutSpecs';
import { ORDER } from './orderSpecs';
import { FACES, part, type FactSpec } from './spec';

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
    fact: 'revision',
    title: 'Revision',
    what: 'What this revision is called; each of a kit has a name of its own.',
    row: 'the revision',
    shape: 'text',
    cells: [{ name: 'text', label: 'revision', kind: 'text', needed: true, hint: 'B' }],
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
      { name: 'price', label: 'adds to the price', kind: 'text', hint: '4.00' },
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
  { id: 'bench', name: 'Gates and volts', specs: BENCH },
  { id: 'drilling', name: 'Drilling', specs: DRILLING },
  { id: 'cutting', name: 'Cutting', specs: CUTTING },
] as const;
