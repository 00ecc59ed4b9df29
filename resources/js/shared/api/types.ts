import type { components, paths } from './schema';

type Schemas = components['schemas'];

export type Person = Schemas['Person'];
export type Shelf = Schemas['Shelf'];
export type ShelfRow = Schemas['ShelfRow'];
export type Import = Schemas['Import'];
export type Revisions = Schemas['Revisions'];
export type RunChange = Schemas['RunChange'];
export type Serials = Schemas['Serials'];
export type Moves = Schemas['Moves'];
export type OrdersBooked = Schemas['OrdersBooked'];
export type Header = Schemas['Header'];
export type Matter = Schemas['Matter'];
export type PartsDocument = Schemas['Parts'];
export type PartLine = Schemas['PartLine'];
export type Order = Schemas['Order'];
export type Circle = Schemas['Circle'];
export type Step = Schemas['Step'];
export type Score = Schemas['Score'];
export type ScoreChange = Schemas['ScoreChange'];
export type Override = Schemas['Override'];
export type Trial = Schemas['Trial'];
export type Boards = Schemas['Boards'];
export type BoardPart = Schemas['BoardPart'];
export type BoardDrawing = Schemas['BoardDrawing'];
export type Skyline = Schemas['Skyline'];
export type Markings = Schemas['Markings'];
export type Change = Schemas['Change'];
export type LoggedChange = Schemas['LoggedChange'];
/** The field of one kind of change. */
export type ChangeField<T extends Change['type']> = Extract<Change, { type: T }>['field'];
export type Conflict = Schemas['Conflict'];
export type Marks = Schemas['Marks'];
export type Callout = Schemas['Callout'];
export type Reason = Schemas['Reason'];
export type Bags = Schemas['Bags'];
export type Bag = Schemas['Bag'];
export type BagItem = Schemas['BagItem'];
export type ManualDocument = Schemas['Manual'];
export type ManualStep = Schemas['ManualStep'];
export type BoardFiles = Schemas['BoardFiles'];
export type Safety = Schemas['Safety'];
export type Faults = Schemas['Faults'];
export type FaqEntry = Schemas['FaqEntry'];
export type Counted = Schemas['Counted'];
export type Runs = Schemas['Runs'];
export type Run = Schemas['Run'];
export type RunLine = Schemas['RunLine'];
export type PackAction = 'in' | 'short' | 'undo' | 'lot';
export type Stock = Schemas['Stock'];
export type SalesOrders = Schemas['SalesOrders'];
export type SalesOrder = Schemas['SalesOrder'];
export type Reports = Schemas['Reports'];
export type Report = Schemas['Report'];
export type Mails = Schemas['Mails'];
export type Export = Schemas['Export'];
export type BuilderPage = Schemas['BuilderPage'];
export type Difference = Schemas['Difference'];
export type DifferenceEntry = Schemas['DifferenceEntry'];
export type KitOption = Schemas['Option'];
export type LookAlikePair = Schemas['LookAlikePair'];
export type Library = Schemas['Library'];
export type LibraryPart = Schemas['LibraryPart'];
export type Given = Schemas['Given'];
export type Approach = Schemas['Approach'];
export type OldText = Schemas['OldText'];
export type Drawings = Schemas['Drawings'];
export type Facts = Schemas['Facts'];
export type Bench = Schemas['Bench'];
export type BenchTest = Schemas['BenchTest'];
export type Ends = Schemas['Ends'];
export type PilotLog = Schemas['PilotLog'];
export type Shop = Schemas['Shop'];
export type People = Schemas['People'];
export type Invited = Schemas['Invited'];
export type Invitation = Schemas['Invitation'];
export type Doctor = Schemas['Doctor'];
export type Role = Schemas['Person']['role'];

/** What a write takes, by its path. */
export type Body<P extends keyof paths> = paths[P] extends {
  post: { requestBody: { content: { 'application/json': infer Given } } };
}
  ? Given
  : never;

export type PackSize = Body<'/runs'>['packSize'];
export type Symptom = Schemas['Symptom'];
export type Cause = Schemas['Cause'];
export type ExportKind = Body<'/exports'>['kind'];
export type Paper = NonNullable<Body<'/exports'>['paper']>;
export type ShopChange = Omit<paths['/shop']['put']['requestBody']['content']['application/json'], 'operationId'>;
