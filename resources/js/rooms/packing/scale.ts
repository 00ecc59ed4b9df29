import type { BinScale, WeighedBag } from '@/shared/api';

/** Pieces that a hand took beyond whole kits. */
function over(pieces: number, each: number): number {
  return pieces % each;
}

type Said = { text: string; warns: boolean };

const calm = (text: string): Said => ({ text, warns: false });
const warn = (text: string): Said => ({ text, warns: true });

function piecesOf(count: number): string {
  return `${String(count)} ${count === 1 ? 'piece' : 'pieces'}`;
}

/** What the scale says, as the packer reads it from across the bench. */
export function scaleWords(bin: BinScale, each: number, left = Infinity): Said {
  return (bin.gains ? cupWords(bin, each) : null) ?? binWords(bin, each, left);
}

/** Bag by bag: what the bag in its cup gains; null where a cup says the same as a bin. */
function cupWords(bin: BinScale, each: number): Said | null {
  switch (bin.state) {
    case 'no-bag':
      return calm('The cup is empty: stand the next bag in it, open.');
    case 'bag-set':
      return calm(`The bag stands in the cup. Put ${piecesOf(each)} in.`);
    case 'ready':
      return calm(`Put ${piecesOf(each)} into the bag.`);
    case 'settling':
      return calm('It swings: a hand is at the bag.');
    case 'took':
      return calm(`${piecesOf(bin.pieces)} in.`);
    case 'unclear':
      if (bin.pieces < each) return warn(`${piecesOf(bin.pieces)} in: ${String(each - bin.pieces)} more.`);
      if (bin.pieces > each) return warn(`${piecesOf(bin.pieces)} in: take ${String(bin.pieces - each)} out again.`);
      return warn(`About ${piecesOf(bin.pieces)}, but not surely. Is it the right part? Count by eye.`);
    case 'put-back':
      return warn(`${piecesOf(bin.pieces)} came out of the bag. If they were counted as packed, undo (Z).`);
    default:
      return null;
  }
}

function binWords(bin: BinScale, each: number, left: number): Said {
  const pieces = piecesOf(bin.pieces);
  switch (bin.state) {
    case 'no-bag':
    case 'bag-set':
      return calm('');
    case 'off':
      return warn('The scale is silent. Count by eye, or switch it on.');
    case 'settling':
      return calm('It swings: a hand is in the bin.');
    case 'ready':
      return calm(`Take pieces for up to ${String(bin.handful)} ${bin.handful === 1 ? 'kit' : 'kits'} in one go.`);
    case 'creeping':
      return warn('It creeps by itself: static charge or a draught. Nothing counts until it stands.');
    case 'took':
      if (bin.kits > left)
        return warn(
          `Pieces for ${String(bin.kits)} kits, and only ${String(left)} ${left === 1 ? 'pocket is' : 'pockets are'} left: put the rest back.`,
        );
      return calm(`${pieces}: for ${String(bin.kits)} ${bin.kits === 1 ? 'kit' : 'kits'}.`);
    case 'unclear': {
      const kits = Math.floor(bin.pieces / each);
      const rest = over(bin.pieces, each);
      if (kits > bin.handful)
        return warn(`About ${pieces}: too many to be sure. Put some back: up to ${String(bin.handful)} kits at once.`);
      if (rest === 0) return warn(`About ${pieces}, but not surely. Count them by eye.`);
      return warn(
        `${pieces}: ${String(rest)} too many for ${String(kits)} ${kits === 1 ? 'kit' : 'kits'}, ${String(each - rest)} too few for ${String(kits + 1)}.`,
      );
    }
    case 'too-long':
      return warn(`A hand was in the bin for over 10 s; the scale may have drifted. Count these by eye.`);
    case 'put-back':
      return warn(`${pieces} came back. If they were counted as packed, undo (Z).`);
    case 'refill':
      return warn('More came into the bin: of which lot? (L)');
    case 'lifted':
      return warn('The bin was lifted off. Stand it back; the check mass comes next.');
  }
}

/** Why a line is counted by eye. */
export function byEyeWords(bin: BinScale): string {
  if (bin.byEye === 'not-weighed')
    return 'Count these by eye: they were weighed less than five times (Bags, Weighing).';
  if (bin.byEye === 'by-length') return 'Measured by its length, on the printed ruler.';
  return bin.wouldDo === null
    ? 'Count these by eye: they are too light for any usual scale.'
    : `Count these by eye: too light for this scale. One of ${String(bin.wouldDo)} g would tell them.`;
}

/** Where on the needle's scale a mass lies, 0 at one too few, 1 at one too many. */
export function along(needle: NonNullable<BinScale['needle']>, grams: number): number {
  return Math.min(1.15, Math.max(-0.15, (grams - needle.less) / (needle.more - needle.less)));
}

const WHAT: Readonly<Record<WeighedBag['suspects'][number]['what'], string>> = {
  missing: 'one missing',
  extra: 'one too many',
  swapped: 'one exchanged for',
};

/** What a bag's weight says, as the packer reads it. */
export function bagWords(bag: WeighedBag): { text: string; warns: boolean }[] {
  if (bag.low === null || bag.high === null || bag.inside === null)
    return [
      {
        text: `It has no window: ${names(bag.unweighed)} ${bag.unweighed.length === 1 ? 'was' : 'were'} weighed less than five times. Count it by eye.`,
        warns: true,
      },
    ];
  const window = `${bag.low.toFixed(2)} to ${bag.high.toFixed(2)} g`;
  const eye = bag.byEye.length === 0 ? [] : [{ text: `Count by eye: ${names(bag.byEye)}.`, warns: false }];
  if (bag.inside) return [{ text: `${bag.grams.toFixed(2)} g is right: ${window}.`, warns: false }, ...eye];
  const real = Math.round(100 * (bag.real ?? 1));
  return [
    {
      text: `${bag.grams.toFixed(2)} g is outside ${window}. Of such bags ${String(real)} in 100 are wrong.`,
      warns: true,
    },
    ...(bag.suspects.length === 0
      ? [{ text: 'No single piece explains it: is it another bag, or does something lie beside it?', warns: true }]
      : bag.suspects.map(({ what, designators, with: other, chance }) => ({
          text: `${designators.join(' ')}: ${WHAT[what]}${other === null ? '' : ` ${other.join(' ')}`} (${String(Math.round(100 * chance))} in 100)`,
          warns: false,
        }))),
    ...eye,
  ];
}

function names(lists: readonly (readonly string[])[]): string {
  return lists.map((list) => list.join(' ')).join(', ');
}
