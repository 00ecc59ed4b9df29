import { useState } from 'react';
import { useLots, useStockPart, type Lot, type LotMove } from '@/shared/api';
import { Button, Loading, Notice, Refusal } from '@/shared/ui';
import { amount } from '../model';
import { LookAtIt } from './LookAtIt';
import { LotCard } from './LotCard';
import { LotStrip } from './LotStrip';
import { PartMoves } from './PartMoves';
import { Receive } from './Receive';
import ink from '@/shared/style/ink.module.css';
import styles from './stock.module.css';

/** One part: its lots as they lie in bin and shelf, what came in and went out. */
export function PartPane({ fingerprint, mayMove }: { fingerprint: string; mayMove: boolean }) {
  const part = useStockPart(fingerprint);
  const lots = useLots();
  const [receiving, setReceiving] = useState(false);
  if (part.error) return <Notice title="The part cannot be shown" text={part.error.message} />;
  if (!part.data) return <Loading what="Reading its lots" />;
  const { title, onHand, unit, allLots, moves } = part.data;
  const move = async (lot: Lot, said: Omit<LotMove, 'operationId'>): Promise<boolean> => {
    try {
      await lots.mutateAsync({ what: 'move', lot: lot.id, move: { operationId: crypto.randomUUID(), ...said } });
      return true;
    } catch {
      return false;
    }
  };
  return (
    <section className={styles['pane']} aria-label={title}>
      <h2>{title}</h2>
      <p className={styles['hand']}>
        <b className={ink['m']}>{amount(onHand, unit)}</b> <span className={ink['quiet']}>on hand</span>
      </p>
      <LotStrip lots={allLots} />
      {lots.error && (
        <Refusal
          onDismiss={() => {
            lots.reset();
          }}
        >
          {lots.error.message}
        </Refusal>
      )}
      {mayMove && (
        <p className={styles['receive1']}>
          <Button
            look={receiving ? 'on' : 'primary'}
            aria-expanded={receiving}
            onClick={() => {
              setReceiving(!receiving);
            }}
          >
            Receive a lot
          </Button>
        </p>
      )}
      {receiving && (
        <Receive
          fingerprint={fingerprint}
          busy={lots.isPending}
          onSave={async (receipt) => {
            try {
              await lots.mutateAsync({ what: 'receive', receipt });
              setReceiving(false);
              return true;
            } catch {
              return false;
            }
          }}
        />
      )}
      {allLots.length === 0 && !receiving && (
        <p className={ink['quiet']}>
          No lot yet. Receive one, or pack: what is packed is booked below nought until then.
        </p>
      )}
      <ul className={styles['lots']}>
        {allLots.map((lot) => (
          <LotCard
            key={lot.id}
            lot={lot}
            unit={unit}
            mayMove={mayMove}
            busy={lots.isPending}
            onMove={(said) => move(lot, said)}
          />
        ))}
      </ul>
      {mayMove && <LookAtIt fingerprint={fingerprint} doubted={allLots.find((lot) => lot.look) ?? null} />}
      {moves.length > 0 && <PartMoves moves={moves} unit={unit} />}
    </section>
  );
}
