import type { Bag, BagItem, Bags, BagScale, BagsTrial } from '@/shared/api';
import { Button, Marking, Press, WhyList } from '@/shared/ui';
import { names } from '../model';
import { ScaleBar } from './ScaleBar';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './bags.module.css';

type Props = {
  bag: Bag;
  scale: BagScale | null;
  trial: BagsTrial | null;
  conflicts: Bags['conflicts'];
  selected: string | null;
  foes: readonly string[];
  target: boolean;
  mayEdit: boolean;
  why: boolean;
  onPick: (designator: string) => void;
  onGrip: (designator: string, x: number, y: number) => void;
  onBack: (designator: string) => void;
};

/** One bag: its label, what it needs, its parts; each designator can be taken elsewhere. */
export function BagColumn({
  bag,
  scale,
  trial,
  conflicts,
  selected,
  foes,
  target,
  mayEdit,
  why,
  onPick,
  onGrip,
  onBack,
}: Props) {
  return (
    <section
      className={target ? clsx(styles['bag'], styles['target']) : styles['bag']}
      data-bag={bag.name}
      aria-label={`Bag ${bag.name}`}
    >
      <h2>
        <b className={ink['m']}>{bag.name}</b> {bag.title}
      </h2>
      <p className={ink['quiet']}>
        {bag.size === 'box' ? 'in the box' : `${bag.size} mm`}
        {bag.esd ? ', shielding' : ''}
        {bag.cushioned ? ', cushioned' : ''}
      </p>
      {scale && bag.size !== 'box' && <ScaleBar bag={scale} />}
      {trial && (
        <p className={styles['trial']} role="status">
          {trial.change} a kit{trial.conflicts.length > 0 && `. ▲ ${trial.conflicts[0] ?? ''}`}
        </p>
      )}
      {conflicts.map((conflict) => (
        <p key={conflict.message} className={ink['ochre']} role="alert">
          ▲ {conflict.message}
        </p>
      ))}
      <ul>
        {bag.items.map((item) => (
          <li key={item.designators.join(' ')}>
            <span className={styles['n']}>{item.quantity}</span>
            <span>
              {item.value}
              {item.length === null ? '' : `, ${String(item.length)} mm`}{' '}
              <span className={ink['quiet']}>{item.kindName}</span>
              {item.strip === true && <span className={styles['strip']}>on the strip</span>}
              <span className={styles['chips']}>
                {item.designators
                  .filter((name) => !name.startsWith('~'))
                  .map((name) => (
                    <Press
                      key={name}
                      data-part={name}
                      className={chipClass(name, selected, foes)}
                      aria-pressed={selected === name}
                      onClick={() => {
                        onPick(name);
                      }}
                      onPointerDown={(event) => {
                        if (mayEdit) onGrip(name, event.clientX, event.clientY);
                      }}
                    >
                      {name}
                    </Press>
                  ))}
                {names(item.designators) === '' && <span className={ink['quiet']}>no place on the board</span>}
              </span>
              {own(item, bag).map((name) => (
                <span key={name} className={styles['own']}>
                  {name}: your choice
                  {mayEdit && (
                    <Button
                      look="link"
                      onClick={() => {
                        onBack(name);
                      }}
                    >
                      back to computed
                    </Button>
                  )}
                </span>
              ))}
            </span>
            <Marking marking={item.marking} />
          </li>
        ))}
      </ul>
      {why && bag.reasons.length > 0 && <WhyList reasons={bag.reasons} />}
    </section>
  );
}

function own(item: BagItem, bag: Bag): string[] {
  return item.designators.filter((name) => bag.overridden.includes(name));
}

function chipClass(name: string, selected: string | null, foes: readonly string[]): string {
  if (name === selected) return clsx(styles['chip'], styles['on']);
  return clsx(styles['chip'], foes.includes(name) && styles['foe']);
}
