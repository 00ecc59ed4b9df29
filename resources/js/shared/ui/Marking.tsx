import type { components } from '@/shared/api/schema';
import { BANDS, letters } from './bands';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './Marking.module.css';

/** How a part is marked, drawn as the builder sees it: bands with letters beside them, or the print. */
type Props = {
  marking: components['schemas']['Marking'] | null;
  /** read in a line of a table, on the phone, or at arm's length */ size?: 'line' | 'phone' | 'arm';
};

export function Marking({ marking, size = 'line' }: Props) {
  if (!marking) return null;
  if (marking.type === 'bands') {
    const count = marking.bands.length;
    return (
      <span className={clsx(styles['bands'], styles[size])}>
        <svg width="66" height="14" viewBox="0 0 66 14" aria-hidden="true">
          <path d="M0 7h66" stroke="var(--ink3)" strokeWidth="1.4" />
          <rect x="11" y="0.5" width="44" height="13" rx="4" fill="#D8C29A" />
          {marking.bands.map((band, index) => (
            <rect
              key={`${band} ${String(index)}`}
              x={index === count - 1 && count > 2 ? 47 : 15 + index * (count > 4 ? 7 : 8)}
              y="0.5"
              width="4"
              height="13"
              fill={BANDS[band]?.fill ?? '#888'}
            />
          ))}
        </svg>
        <span className={clsx(styles['letters'], ink['m'], ink['quiet'])} title={marking.text}>
          {marking.bands.map(letters).join(' ')}
          {marking.text === '' ? '' : ' ?'}
        </span>
      </span>
    );
  }
  if (marking.type === 'band') {
    const glass = marking.text.startsWith('dark');
    return (
      <span className={clsx(styles['bands'], styles[size])}>
        <svg width="66" height="14" viewBox="0 0 66 14" aria-hidden="true">
          <path d="M0 7h66" stroke="var(--ink3)" strokeWidth="1.4" />
          <rect x="17" y="1" width="32" height="12" rx="3" fill={glass ? '#C46A3A' : '#26292C'} />
          <rect x="20" y="1" width="5" height="12" fill={glass ? '#161616' : '#C9CCCB'} />
        </svg>
        <span className={ink['quiet']}>{marking.text}</span>
      </span>
    );
  }
  return <span className={clsx(styles['print'], styles[size], ink['m'])}>{marking.text}</span>;
}
