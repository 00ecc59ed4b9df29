/** What happened to a packed kit, in words. */
export const ENTRIES: Readonly<Record<string, string>> = {
  packed: 'packed',
  unpacked: 'taken apart',
  opened: 'out of a class pack',
  allocated: 'set aside for an order',
  freed: 'free again',
  held: 'held back',
  shipped: 'shipped',
  returned: 'came back',
  scrapped: 'scrapped',
};

/** What happened to a lot, in words. */
export const LOT_ENTRIES: Readonly<Record<string, string>> = {
  received: 'received',
  counted: 'counted',
  packed: 'packed',
  unpacked: 'taken out of a bag',
  wasted: 'wasted',
  sent: 'sent as a replacement',
  returned: 'came back',
  corrected: 'corrected',
  held: 'put on hold',
  freed: 'free again',
  look: 'doubted: look at one',
  looked: 'looked at: right',
};
