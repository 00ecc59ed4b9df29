import { useDoctor, type Doctor } from '@/shared/api';
import { Loading, Notice } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './shop.module.css';

type Finding = Doctor['findings'][number];

const SIGNS: Record<Finding['health'], string> = { well: '■ well', look: '▲ look', ill: '✕ ill' };
const ORDER: readonly Finding['health'][] = ['ill', 'look', 'well'];

/** What the installation says about itself: what is ill first, each with what to do. */
export function DoctorView() {
  const doctor = useDoctor();
  if (doctor.error) return <Notice title="The installation cannot be asked" text={doctor.error.message} />;
  if (!doctor.data) return <Loading what="Asking the installation" />;
  const findings = [...doctor.data.findings].sort((a, b) => ORDER.indexOf(a.health) - ORDER.indexOf(b.health));
  return (
    <dl className={styles['doctor']}>
      {findings.map((each) => (
        <div key={each.about} className={styles[each.health]}>
          <dt>
            <b>{each.about}</b>
            <span className={styles['sign']}>{SIGNS[each.health]}</span>
          </dt>
          <dd>
            {each.said}
            {each.todo !== '' && <p className={clsx(styles['todo'], ink['quiet'])}>{each.todo}</p>}
          </dd>
        </div>
      ))}
    </dl>
  );
}
