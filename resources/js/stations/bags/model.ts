import type { Bags } from '@/shared/api';

/** The next free letter for a bag of the maker's own. */
export function freshName(bags: Bags): string {
  const taken = new Set(bags.bags.map((bag) => bag.name));
  for (let index = 0; index < 702; index += 1) {
    const name =
      index < 26
        ? String.fromCharCode(65 + index)
        : String.fromCharCode(64 + Math.floor(index / 26)) + String.fromCharCode(65 + (index % 26));
    if (!taken.has(name)) return name;
  }
  return 'ZZ';
}

/** Which bag a part is in. */
export function bagOf(bags: Bags, designator: string): string | null {
  return bags.bags.find((bag) => bag.items.some((item) => item.designators.includes(designator)))?.name ?? null;
}

/** Rows for copying and saving: bag, count, parts, value, kind. */
export function rowsOf(bags: Bags): string[][] {
  return [
    ['bag', 'count', 'parts', 'value', 'what'],
    ...bags.bags.flatMap((bag) =>
      bag.items.map((item) => [bag.name, String(item.quantity), names(item.designators), item.value, item.kindName]),
    ),
  ];
}

/** Designators as the contents list shows them; rows without any have none. */
export function names(designators: readonly string[]): string {
  return designators.filter((name) => !name.startsWith('~')).join(' ');
}
