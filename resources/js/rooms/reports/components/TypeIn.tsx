import { useState } from 'react';
import { useNearSerials, useTypeReport } from '@/shared/api';
import { useKeptTexts } from '@/shared/keep';
import { Button, Dialog, Input, TextArea } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './reports.module.css';

/** A report that came by telephone or letter; a mistyped serial is offered as it may have been. Kept while it is typed. */
export function TypeIn({ onMade }: { onMade: (id: number) => void }) {
  const [open, setOpen] = useState(false);
  const [typed, write] = useKeptTexts('typed report');
  const say = useTypeReport();
  const words = { serial: '', text: '', name: '', email: '', ...typed };
  const near = useNearSerials(words.serial).data ?? [];
  const isOurs = near.includes(words.serial.trim().toUpperCase());
  const put = (field: keyof typeof words, text: string) => {
    write({ ...words, [field]: text });
  };
  const leave = () => {
    setOpen(false);
    say.reset();
  };
  return (
    <>
      <Button
        onClick={() => {
          setOpen(true);
        }}
      >
        Type one in
      </Button>
      <Dialog
        open={open}
        title="A report by telephone or letter"
        onLeave={leave}
        actions={
          <>
            <Button onClick={leave}>Later</Button>
            <Button
              look="primary"
              disabled={words.text.trim().length < 3 || say.isPending}
              onClick={() => {
                say.mutate(words, {
                  onSuccess: (report) => {
                    write(null);
                    leave();
                    onMade(report.id);
                  },
                });
              }}
            >
              Put it with the others
            </Button>
          </>
        }
      >
        <div className={styles['typein']}>
          <label htmlFor="typed-serial">serial</label>
          <Input
            id="typed-serial"
            className={ui['filter']}
            autoComplete="off"
            maxLength={60}
            placeholder="FB-A-00207-M"
            value={words.serial}
            onChange={(event) => {
              put('serial', event.target.value);
            }}
          />
          {words.serial.trim().length > 6 && !isOurs && (
            <p className={ink['quiet']} role="status">
              {near.length === 0 ? '▲ none of ours, and none is near it' : 'None of ours. Is it '}
              {near.map((serial) => (
                <Button
                  key={serial}
                  look="link"
                  onClick={() => {
                    put('serial', serial);
                  }}
                >
                  {serial}
                </Button>
              ))}
              {near.length > 0 && '?'}
            </p>
          )}
          <label htmlFor="typed-text">what they say</label>
          <TextArea
            id="typed-text"
            rows={4}
            maxLength={5000}
            value={words.text}
            onChange={(event) => {
              put('text', event.target.value);
            }}
          />
          <label htmlFor="typed-name">name</label>
          <Input
            id="typed-name"
            className={ui['filter']}
            autoComplete="off"
            maxLength={120}
            value={words.name}
            onChange={(event) => {
              put('name', event.target.value);
            }}
          />
          <label htmlFor="typed-mail">mail</label>
          <Input
            id="typed-mail"
            className={ui['filter']}
            type="email"
            autoComplete="off"
            maxLength={190}
            value={words.email}
            onChange={(event) => {
              put('email', event.target.value);
            }}
          />
          {say.error && (
            <p className={ui['wrong']} role="alert">
              {say.error.message}
            </p>
          )}
        </div>
      </Dialog>
    </>
  );
}
