import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import { useProposal, useSupport, type Report, type Stack } from '@/shared/api';
import { percent } from '@/shared/format';
import { useKeptText } from '@/shared/keep';
import { useKeys } from '@/shared/keys';
import { Button, Refusal, TextArea, TextLink } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import { mustBeRead, sent } from '../model';
import styles from './sheet.module.css';

const FLAGS: Readonly<Record<string, string>> = {
  'not-shipped': 'This kit never left the shop.',
  'above-list': 'More is claimed than the list has.',
  again: 'The same was claimed before and is not settled.',
};

/** Likely causes, what to ask next, and the answer; one key sends it, once it was read where it has to be. */
export function Margin({ report, stack }: { report: Report; stack: Stack | null }) {
  const proposal = useProposal(report.id);
  const answer = useSupport(report.id);
  const [kept, write] = useKeptText(`answer ${String(report.id)}`);
  const [read, setRead] = useState(false);
  const [whole, setWhole] = useState(true);
  const [packs, setPacks] = useState(true);
  const [draws, setDraws] = useState(true);
  const picture = report.hasAddress ? (proposal.data?.picture ?? null) : null;
  const now = proposal.data;
  const text = kept ?? now?.text ?? '';
  const sending = report.parcel || report.customer === null ? null : sent(now);
  // Each of a stack lacks a piece of its own: a parcel goes with one answer.
  const openOthers = sending ? 0 : (stack?.open ?? 1) - (report.answered ? 0 : 1);
  const full = read || kept !== null || !mustBeRead(report, stack, now);
  const ready = text.trim().length >= 3 && !answer.isPending;
  const send = () => {
    if (!ready) return;
    if (!full) {
      setRead(true);
      return;
    }
    answer.mutate(
      {
        what: 'answers',
        body: {
          text,
          stack: whole && openOthers > 0,
          ...(draws && picture !== null ? { callout: picture } : {}),
          ...(packs && sending ? { sendPart: sending.part, sendPieces: sending.pieces } : {}),
        },
      },
      {
        onSuccess: () => {
          write(null);
        },
      },
    );
  };
  useKeys({ s: send });
  return (
    <aside className={styles['margin']} aria-label="What the kit says of it">
      {proposal.isPending && <p className={ink['quiet']}>Weighing the causes …</p>}
      {now?.stop === true && <p className={ink['crimson']}>▲ Mains or stored charge: nothing is asked of a builder.</p>}
      {now && now.symptom !== null && (
        <p className={ink['quiet']}>
          {now.guessed ? 'noticed, as a guess: ' : 'noticed: '}
          {now.symptom.replaceAll('-', ' ')}
        </p>
      )}
      {now && now.turned.length > 0 && (
        <p className={ink['quiet']}>read in the words, as a guess: {now.turned.join(', ')} the wrong way round</p>
      )}
      {now && now.causes.length > 0 && (
        <>
          <h2>Likely</h2>
          <ul className={styles['likely']}>
            {now.causes.map((cause) => (
              <li key={cause.name}>
                <span style={{ width: `${String(Math.max(2, Math.round(100 * cause.probability)))}%` }} />
                <b>{cause.name}</b> {percent(cause.probability)}
              </li>
            ))}
          </ul>
        </>
      )}
      {now && now.contradiction.length > 0 && (
        <p className={ink['ochre']}>▲ These answers do not go together: {now.contradiction.join(', ')}.</p>
      )}
      {now?.claim && (
        <p>
          {now.claim.part}: truly missing in {percent(now.claim.chance)} of such claims.{' '}
          {now.claim.send > 0 ? `Sending ${String(now.claim.send)} costs less than asking.` : 'Ask first.'}
          {now.claim.flags.map((flag) => (
            <span key={flag} className={ink['ochre']}>
              {' '}
              ▲ {FLAGS[flag] ?? flag}
            </span>
          ))}
        </p>
      )}
      {now && now.round.length > 0 && (
        <>
          <h2>Ask next</h2>
          {now.round.map((each) => (
            <p key={each.ask}>{each.ask}</p>
          ))}
        </>
      )}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          send();
        }}
      >
        <label htmlFor="answer-text">
          answer{report.hasAddress ? '' : '; no mail address, it is kept here'}
          {!full && ', to be read before it goes'}
        </label>
        <div>
          <TextArea
            id="answer-text"
            rows={full ? 12 : 3}
            maxLength={10000}
            value={text}
            onFocus={() => {
              setRead(true);
            }}
            onChange={(event) => {
              write(event.target.value);
            }}
          />
        </div>
        {report.parcel && (
          <p className={ink['verdi']}>
            ■ {report.parcel.what} {report.parcel.shipped ? 'was sent' : 'lies ready'}:{' '}
            <TextLink to="/sales">{report.parcel.number}</TextLink>
          </p>
        )}
        {picture !== null && (
          <FormControlLabel
            slotProps={{ typography: { variant: 'body2' } }}
            control={
              <Checkbox
                size="small"
                checked={draws}
                onChange={(event) => {
                  setDraws(event.target.checked);
                }}
              />
            }
            label={`with the picture of how ${picture} lies`}
          />
        )}
        {sending && (
          <FormControlLabel
            slotProps={{ typography: { variant: 'body2' } }}
            control={
              <Checkbox
                size="small"
                checked={packs}
                onChange={(event) => {
                  setPacks(event.target.checked);
                }}
              />
            }
            label={`take ${String(sending.pieces)} × ${sending.part} from stock into a parcel, to be shipped in Sales`}
          />
        )}
        {openOthers > 0 && (
          <FormControlLabel
            slotProps={{ typography: { variant: 'body2' } }}
            control={
              <Checkbox
                size="small"
                checked={whole}
                onChange={(event) => {
                  setWhole(event.target.checked);
                }}
              />
            }
            label={`answer the other ${String(openOthers)} of this stack with it`}
          />
        )}
        <Button type="submit" look="primary" disabled={!ready}>
          {!full ? 'Read it' : report.hasAddress ? 'Send the answer' : 'Keep the answer'}
        </Button>{' '}
        <span className={ink['quiet']}>
          <kbd>S</kbd> {full ? 'sends; it waits 15 s' : 'opens it'}
        </span>
        {answer.error && <Refusal>{answer.error.message}</Refusal>}
      </form>
    </aside>
  );
}
