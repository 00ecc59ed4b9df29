import type { Circle } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './order.module.css';

type Props = {
  circle: Circle;
  /** true while the board shows it */ shown: boolean;
  onShow: () => void;
};

/** Parts that wait for each other: each rule with who said it and what takes it back; the order below does without the weakest. */
export function CircleNotice({ circle, shown, onShow }: Props) {
  const kit = useKit();
  return (
    <section className={styles['circle']} aria-label="Parts that wait for each other">
      <h2>
        ■ These wait for each other
        {!shown && (
          <Button look="link" onClick={onShow}>
            show them on the board
          </Button>
        )}
      </h2>
      <ol>
        {circle.rules.map((rule, index) => (
          <li key={index}>
            <span className={styles['waits']}>
              <b className={ink['m']}>{rule.before}</b> before <b className={ink['m']}>{rule.after}</b>
            </span>
            <span>
              {rule.text} <span className={ink['quiet']}>({rule.who})</span>
              {rule.leftOut && <span className={ink['ochre']}> ▲ left out below</span>}
            </span>
            {rule.takeBack && kit.mayEdit && (
              <Button
                disabled={kit.saving}
                aria-label={`Take back: ${rule.text}`}
                onClick={() => {
                  if (rule.takeBack) void kit.save([rule.takeBack]);
                }}
              >
                Take this back
              </Button>
            )}
          </li>
        ))}
      </ol>
      <p className={clsx(ink['quiet'], styles['meanwhile'])}>
        {circle.order ? 'Meanwhile the order is' : 'There is no order'} without the rule that is left out. The kit is
        not released before one is taken back.
      </p>
    </section>
  );
}
