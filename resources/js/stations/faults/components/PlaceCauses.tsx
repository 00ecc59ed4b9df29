import { useMend, useMe, type Faults, type MendPlace } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Refusal, TextLink } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import { causesAt, MEND_PLACES, saved } from '../model';
import styles from './faults.module.css';

type Props = { faults: Faults; place: string };

/** What was reported of one place, what each cause costs, and where it is mended: done is remembered there. */
export function PlaceCauses({ faults, place }: Props) {
  const kit = useKit();
  const me = useMe();
  const mend = useMend(kit.id);
  const may = me.data?.abilities.includes('answer-reports') ?? false;
  const causes = causesAt(faults.savings.causes, place);
  const done = (name: string, at: MendPlace) =>
    faults.mended.some((each) => each.name === name && each.place === at && each.turn !== 'rose');
  return (
    <div className={styles['causes']}>
      {causes.map((cause) => (
        <section key={cause.name} aria-label={cause.name}>
          <h3>{cause.name}</h3>
          <p>{saved(cause, faults.savings)}</p>
          {kit.why && (
            <p className={ink['quiet']}>
              {cause.kits} of {cause.of} kits × {faults.savings.report} {faults.savings.currency} a report, of which{' '}
              {faults.savings.minutes} minutes are work (Price, support); {faults.savings.ordered} kits were ordered in{' '}
              {faults.savings.weeks} weeks.
            </p>
          )}
          <ul className={styles['mendat']} aria-label={`Where ${cause.name} is mended`}>
            {MEND_PLACES.map(({ place: at, station, name }) => (
              <li key={at}>
                <TextLink to={`/kits/${String(kit.id)}/${station}`}>{name}</TextLink>
                {done(cause.name, at) ? (
                  <span className={ink['verdi']}> ■ done</span>
                ) : (
                  may && (
                    <Button
                      look="link"
                      disabled={mend.isPending}
                      aria-label={`${cause.name}: mended in ${name}`}
                      onClick={() => {
                        mend.mutate({ cause: cause.cause, part: cause.part, place: at });
                      }}
                    >
                      mended
                    </Button>
                  )
                )}
              </li>
            ))}
          </ul>
        </section>
      ))}
      {causes.length === 0 && (
        <p className={clsx(ink['quiet'])}>Its reports are of kits that left less than 30 days ago.</p>
      )}
      {mend.error && <Refusal>{mend.error.message}</Refusal>}
    </div>
  );
}
