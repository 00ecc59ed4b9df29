import type { BuilderPage } from '@/shared/api';
import { isObject, isTexts, keep, recall } from '@/shared/keep';
import { say, type Phrases } from './phrases';

export type Item = BuilderPage['manual']['bags']['bags'][number]['items'][number];
/** Where the builder has looked for a piece. */
export type Place = 'look-alike' | 'left-over' | 'on-board';
export type Claim = { designators: string[]; pieces: number; looked: Place[] };

function isClaim(value: unknown): value is Claim {
  return (
    isObject(value) &&
    isTexts(value['designators']) &&
    typeof value['pieces'] === 'number' &&
    isTexts(value['looked']) &&
    value['pieces'] > 0
  );
}

export function keptClaim(token: string): Claim | null {
  return recall<Claim | null>(
    `claim ${token}`,
    (value): value is Claim | null => value === null || isClaim(value),
    null,
  );
}

export function keepClaim(token: string, claim: Claim | null): void {
  keep(`claim ${token}`, claim);
}

/** The pieces that are missing, by their names where they have some: the first so many of the line. */
export function checksOfClaim(claim: Claim): { check: string; answer: string }[] {
  return [
    ...claim.designators.slice(0, claim.pieces).map((name) => ({ check: 'missing', answer: name })),
    { check: 'missing pieces', answer: String(claim.pieces) },
    ...claim.looked.map((place) => ({ check: place, answer: 'not there' })),
  ];
}

/** What is asked of a builder before a piece is said to be missing. */
export function placesOf(page: BuilderPage, item: Item): Place[] {
  const alike = page.contents[item.designators[0] ?? '']?.alike ?? [];
  const placed = item.designators.some((name) => name in page.boards.parts);
  return [
    ...(alike.length > 0 ? (['look-alike'] as const) : []),
    'left-over',
    ...(placed ? (['on-board'] as const) : []),
  ];
}

/** The other lines that a line may be taken for. */
export function alikeOf(page: BuilderPage, item: Item): Item[] {
  const alike = page.contents[item.designators[0] ?? '']?.alike ?? [];
  return page.manual.bags.bags.flatMap((bag) => bag.items).filter((each) => alike.includes(each.designators[0] ?? ''));
}

export function claimText(t: Phrases, item: Item, pieces: number): string {
  return say(t.claimText, {
    pieces,
    count: item.quantity,
    part: `${item.value} ${item.kindName}`.trim(),
    names: item.designators.filter((name) => !name.startsWith('~')).join(', '),
  });
}
