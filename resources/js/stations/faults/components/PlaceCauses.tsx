import { Fragment } from 'react';
import { useMend, useMe, useUnmend, type Faults } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Press, Refusal, TextLink } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import { causesAt, MEND_PLACES, saved, whySaved } from '../model';
import styles from './faults.module.css';

type Props = { faults: Faults; place: string };

/** What was reported of one place, what each cause costs, and where it is mended: done is remembered there. */
export function PlaceCauses({ faults, place }: Props) {
  const kit = useKit();
  const me = useMe();
  const mend = useMend(kit.id);
  const unmend = useUnmend(kit.id);
  const may = me.data?.abilities.includes('answer-reports') ?? false;
  const causes = causesAt(faults.savings.causes, place);
  return (
    <div className={styles['causes']}>
      {causes.map((cause) => (
        <section key={cause.name} aria-label={cause.name}>
          <h3>{cause.name}</h3>
          <p>{saved(cause, faults.savings)}</p>
          {kit.why && <p className={ink['quiet']}>{whySaved(cause, faults.savings)}</p>}
          <p className={ink['quiet']}>
            Mend it at{' '}
            {MEND_PLACES.map(({ place: at, station, name }, index) => (
              <Fragment key={at}>
                {index > 0 && (index === MEND_PLACES.length - 1 ? ' or ' : ', ')}
                <TextLink to={`/kits/${String(kit.id)}/${station}?part=${encodeURIComponent(place)}`}>{name}</TextLink>
              </Fragment>
            ))}
            .
          </p>
          {may && (
            <p className={styles['mendat']} role="group" aria-label={`Where ${cause.name} was mended`}>
              <span className={ink['quiet']}>Mended:</span>
              {MEND_PLACES.map(({ place: at, short }) => {
                const made = faults.mended.find((each) => each.name === cause.name && each.place === at);
                return (
                  <Press
                    key={at}
                    className={styles['mendplace']}
                    aria-pressed={made !== undefined}
                    disabled={mend.isPending || unmend.isPending}
                    onClick={() => {
                      if (made) unmend.mutate(made.id);
                      else mend.mutate({ cause: cause.cause, part: cause.part, place: at });
                    }}
                  >
                    {made && '■ '}
                    {short}
                  </Press>
                );
              })}
            </p>
          )}
        </section>
      ))}
      {causes.length === 0 && <p className={ink['quiet']}>Its reports are of kits that left less than 30 days ago.</p>}
      {(mend.error ?? unmend.error) && <Refusal>{(mend.error ?? unmend.error)?.message}</Refusal>}
    </div>
  );
}
