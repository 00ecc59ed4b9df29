import type { components } from './schema';

type Schemas = components['schemas'];

export type Person = Schemas['Person'];
export type ShelfRow = Schemas['ShelfRow'];
export type Header = Schemas['Header'];
export type Matter = Schemas['Matter'];
export type PartsDocument = Schemas['Parts'];
export type PartLine = Schemas['PartLine'];
export type Order = Schemas['Order'];
export type Cycle = Schemas['Cycle'];
export type Step = Schemas['Step'];
export type StepPart = Schemas['StepPart'];
export type Score = Schemas['Score'];
export type Override = Schemas['Override'];
export type Trial = Schemas['Trial'];
export type Boards = Schemas['Boards'];
export type BoardPart = Schemas['BoardPart'];
export type BoardDrawing = Schemas['BoardDrawing'];
export type Skyline = Schemas['Skyline'];
export type Markings = Schemas['Markings'];
export type Change = Schemas['Change'];
export type Conflict = Schemas['Conflict'];
export type Marks = Schemas['Marks'];
export type Callout = Schemas['Callout'];
export type Reason = Schemas['Reason'];
