import { useLettersApart, useReportOfLetter, type Wanted } from '@/shared/api';
import { Button, Loading, OutLink, Pager, Refusal } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import { LETTER_KINDS } from '../model';
import styles from './reports.module.css';

type Props = { wanted: Wanted; onPage: (page: number) => void; onMade: (report: number) => void };

/** Letters that no person wrote, or that could not be read: kept, shown, and a report where somebody says so. */
export function Apart({ wanted, onPage, onMade }: Props) {
  const letters = useLettersApart(wanted, true);
  const make = useReportOfLetter();
  if (!letters.data) return <Loading what="Reading the letters" fault={letters.error} />;
  return (
    <div className={clsx(ui['scroll'], styles['mails'])} tabIndex={0} role="region" aria-label="Letters apart">
      <p className={ink['quiet']}>
        Answers of machines, mails that came back, what could not be read. Nothing of it is counted; nothing is thrown
        away.
      </p>
      {make.error && <Refusal>{make.error.message}</Refusal>}
      {letters.data.letters.length === 0 && <p>None.</p>}
      {letters.data.letters.map((letter) => (
        <article key={letter.id}>
          <h2>{letter.subject === '' ? 'without a subject' : letter.subject}</h2>
          <p className={ink['quiet']}>
            {letter.at.slice(0, 16).replace('T', ' ')} · {LETTER_KINDS[letter.kind]}
            {letter.hasRaw && (
              <>
                {' '}
                ·{' '}
                <OutLink href={`/api/letters/${String(letter.id)}/bytes`} download>
                  as it came
                </OutLink>
              </>
            )}
          </p>
          <p>{letter.text}</p>
          <Button
            disabled={make.isPending}
            onClick={() => {
              make.mutate(letter.id, {
                onSuccess: (report) => {
                  onMade(report.id);
                },
              });
            }}
          >
            It is a report
          </Button>
        </article>
      ))}
      {letters.data.pages > 1 && (
        <Pager
          of="the letters"
          page={letters.data.page}
          pages={letters.data.pages}
          total={letters.data.total}
          onPage={onPage}
        />
      )}
    </div>
  );
}
