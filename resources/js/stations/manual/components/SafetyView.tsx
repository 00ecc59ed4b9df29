import { useSafety } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, TableCell, OwnWords, Table, TableBody, TableHead, TableRow, Loading } from '@/shared/ui';
import { HazardRow } from './HazardRow';
import { NoToRest } from './NoToRest';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './manual.module.css';

/** Safety: questions with what the parts answer, what the capacitors hold, the cautions as they print. */
export function SafetyView() {
  const kit = useKit();
  const safety = useSafety(kit.id);
  if (!safety.data) return <Loading what="Looking for hazards" fault={safety.error} />;
  const { questions, charges, cautions } = safety.data;
  const unanswered = questions.filter((each) => each.answer === '' && each.shown.length === 0);
  const open = unanswered.length;
  return (
    <div className={clsx(ui['scroll'], styles['safety'])} tabIndex={0} role="region" aria-label="Safety">
      <h2>
        What can hurt somebody{' '}
        {open > 0 ? (
          <span className={ink['ochre']}>▲ {open} to answer</span>
        ) : (
          <span className={ink['verdi']}>■ answered</span>
        )}{' '}
        {open > 1 && kit.mayEdit && <NoToRest open={unanswered} />}
      </h2>
      <ul className={styles['hazards']}>
        {questions.map((question) => (
          <HazardRow key={question.hazard} question={question} />
        ))}
      </ul>
      <h2>What stays in the capacitors</h2>
      {charges.length === 0 && (
        <p className={ink['quiet']}>
          Nothing worth a line: no capacitor holds a tenth of a millijoule at the voltages you declared.
        </p>
      )}
      {charges.length > 0 && (
        <Table className={ui['table']}>
          <TableHead>
            <TableRow>
              <TableCell component="th">part</TableCell>
              <TableCell component="th" className={ui['num']}>
                at most
              </TableCell>
              <TableCell component="th">from</TableCell>
              <TableCell component="th" className={ui['num']}>
                holds
              </TableCell>
              <TableCell component="th" className={ui['num']}>
                charge
              </TableCell>
              <TableCell component="th">emptied</TableCell>
              <TableCell component="th">hurts</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {charges.map((charge) => (
              <TableRow key={charge.designator}>
                <TableCell className={clsx(ui['refs'], ink['m'], styles['m'])}>{charge.designator}</TableCell>
                <TableCell className={ui['num']}>{charge.volts}&thinsp;V</TableCell>
                <TableCell>{FROM[charge.origin] ?? charge.origin}</TableCell>
                <TableCell className={ui['num']}>{energy(charge.joules)}</TableCell>
                <TableCell className={ui['num']}>{charge.microcoulombs}&thinsp;µC</TableCell>
                <TableCell>
                  {charge.bleeder === null
                    ? charge.neededOhms === null
                      ? ''
                      : `by nothing; ${String(charge.neededOhms)} Ω would`
                    : `by ${charge.bleeder} in ${String(charge.seconds)} s`}
                </TableCell>
                <TableCell>{charge.hazard ? <span className={styles['harm']}>✕ yes</span> : 'no'}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
      <p className={ink['quiet']}>{safety.data.limits}</p>
      <h2>Cautions in front of the manual</h2>
      {cautions.map((caution) => (
        <div key={caution.text} className={styles['caution']}>
          <p>{caution.text}</p>
          {kit.mayEdit && (
            <OwnWords
              name={`${String(kit.id)} sentence.${caution.code}`}
              label="these words"
              hint={HINT}
              empty=""
              text={caution.template}
              rows={3}
              disabled={kit.saving}
              onSave={async (value) =>
                (await kit.save([{ type: 'words', target: `sentence.${caution.code}`, field: '', value }])) !==
                'refused'
              }
            />
          )}
          {kit.mayEdit && caution.ownWords && (
            <Button
              look="link"
              onClick={() =>
                void kit.save([{ type: 'words', target: `sentence.${caution.code}`, field: '', value: null }])
              }
            >
              back to the usual words
            </Button>
          )}
        </div>
      ))}
      <p className={ink['quiet']}>
        These are the usual cautions, common practice. Local rules come first, and licensed practice where they ask for
        it.
      </p>
    </div>
  );
}

const HINT = 'What stands in braces is filled in.';

/** Where the voltage across a capacitor comes from. */
const FROM: Readonly<Record<string, string>> = {
  computed: 'the supply',
  'kit file': 'what you declared',
  'parts list': 'its rating',
};

function energy(joules: number): string {
  return joules < 1 ? `${String(Number((joules * 1000).toPrecision(3)))} mJ` : `${String(joules)} J`;
}
