import { useState } from 'react';
import { useSaveShop, type Shop } from '@/shared/api';
import { Button, Refusal } from '@/shared/ui';
import { ChoiceField, LinesField, TextField, useKeptForm } from '@/shared/ui/form';
import ink from '@/shared/style/ink.module.css';
import { changeOf, SHOP, wordsOf } from '../model';
import { ScaleLines } from './ScaleLines';
import styles from './shop.module.css';

const LANGUAGES = [
  ['en', 'English'],
  ['de', 'German'],
] as const;
const PAPERS = [
  ['A4', 'A4'],
  ['Letter', 'Letter'],
] as const;

/** Everything that is said once of the shop. */
export function ShopForm({ shop, manages }: { shop: Shop; manages: boolean }) {
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
      <fieldset>
        <legend>On every print</legend>
        <TextField {...common} name="name" id="shop-name" label="name" placeholder="Saltmarsh Bench" />
        <TextField {...common} name="email" id="shop-email" label="mail, where customers write" type="email" />
        <LinesField {...common} name="address" id="shop-address" label="address, in lines" rows={3} />
      </fieldset>
      <fieldset>
        <legend>Where customers reach us</legend>
        <TextField
          {...common}
          name="publicAddress"
          id="shop-public"
          label="public address, on every code and link"
          placeholder="https://kits.example"
        />
        <p className={ink['quiet']}>
          Until it is set, labels and manuals carry no code. Set it once a proxy with TLS leads here; demo accounts end
          with it.
        </p>
      </fieldset>
      <fieldset>
        <legend>Usual in this shop</legend>
        <TextField {...common} name="currency" id="shop-currency" label="currency" maxLength={3} />
        <ChoiceField {...common} name="paper" id="shop-paper" label="paper" choices={PAPERS} />
        <ChoiceField {...common} name="language" id="shop-language" label="language" choices={LANGUAGES} />
        <ChoiceField
          {...common}
          name="secondLanguage"
          id="shop-second"
          label="second language (kept, not printed yet)"
          choices={[['', 'none'], ...LANGUAGES]}
        />
      </fieldset>
      <fieldset>
        <legend>What work and bags cost</legend>
        <TextField {...common} name="wage" id="shop-wage" label={`an hour of work, ${shop.currency}`} />
        <TextField {...common} name="bagCost" id="shop-bag" label={`a bag with its label, ${shop.currency}`} />
        <TextField {...common} name="bagMinutes" id="shop-bag-minutes" label="minutes to fill and close a bag" />
        <TextField {...common} name="stripMinutes" id="shop-strip" label="minutes to tape a part to a strip" />
        <p className={ink['quiet']}>Common practice until you say yours. Bags by cost count with them.</p>
      </fieldset>
      <fieldset>
        <legend>The scale of the packing bench</legend>
        <TextField {...common} name="scaleDivision" id="shop-division" label="smallest step, g" />
        <TextField
          {...common}
          name="scaleRepeatability"
          id="shop-repeatability"
          label="how far readings of one thing scatter, g"
        />
        <TextField {...common} name="checkMass" id="shop-check-mass" label="check mass, g" />
        {manages && (
          <ScaleLines
            unit={form.watch('scaleUnit')}
            stable={form.watch('scaleStable')}
            onTake={(unit, stable) => {
              form.setValue('scaleUnit', unit, { shouldDirty: true });
              form.setValue('scaleStable', stable ?? '', { shouldDirty: true });
            }}
          />
        )}
      </fieldset>
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
