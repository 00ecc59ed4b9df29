import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import { useLotStop, useMe, useStopLot, type LotStop } from '@/shared/api';
import { Button, Dialog, Input, Loading, PrintButton, Refusal, TextArea } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import { consequences } from './model';
import styles from './lots.module.css';

type Props = { lot: number; why?: string; onLeave: () => void };

/** Stops a bad lot: pieces and kits held, letters drafted, in one action that can be taken back. */
export function StopLot({ lot, why = '', onLeave }: Props) {
  const sheet = useLotStop(lot);
  const me = useMe();
  const deed = useStopLot(lot);
  const [note, setNote] = useState(why);
  const [letter, setLetter] = useState<string | null>(null);
  const [write, setWrite] = useState(true);
  const [was, setWas] = useState<LotStop['stop']>(null);
  const now = sheet.data;
  const mayStop = me.data?.abilities.includes('pack-kits') ?? false;
  const maySend = me.data?.abilities.includes('answer-reports') ?? false;
  const text = letter ?? now?.letter ?? '';
  const stop = () => {
    if (!now || deed.isPending) return;
    const writes = write && now.customers > 0;
    deed.mutate({ what: 'stop', body: { note, subject: writes ? now.subject : '', letter: writes ? text : '' } });
  };
  return (
    <Dialog
      open
      wide
      title={now ? `Lot ${now.name} of ${now.title}` : 'A lot'}
      onLeave={onLeave}
      actions={
        <>
          <Button onClick={onLeave}>Leave</Button>
          {now?.stop === null && mayStop && (
            <Button look="primary" disabled={deed.isPending || note.trim().length < 3} onClick={stop}>
              Stop this lot
            </Button>
          )}
          {now?.stop && now.stop.drafts > 0 && maySend && (
            <Button
              look="primary"
              disabled={deed.isPending}
              onClick={() => {
                deed.mutate({ what: 'send' });
              }}
            >
              Send the {now.stop.drafts === 1 ? 'letter' : `${String(now.stop.drafts)} letters`}
            </Button>
          )}
        </>
      }
    >
      {!now ? (
        <Loading what="Looking for its kits" fault={sheet.error} />
      ) : (
        <div className={styles['stop']}>
          {now.stop && (
            <p className={ink['ochre']}>
              ▲ Stopped {now.stop.at.slice(0, 10)}
              {now.stop.by === '' ? '' : ` by ${now.stop.by}`}: {now.stop.note}. {now.stop.held} kits were held,{' '}
              {now.stop.letters} letters written, {now.stop.drafts} of them not sent yet.{' '}
              {mayStop && (
                <Button
                  look="link"
                  disabled={deed.isPending}
                  onClick={() => {
                    setWas(now.stop);
                    deed.mutate({ what: 'back' });
                  }}
                >
                  Take all of it back
                </Button>
              )}
            </p>
          )}
          {was && !now.stop && (
            <p className={ink['verdi']} role="status">
              ■ Taken back: the lot and {was.held} kits are free again, letters that had not left are laid away.
            </p>
          )}
          <ul>
            {consequences(now).map((each) => (
              <li key={each}>{each}</li>
            ))}
          </ul>
          {now.shelf.length > 0 && (
            <p className={styles['serials']}>
              {now.shelf.map((kit) => (
                <span key={kit.serial} className={ink['m']} title={kit.sure ? kit.kit : `${kit.kit}, perhaps`}>
                  {kit.serial}
                  {kit.sure ? '' : '?'}
                </span>
              ))}
            </p>
          )}
          <p>
            <PrintButton label="Print the slips" name="bags concerned" kind="lot-slip" subject={lot} />
          </p>
          {now.stop === null && (
            <>
              <div className={ui['field']}>
                <label htmlFor="stop-note">what is wrong with it</label>
                <Input
                  id="stop-note"
                  value={note}
                  maxLength={200}
                  onChange={(event) => {
                    setNote(event.target.value);
                  }}
                />
              </div>
              {now.customers > 0 && (
                <>
                  <FormControlLabel
                    slotProps={{ typography: { variant: 'body2' } }}
                    control={
                      <Checkbox
                        size="small"
                        checked={write}
                        onChange={(event) => {
                          setWrite(event.target.checked);
                        }}
                      />
                    }
                    label={`draft a letter to ${now.customers === 1 ? 'the customer' : `each of ${String(now.customers)} customers`}; nothing is sent yet`}
                  />
                  {write && (
                    <div className={ui['field']}>
                      <label htmlFor="stop-letter">
                        the letter; {'{name}'} and {'{kits}'} become each customer’s own
                      </label>
                      <TextArea
                        id="stop-letter"
                        rows={9}
                        maxLength={10000}
                        value={text}
                        onChange={(event) => {
                          setLetter(event.target.value);
                        }}
                      />
                    </div>
                  )}
                </>
              )}
            </>
          )}
          {deed.error && <Refusal>{deed.error.message}</Refusal>}
        </div>
      )}
    </Dialog>
  );
}
