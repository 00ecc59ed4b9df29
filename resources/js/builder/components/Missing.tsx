import { useState } from 'react';
import type { BuilderPage } from '@/shared/api';
import { isWords, keep, recall } from '@/shared/keep';
import { Marking } from '@/shared/ui/Marking';
import { alikeOf, checksOfClaim, claimText, keepClaim, placesOf, type Claim, type Item, type Place } from '../claim';
import { say, usePhrases } from '../phrases';
import { sendReport } from '../send';
import { InHand } from './InHand';
import { Sender } from './Sender';
import { StepBoard } from './StepBoard';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

type Props = {
  token: string;
  page: BuilderPage;
  claim: Claim;
  /** where there is no server: the report is written as a mail */ onMail: (() => void) | null;
  onLeave: () => void;
};

/** Is it missing? What it looks like, where else it may be, and then the claim with one tap. */
export function Missing({ token, page, claim: first, onMail, onLeave }: Props) {
  const t = usePhrases();
  const [claim, setClaim] = useState(first);
  const [found, setFound] = useState(false);
  const bag = page.manual.bags.bags.find((each) =>
    each.items.some((item) => item.designators[0] === claim.designators[0]),
  );
  const item = bag?.items.find((each) => each.designators[0] === claim.designators[0]);
  const put = (next: Claim) => {
    setClaim(next);
    keepClaim(token, next);
    window.scrollTo(0, 0);
  };
  const leave = () => {
    keepClaim(token, null);
    onLeave();
  };
  if (!bag || !item) return null;
  const open = placesOf(page, item).filter((place) => !claim.looked.includes(place));
  const next = open[0];
  return (
    <main>
      <h1>{t.isMissing}</h1>
      <p>
        <b>{item.quantity} ×</b> {item.value} {item.kindName}, {say(t.bag, { bag: bag.name })}{' '}
        <Marking marking={item.marking} size="phone" />
      </p>
      <InHand part={page.contents[item.designators[0] ?? '']} />
      {found ? (
        <p className={styles['doneline']} role="status">
          ■ {t.foundIt}
        </p>
      ) : next ? (
        <Question
          page={page}
          item={item}
          place={next}
          bag={bag.name}
          onNot={() => {
            put({ ...claim, looked: [...claim.looked, next] });
          }}
          onFound={() => {
            setFound(true);
          }}
        />
      ) : (
        <Tell
          token={token}
          page={page}
          item={item}
          claim={claim}
          onPieces={(pieces) => {
            put({ ...claim, pieces });
          }}
          onMail={onMail}
        />
      )}
      <div className={styles['actions']}>
        <button type="button" className={styles['side']} onClick={leave}>
          {t.back}
        </button>
      </div>
    </main>
  );
}

type Asked = {
  page: BuilderPage;
  item: Item;
  place: Place;
  bag: string;
  onNot: () => void;
  onFound: () => void;
};

function Question({ page, item, place, bag, onNot, onFound }: Asked) {
  const t = usePhrases();
  const parts = page.boards.parts as Record<string, { board: string; side: 'top' | 'bottom' } | undefined>;
  const at = item.designators.map((name) => parts[name]).find((each) => each !== undefined);
  const board = place === 'on-board' ? page.boards.boards.find((each) => each.name === at?.board) : undefined;
  const words = {
    'look-alike': { ask: t.countAlike, not: t.asListed, found: t.oneTooMany },
    'left-over': { ask: say(t.layOut, { bag }), not: t.notThere, found: t.haveIt },
    'on-board': {
      ask: say(t.lookOnBoard, { names: item.designators.join(', ') }),
      not: t.holesEmpty,
      found: t.isFitted,
    },
  }[place];
  return (
    <section aria-live="polite">
      <h2>{words.ask}</h2>
      {place === 'look-alike' &&
        alikeOf(page, item).map((each) => (
          <div key={each.designators.join(' ')} className={styles['alike']}>
            <b>{each.quantity}</b>
            <span>
              {each.value} <span className={clsx(ink['quiet'], styles['quiet'])}>{each.kindName}</span>
            </span>
            <Marking marking={each.marking} size="phone" />
          </div>
        ))}
      {board && (
        <StepBoard
          board={board}
          first={at?.side ?? 'top'}
          lit={new Set(item.designators)}
          fitted={new Set(Object.keys(parts))}
        />
      )}
      <div className={styles['answers']}>
        <button type="button" className={styles['side']} onClick={onNot}>
          {words.not}
        </button>
        <button type="button" className={styles['side']} onClick={onFound}>
          {words.found}
        </button>
      </div>
    </section>
  );
}

type Telling = {
  token: string;
  page: BuilderPage;
  item: Item;
  claim: Claim;
  onPieces: (pieces: number) => void;
  onMail: (() => void) | null;
};

function Tell({ token, page, item, claim, onPieces, onMail }: Telling) {
  const t = usePhrases();
  const kept = `report ${token}`;
  const [words, setWords] = useState<Record<string, string>>(() => recall(kept, isWords, {}));
  const [operationId] = useState(() => crypto.randomUUID());
  const [state, setState] = useState<'open' | 'sending' | 'sent'>('open');
  const [fault, setFault] = useState<string | null>(null);
  const set = (field: string, value: string) => {
    const next = { ...words, [field]: value };
    setWords(next);
    keep(kept, next);
  };
  const tell = async () => {
    const text = claimText(t, item, claim.pieces);
    if (onMail) {
      keep(kept, { ...words, text });
      onMail();
      return;
    }
    setState('sending');
    const sent = await sendReport(token, page, t, {
      operationId,
      words,
      text,
      symptom: 'part-missing',
      checks: checksOfClaim(claim),
    });
    setState(sent.sent ? 'sent' : 'open');
    setFault(sent.sent ? null : sent.fault);
    if (sent.sent) keepClaim(token, null);
  };
  if (state === 'sent') {
    return (
      <p className={styles['doneline']} role="status">
        ■ {t.thanks} {words['email'] ? t.byMail : t.noMail}
      </p>
    );
  }
  return (
    <form
      aria-label={t.tellMaker}
      onSubmit={(event) => {
        event.preventDefault();
        if (state === 'open') void tell();
      }}
    >
      {item.quantity > 1 && (
        <>
          <label htmlFor="claim-pieces">{t.howMany}</label>
          <input
            id="claim-pieces"
            type="number"
            inputMode="numeric"
            min={1}
            max={item.quantity}
            value={claim.pieces}
            onChange={(event) => {
              const pieces = Math.round(Number(event.target.value));
              if (pieces >= 1 && pieces <= item.quantity) onPieces(pieces);
            }}
          />
        </>
      )}
      <p>{claimText(t, item, claim.pieces)}</p>
      <Sender form="claim" page={page} words={words} written={!onMail} onChange={set} />
      {fault !== null && (
        <p className={styles['refusal']} role="alert">
          ▲ {fault}
        </p>
      )}
      <div className={styles['answers']}>
        <button type="submit" className={styles['tell']} disabled={state === 'sending'}>
          {state === 'sending' ? t.sending : t.tellMaker}
        </button>
      </div>
    </form>
  );
}
