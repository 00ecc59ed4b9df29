import type { LotStop } from '@/shared/api';

const counted = (count: number, name: string) => `${String(count)} ${name}${count === 1 ? '' : 's'}`;

/** What stopping a lot does, or did, each as a sentence. */
export function consequences(sheet: LotStop): readonly string[] {
  const aside = sheet.shelf.filter((kit) => kit.entry === 'allocated').length;
  const done = sheet.stop !== null;
  const pieces = sheet.onHand < 0 ? 'Its count is below nought; count what is left of it.' : '';
  return [
    `${counted(Math.max(0, sheet.onHand), 'piece')} on the shelf ${done ? 'are' : 'will be'} on hold: the packing bench refuses them.${pieces === '' ? '' : ` ${pieces}`}`,
    sheet.shelf.length === 0
      ? 'No kit in the shop has pieces of it.'
      : `${counted(sheet.shelf.length, 'kit')} in the shop ${done ? 'are' : 'will be'} held and not sold.${
          aside === 0
            ? ''
            : ` ${counted(aside, 'kit')} of them ${aside === 1 ? 'is' : 'are'} set aside; the order waits for others then.`
        }`,
    sheet.shipped === 0
      ? 'No kit with it has left the shop.'
      : `${counted(sheet.shipped, 'kit')} with it ${sheet.shipped === 1 ? 'has' : 'have'} left the shop, to ${counted(sheet.customers, 'customer')} with a mail address.${
          sheet.unreached.length === 0 ? '' : ` Nobody can be written to for ${sheet.unreached.join(', ')}.`
        }`,
  ];
}
