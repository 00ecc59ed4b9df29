import type { components } from '@/shared/api/schema';
import { BANDS, letters } from './bands';

/** How a part is marked, drawn as the builder sees it: bands with letters beside them, or the print. */
export function Marking({ marking }: { marking: components['schemas']['Marking'] | null }) {
  if (!marking) return null;
  if (marking.type === 'bands') {
    const count = marking.bands.length;
    return (
      <span className="bands">
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
        <span className="m quiet" title={marking.text}>
          {marking.bands.map(letters).join(' ')}
          {marking.text === '' ? '' : ' ?'}
        </span>
      </span>
    );
  }
  if (marking.type === 'band') {
    const glass = marking.text.startsWith('dark');
    return (
      <span className="bands">
        <svg width="66" height="14" viewBox="0 0 66 14" aria-hidden="true">
          <path d="M0 7h66" stroke="var(--ink3)" strokeWidth="1.4" />
          <rect x="17" y="1" width="32" height="12" rx="3" fill={glass ? '#C46A3A' : '#26292C'} />
          <rect x="20" y="1" width="5" height="12" fill={glass ? '#161616' : '#C9CCCB'} />
        </svg>
        <span className="quiet">{marking.text}</span>
      </span>
    );
  }
  return <span className="print m">{marking.text}</span>;
}
