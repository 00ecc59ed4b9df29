import type { MailSettings, Shop, ShopChange } from '@/shared/api';
import { like, maybe, needed, object, string, upTo } from '@/shared/ui/form';

const NUMBER = /\d{1,4}(?:\.\d{1,4})?/;
const AMOUNT = 'A number, for example 0.06.';
const NO_MAIL = 'This is no mail address; customers write to it.';

export const SHOP = object({
  name: upTo(80),
  address: upTo(400),
  email: maybe(/\S+@\S+/, NO_MAIL),
  publicAddress: maybe(/\S+/, 'An address without spaces, for example https://kits.example.'),
  currency: like(/[A-Za-z]{3}/, 'Three letters, for example EUR.'),
  country: upTo(60),
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
    country: shop.country,
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

const PORT = 'A number, usually 587 or 993.';

/** By which way letters go; passwords stand apart and are never kept on the device. */
export const MAIL = object({
  way: string(),
  smtpHost: upTo(190),
  smtpPort: like(/\d{1,5}/, PORT),
  smtpSecurity: string(),
  smtpUser: upTo(190),
  imapHost: upTo(190),
  imapPort: like(/\d{1,5}/, PORT),
  imapSecurity: string(),
  imapUser: upTo(190),
  imapFolder: needed('A folder, usually INBOX.'),
});

export function mailWords(now: MailSettings) {
  return {
    way: now.way as string,
    smtpHost: now.smtpHost,
    smtpPort: String(now.smtpPort),
    smtpSecurity: now.smtpSecurity as string,
    smtpUser: now.smtpUser,
    imapHost: now.imapHost,
    imapPort: String(now.imapPort),
    imapSecurity: now.imapSecurity as string,
    imapUser: now.imapUser,
    imapFolder: now.imapFolder,
  };
}

/** What is sent: ports as numbers, passwords only where one was typed. */
export function mailChange(
  version: number,
  words: ReturnType<typeof mailWords>,
  secrets: Readonly<{ smtp: string; imap: string }>,
): Record<string, string | number> & { version: number } {
  return {
    ...words,
    version,
    smtpPort: Number(words.smtpPort),
    imapPort: Number(words.imapPort),
    ...(secrets.smtp === '' ? {} : { smtpPassword: secrets.smtp }),
    ...(secrets.imap === '' ? {} : { imapPassword: secrets.imap }),
  };
}
