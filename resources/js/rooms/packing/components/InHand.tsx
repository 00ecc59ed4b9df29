import type { PackPicture } from '@/shared/api';
import styles from './packing.module.css';

/** Pixels of a millimetre where the screen tells the truth, as CSS has it. */
const MM = 96 / 25.4;
const MOST = { width: 250, height: 130 } as const;

/** The part as it lies in the hand: large, and beside it as big as it is. */
export function InHand({ picture, name }: { picture: PackPicture | undefined; name: string }) {
  if (!picture) return null;
  const large = Math.min(MOST.width / picture.width, MOST.height / picture.height, 12 * MM);
  const times = Math.max(1, Math.round(large / MM));
  const drawn = (scale: number) => ({ width: picture.width * scale, height: picture.height * scale });
  // Our own drawing, made by the server from numbers and escaped names.
  const svg = { __html: picture.svg };
  return (
    <figure className={styles['inhand']} aria-label={`${name}, as it looks`}>
      <div style={drawn(Math.min(large, times * MM))} dangerouslySetInnerHTML={svg} />
      <figcaption>
        {picture.isTrue ? (
          times > 1 ? (
            <>
              <span>{times} times as large; true size</span>
              <div style={drawn(MM)} dangerouslySetInnerHTML={svg} />
            </>
          ) : (
            'true size'
          )
        ) : (
          'its kind; the size is not known'
        )}
      </figcaption>
    </figure>
  );
}
