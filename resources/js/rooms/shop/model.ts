import type { Shop, ShopChange } from '@/shared/api';
import { like, maybe, needed, object, string, upTo } from '@/shared/ui/form';

const NUMBER = /\d{1,4}(?:\.\d{1,4})?/;
const AMOUNT = 'A number, for example 0.06.';
const MAIL = 'This is no mail address; customers write to it.';

export const SHOP = object({
  name: upTo(80),
  address: upTo(400),
  email: maybe(/\S+@\S+/, MAIL),
  publicAddress: maybe(/\S+/, 'An address without spaces, for example https://kits.example.'),
  currency: like(/[A-Za-z]{3}/, 'Three letters, for example EUR.'),
  paper: string(),
  language: string(),
  secondLanguage: string(),
  wage: like(NUMBER, AMOUNT),
  bagCost: like(NUMBER, AMOUNT),
  bagMinutes: like(NUMBER, AMOUNT),
  stripMinutes: like(NUMBER, AMOUNT),
  scaleDivision: like(NUMBER, 'Grams, for example 0.01.'),
  scaleRepeatability: like(NUMBER, 'Grams, for example 0.005.'),
  checkMass: like(NUMBER, 'Grams, for example 50.'),
  scaleUnit: string(),
  scaleStable: string(),
  readsBins: string(),
});

export type ShopWords = Record<keyof ReturnType<typeof wordsOf>, string>;

/** `18.00` stands as 18, `0.0600` as 0.06. */
function short(amount: string): string {
  return String(Number(amount));
}

export function wordsOf(shop: Shop) {
  return {
    name: shop.name,
    address: shop.address,
    email: shop.email,
    publicAddress: shop.publicAddress ?? '',
    currency: shop.currency,
    paper: shop.paper as string,
    language: shop.language as string,
    secondLanguage: shop.secondLanguage ?? '',
    wage: short(shop.wage),
    bagCost: short(shop.bagCost),
    bagMinutes: short(shop.bagMinutes),
    stripMinutes: short(shop.stripMinutes),
    scaleDivision: short(shop.scaleDivision),
    scaleRepeatability: short(shop.scaleRepeatability),
    checkMass: short(shop.checkMass),
    scaleUnit: shop.scaleUnit,
    scaleStable: shop.scaleStable ?? '',
    readsBins: shop.readsBins ? 'yes' : 'no',
  };
}

/** What the form says otherwise than the shop did when it was opened, on top of the version that was seen last. */
export function changeOf(shop: Shop, version: number, words: ShopWords): ShopChange {
  const before: ShopWords = wordsOf(shop);
  const changed = Object.entries(words).filter(([field, text]) => before[field as keyof ShopWords] !== text.trim());
  const amounts = [
    ...['wage', 'bagCost', 'bagMinutes', 'stripMinutes'],
    ...['scaleDivision', 'scaleRepeatability', 'checkMass'],
  ];
  return Object.assign(
    { version },
    ...changed.map(([field, text]) => ({
      [field]: field === 'readsBins' ? text === 'yes' : amounts.includes(field) ? Number(text) : text.trim(),
    })),
  ) as ShopChange;
}

export const INVITE = object({
  name: needed('Say who it is.'),
  email: like(/\S+@\S+/, 'A mail address, by which they sign in.'),
  role: string(),
});

export const ROLES = [
  ['maker', 'maker: everything'],
  ['packer', 'packer: packing, stock, sales'],
  ['support', 'support: reports and answers'],
] as const;

/** The address as a label shows it: without the scheme. */
export function inLetters(address: string): string {
  return address.replace(/^https?:\/\//, '').replace(/\/$/, '');
}
