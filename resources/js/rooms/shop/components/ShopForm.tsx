import { useState } from 'react';
import { useSaveShop, type Shop } from '@/shared/api';
import { Button, Refusal } from '@/shared/ui';
import { useKeptForm } from '@/shared/ui/form';
import ink from '@/shared/style/ink.module.css';
import { changeOf, SHOP, wordsOf } from '../model';
import { PaperFacts } from './PaperFacts';
import { ScaleFacts } from './ScaleFacts';
import styles from './shop.module.css';

/** Everything that is said once of the shop. */
export function ShopForm({ shop, manages, part }: { shop: Shop; manages: boolean; part: 'paper' | 'scale' }) {
  const save = useSaveShop();
  const { form, changed, forget } = useKeptForm({ name: 'shop', schema: SHOP, from: wordsOf(shop) });
  // What was there when the form was opened: only what differs from it is saved, and nobody else's words are written over.
  const [base, setBase] = useState(shop);
  const send = form.handleSubmit((words) => {
    save.mutate(changeOf(base, shop.version, words), {
      onSuccess: (now) => {
        setBase(now);
        forget(wordsOf(now), words);
      },
    });
  });
  const common = { form, disabled: !manages };
  return (
    <form className={styles['form']} aria-label="Shop" noValidate onSubmit={(event) => void send(event)}>
      {part === 'scale' ? <ScaleFacts {...common} /> : <PaperFacts {...common} currency={shop.currency} />}
      {save.error && <Refusal>{save.error.message}</Refusal>}
      {manages && (
        <p>
          <Button type="submit" look="primary" disabled={save.isPending || !changed}>
            Save the shop
          </Button>{' '}
          {save.isSuccess && !changed && (
            <span className={ink['verdi']} role="status">
              ■ saved, every print follows
            </span>
          )}
        </p>
      )}
    </form>
  );
}
