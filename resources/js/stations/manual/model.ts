import type { ManualDocument, ManualStep } from '@/shared/api';

export type View = 'pages' | 'safety' | 'settings' | 'files' | 'old';

export const VIEWS: readonly { id: View; name: string }[] = [
  { id: 'pages', name: 'Pages' },
  { id: 'safety', name: 'Safety' },
  { id: 'settings', name: 'Settings' },
  { id: 'files', name: 'Prints and files' },
  { id: 'old', name: 'Old manual' },
];

type PlacedTest = { step: number; test: ManualStep['tests'][number] };

/** Every test with the step it is made at. */
export function testsOf(manual: ManualDocument): PlacedTest[] {
  return manual.steps.flatMap((step) => step.tests.map((test) => ({ step: step.number, test })));
}

/** What a maker may set for the manual, with the words for each choice. */
export const SETTINGS: readonly {
  field: 'skill' | 'alloy' | 'workholding' | 'solderFrom' | 'units' | 'paper' | 'language' | 'colour';
  label: string;
  does: string;
  choices: readonly { value: string; name: string }[];
}[] = [
  {
    field: 'skill',
    label: 'Written for',
    does: 'Minutes of every step, and what "Before you buy" says of skill.',
    choices: [
      { value: 'beginner', name: 'a beginner' },
      { value: 'practised', name: 'somebody practised' },
    ],
  },
  {
    field: 'alloy',
    label: 'Solder',
    does: 'The setting of the iron, the solder in the tools, and the caution about lead.',
    choices: [
      { value: 'leaded', name: 'leaded' },
      { value: 'lead-free', name: 'lead-free' },
    ],
  },
  {
    field: 'workholding',
    label: 'The board lies',
    does: 'How parts are held while it is turned over.',
    choices: [
      { value: 'table', name: 'on the table' },
      { value: 'holder', name: 'in a holder' },
      { value: 'frame', name: 'in a frame' },
    ],
  },
  {
    field: 'solderFrom',
    label: 'Soldered from',
    does: 'From the component side nothing has to be held.',
    choices: [
      { value: 'back', name: 'the back' },
      { value: 'front', name: 'the component side' },
    ],
  },
  {
    field: 'units',
    label: 'Lengths',
    does: 'An inch is 25.4 mm exactly; inches are printed to a hundredth.',
    choices: [
      { value: 'mm', name: 'in millimetres' },
      { value: 'inch', name: 'in inches' },
      { value: 'both', name: 'in both' },
    ],
  },
  {
    field: 'paper',
    label: 'Paper',
    does: 'Of everything that is printed from here.',
    choices: [
      { value: 'A4', name: 'A4' },
      { value: 'Letter', name: 'Letter' },
    ],
  },
  {
    field: 'language',
    label: 'Language',
    does: 'Of the fixed phrases. What you wrote yourself stays as you wrote it.',
    choices: [
      { value: 'en', name: 'English' },
      { value: 'de', name: 'Deutsch' },
    ],
  },
  {
    field: 'colour',
    label: 'Printed in',
    does: 'Without colour the boards are line drawings; bands always carry letters.',
    choices: [
      { value: 'true', name: 'colour' },
      { value: 'false', name: 'black and white' },
    ],
  },
];

/** The value a setting has in the manual, as a choice. */
export function settingOf(manual: ManualDocument, field: (typeof SETTINGS)[number]['field']): string {
  const usual = {
    skill: 'beginner',
    alloy: 'leaded',
    workholding: 'table',
    solderFrom: 'back',
    units: 'mm',
    paper: 'A4',
    language: 'en',
    colour: true,
  }[field];
  return String(manual[field] ?? usual);
}
