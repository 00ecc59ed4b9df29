import { useEffect, useRef, useState } from 'react';
import { useDrawings } from '@/shared/api';
import { Drawing } from '@/shared/drawing';
import { Button } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './circuit.module.css';

type Props = {
  /** the revision whose drawings are shown */
  id: number;
  lit: string | null;
  onPick: (designator: string) => void;
};

/** The circuit drawings of a kit; a designator in them lights its part, and the part its designator. */
export function Circuit({ id, lit, onPick }: Props) {
  const drawings = useDrawings(id).data?.drawings ?? [];
  const [large, enlarge] = useState(false);
  if (drawings.length === 0) return null;
  return (
    <section className={styles['circuit']} aria-label="Circuit drawing">
      <p className={styles['bar']}>
        <b>Circuit</b>{' '}
        <Button
          look="link"
          aria-pressed={large}
          onClick={() => {
            enlarge(!large);
          }}
        >
          {large ? 'fit the width' : 'larger'}
        </Button>
      </p>
      {drawings.map((drawing) =>
        drawing.fault === '' ? (
          drawing.pages.map((page, index) => (
            <Page
              key={`${drawing.file} ${String(index)}`}
              svg={page}
              name={`${drawing.file}, page ${String(index + 1)}`}
              large={large}
              lit={lit}
              onPick={onPick}
            />
          ))
        ) : (
          <p key={drawing.file} className={ink['ochre']}>
            ▲ {drawing.fault}
          </p>
        ),
      )}
      <Named names={drawings.flatMap((drawing) => drawing.names)} lit={lit} onPick={onPick} />
    </section>
  );
}

type PageProps = { svg: string; name: string; large: boolean; lit: string | null; onPick: (name: string) => void };

function Page({ svg, name, large, lit, onPick }: PageProps) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    for (const word of box.current?.querySelectorAll<SVGElement>('[data-ref]') ?? []) {
      word.classList.toggle('lit', word.dataset['ref'] === lit);
    }
  }, [svg, lit]);
  return (
    <div className={styles['page']} tabIndex={0} role="region" aria-label={name}>
      <Drawing svg={svg} box={box} className={clsx(styles['drawing'], large && styles['large'])} onPick={onPick} />
    </div>
  );
}

function Named({
  names,
  lit,
  onPick,
}: {
  names: readonly string[];
  lit: string | null;
  onPick: (name: string) => void;
}) {
  if (names.length === 0) return <p className={ink['quiet']}>No designator of this kit is written in it as text.</p>;
  return (
    <p className={styles['names']}>
      {[...new Set(names)].map((name) => (
        <Button
          key={name}
          look="link"
          aria-pressed={name === lit}
          onClick={() => {
            onPick(name);
          }}
        >
          {name}
        </Button>
      ))}
    </p>
  );
}
