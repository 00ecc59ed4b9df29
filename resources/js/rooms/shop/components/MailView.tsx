import { useState } from 'react';
import { useMailSettings, useSaveMail, type MailSettings } from '@/shared/api';
import { Button, Input, Loading, Notice, Refusal } from '@/shared/ui';
import { ChoiceField, TextField, useKeptForm } from '@/shared/ui/form';
import ui from '@/shared/ui/ui.module.css';
import ink from '@/shared/style/ink.module.css';
import { MAIL, mailChange, mailWords } from '../model';
import styles from './shop.module.css';

const WAYS = [
  ['simulated', 'simulated on this machine: nothing leaves it'],
  ['draft', 'as files for my own mail program'],
  ['real', 'by our own mail server'],
] as const;
const SECURITY = [
  ['tls', 'TLS from the beginning'],
  ['starttls', 'STARTTLS'],
  ['none', 'none, on this machine only'],
] as const;

/** By which way letters go out and come in. */
export function MailView() {
  const settings = useMailSettings();
  if (settings.error) return <Notice title="The way of letters cannot be shown" text={settings.error.message} />;
  if (!settings.data) return <Loading what="Opening the mailbox" />;
  return <MailForm settings={settings.data} />;
}

function MailForm({ settings }: { settings: MailSettings }) {
  const save = useSaveMail();
  // A password is kept nowhere but in this form.
  const [secrets, setSecrets] = useState({ smtp: '', imap: '' });
  const { form, words, changed, forget } = useKeptForm({ name: 'mail', schema: MAIL, from: mailWords(settings) });
  const send = form.handleSubmit((said) => {
    save.mutate(mailChange(settings.version, said, secrets), {
      onSuccess: (now) => {
        forget(mailWords(now));
        setSecrets({ smtp: '', imap: '' });
      },
    });
  });
  const isReal = words.way === 'real';
  return (
    <div className={styles['two']}>
      <form className={styles['form']} aria-label="Letters by mail" noValidate onSubmit={(event) => void send(event)}>
        <fieldset>
          <legend>How letters go</legend>
          <ChoiceField form={form} name="way" id="mail-way" label="way" choices={WAYS} />
        </fieldset>
        {isReal && (
          <>
            <fieldset>
              <legend>Going out (SMTP)</legend>
              <TextField form={form} name="smtpHost" id="smtp-host" label="server" placeholder="mail.example.org" />
              <TextField form={form} name="smtpPort" id="smtp-port" label="port" />
              <ChoiceField form={form} name="smtpSecurity" id="smtp-security" label="encryption" choices={SECURITY} />
              <TextField form={form} name="smtpUser" id="smtp-user" label="user" />
              <Secret
                id="smtp-password"
                kept={settings.hasSmtpPassword}
                value={secrets.smtp}
                onChange={(smtp) => {
                  setSecrets({ ...secrets, smtp });
                }}
              />
            </fieldset>
            <fieldset>
              <legend>Coming in (IMAP)</legend>
              <TextField
                form={form}
                name="imapHost"
                id="imap-host"
                label="server; empty: letters are brought in by hand"
              />
              <TextField form={form} name="imapPort" id="imap-port" label="port" />
              <ChoiceField form={form} name="imapSecurity" id="imap-security" label="encryption" choices={SECURITY} />
              <TextField form={form} name="imapUser" id="imap-user" label="user" />
              <Secret
                id="imap-password"
                kept={settings.hasImapPassword}
                value={secrets.imap}
                onChange={(imap) => {
                  setSecrets({ ...secrets, imap });
                }}
              />
              <TextField form={form} name="imapFolder" id="imap-folder" label="folder" />
            </fieldset>
          </>
        )}
        {save.error && <Refusal>{save.error.message}</Refusal>}
        <p>
          <Button
            type="submit"
            look="primary"
            disabled={save.isPending || !(changed || secrets.smtp !== '' || secrets.imap !== '')}
          >
            Save the way
          </Button>{' '}
          {save.isSuccess && !changed && (
            <span className={ink['verdi']} role="status">
              ■ saved
            </span>
          )}
        </p>
      </form>
      <div className={styles['mailnotes']}>
        <p>
          The mailbox is read every five minutes. It is opened for reading only: no letter is changed, marked or deleted
          there.
        </p>
        <p>An answer waits 15 seconds, in which it can be taken back.</p>
        <p className={ink['quiet']}>
          {settings.fetchedAt === null
            ? 'Not read yet.'
            : `Read last at ${settings.fetchedAt.slice(0, 16).replace('T', ' ')} UTC.`}
        </p>
        {settings.fault !== '' && <p className={ink['ochre']}>▲ {settings.fault}</p>}
      </div>
    </div>
  );
}

type SecretProps = { id: string; kept: boolean; value: string; onChange: (value: string) => void };

/** A password that is never shown again. */
function Secret({ id, kept, value, onChange }: SecretProps) {
  return (
    <div className={ui['field']}>
      <label htmlFor={id}>{kept ? 'password: one is kept; type to change it' : 'password'}</label>
      <Input
        id={id}
        type="password"
        autoComplete="new-password"
        maxLength={500}
        value={value}
        onChange={(event) => {
          onChange(event.target.value);
        }}
      />
    </div>
  );
}
