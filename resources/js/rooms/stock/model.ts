import type { Article, Lot, LotLook, StockPart } from '@/shared/api';
import { like, maybe, needed, object, string } from '@/shared/ui/form';

/** What has to be said of a lot that came in; the server has the last word. */
export const RECEIPT = object({
  lot: needed('Write the code on the bag, or the day.'),
  quantity: like(/(?!0+(?:[.,]0+)?$)\d{1,8}(?:[.,]\d{1,3})?/, 'How many came in, above 0, like 200.'),
  unitCost: maybe(/\d{1,8}(?:[.,]\d{1,8})?/, 'The price of one, like 0.0125.'),
  receivedOn: needed('Write the day like 2026-11-03.'),
  supplier: string(),
});

export function receiptWords(today: Date) {
  return { lot: '', quantity: '', unitCost: '', receivedOn: today.toISOString().slice(0, 10), supplier: '' };
}

/** A quantity with its unit: pieces are counted, wire is measured. */
export function amount(quantity: number, unit: 'piece' | 'mm'): string {
  if (unit === 'mm') return `${(quantity / 1000).toLocaleString('en', { maximumFractionDigits: 2 })} m`;
  return quantity.toLocaleString('en');
}

/** How long each lot's bar is, as shares of all that is on hand. */
export function shares(lots: readonly Lot[]): { lot: Lot; share: number }[] {
  const there = lots.filter((lot) => lot.onHand > 0);
  const all = there.reduce((sum, lot) => sum + lot.onHand, 0);
  return there.map((lot) => ({ lot, share: lot.onHand / all }));
}

/** The day a lot came in, and from whom; a lot that a packer has named was not received yet. */
export function origin(lot: Lot): string {
  if (!lot.isReceived) return 'named while packing, not received yet';
  return [lot.receivedOn, lot.supplier].filter((text) => text !== '').join(', ');
}

const VERDICTS: Readonly<Record<NonNullable<LotLook['verdict']>, string>> = {
  accepted: 'It is what the list says.',
  another: 'It is another part:',
  wider: 'The value is right, its tolerance is wider than the list asks.',
  measure: 'Read from the other end it is another part of the list. Measure it; it may be',
  more: 'Other parts begin so too; type more of the print.',
  stranger: 'It is nothing that the list has.',
  light: 'It bears no mark: light it and look at the colour.',
  unmarked: 'It bears no mark: measure it.',
};

/** What the first piece was found to be, in words. */
export function verdict(look: LotLook): string {
  if (look.verdict === null) return '';
  const others = look.parts.join(', ');
  const reads =
    look.verdict === 'stranger' && look.readings.length > 0 ? ` It reads ${look.readings.join(' or ')}.` : '';
  return `${VERDICTS[look.verdict]}${others === '' ? '' : ` ${others}`}${reads}`;
}

/** True where the lot should be held: it is not what the list says. */
export function isWrong(look: LotLook): boolean {
  return look.verdict === 'another' || look.verdict === 'stranger' || look.verdict === 'wider';
}

/** What a part's row says behind its amount. */
export function standing(part: Pick<StockPart, 'lots' | 'held' | 'toCount'>): string {
  return [
    part.toCount ? 'below nought: count it' : '',
    part.held ? 'a lot on hold' : '',
    part.lots === 0 ? '' : `${String(part.lots)} ${part.lots === 1 ? 'lot' : 'lots'}`,
  ]
    .filter((text) => text !== '')
    .join(', ');
}

/** What an article is, as a maker says it. */
export const FORMS: Readonly<Record<Article['form'], string>> = {
  kit: 'kit',
  class: 'class pack',
  board: 'board alone',
  case: 'case alone',
  spare: 'spare part',
  parcel: 'parcel of parts',
};

/** Forms that are made of parts and counted. */
export const GOODS = ['board', 'case', 'spare', 'parcel'] as const;

export function isGoods(article: Pick<Article, 'form'>): boolean {
  return article.form !== 'kit' && article.form !== 'class';
}

/** How many more the parts on hand allow: the least over them. */
export function makeable(article: Pick<Article, 'parts'>): number {
  return article.parts.length === 0
    ? 0
    : Math.max(0, Math.floor(Math.min(...article.parts.map((part) => part.onHand / part.quantity))));
}
