import { useMailDeed, useMails, type SentMail, type Wanted } from '@/shared/api';
import { Button, Loading, OutLink, Pager, Refusal } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import { MAIL_STATUS } from '../model';
import styles from './reports.module.css';

/** Mails of ours, and how far each is. */
export function SentMails({ wanted, onPage }: { wanted: Wanted; onPage: (page: number) => void }) {
  const mails = useMails(wanted, true);
  if (!mails.data) return <Loading what="Reading the mails" fault={mails.error} />;
  return (
    <div className={clsx(ui['scroll'], styles['mails'])} tabIndex={0} role="region" aria-label="Mail sent">
      {mails.data.mails.length === 0 && <p className={ink['quiet']}>No answer was written yet.</p>}
      {mails.data.mails.map((mail) => (
        <article key={mail.id}>
          <h2>{mail.subject === '' ? 'erased' : mail.subject}</h2>
          <p className={ink['quiet']}>
            to {mail.to}, {mail.at.slice(0, 16).replace('T', ' ')}
          </p>
          <MailState mail={mail} />
          <p>{mail.body}</p>
        </article>
      ))}
      {mails.data.pages > 1 && (
        <Pager
          of="the mails"
          page={mails.data.page}
          pages={mails.data.pages}
          total={mails.data.total}
          onPage={onPage}
        />
      )}
    </div>
  );
}

/** How far a mail is, and what can be done about it. */
export function MailState({ mail }: { mail: SentMail }) {
  const deed = useMailDeed();
  const state = MAIL_STATUS[mail.status];
  return (
    <p>
      <span className={state.good ? ink['verdi'] : ink['ochre']}>
        {state.good ? '■' : '▲'} {state.text}
      </span>
      {mail.fault !== '' && ` ${mail.fault}`}{' '}
      {['draft', 'failed', 'bounced'].includes(mail.status) && (
        <>
          <OutLink href={`/api/mails/${String(mail.id)}/letter`} download>
            letter for your own mail program
          </OutLink>{' '}
          <Button
            look="link"
            disabled={deed.isPending}
            onClick={() => {
              deed.mutate({ id: mail.id, deed: 'sent' });
            }}
          >
            I have sent it
          </Button>
        </>
      )}
      {mail.status === 'waiting' && (
        <Button
          look="link"
          disabled={deed.isPending}
          onClick={() => {
            deed.mutate({ id: mail.id, deed: 'back' });
          }}
        >
          take it back
        </Button>
      )}
      {deed.error && <Refusal>{deed.error.message}</Refusal>}
    </p>
  );
}
