import type { UseFormReturn } from 'react-hook-form';
import { ChoiceField, LinesField, TextField } from '@/shared/ui/form';
import ink from '@/shared/style/ink.module.css';
import type { ShopWords } from '../model';

const LANGUAGES = [
  ['en', 'English'],
  ['de', 'German'],
] as const;
const PAPERS = [
  ['A4', 'A4'],
  ['Letter', 'Letter'],
] as const;

type Props = { form: UseFormReturn<ShopWords>; disabled: boolean; currency: string };

/** Who we are on paper, where customers reach us, and what work costs. */
export function PaperFacts({ form, disabled, currency }: Props) {
  const common = { form, disabled };
  return (
    <>
      <fieldset>
        <legend>On every print</legend>
        <TextField {...common} name="name" id="shop-name" label="name" placeholder="Saltmarsh Bench" />
        <TextField {...common} name="email" id="shop-email" label="mail, where customers write" type="email" />
        <LinesField {...common} name="address" id="shop-address" label="address, in lines" rows={2} />
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
        <TextField
          {...common}
          name="country"
          id="shop-country"
          label="country where the kits are made, for customs"
          maxLength={60}
        />
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
        <TextField {...common} name="wage" id="shop-wage" label={`an hour of work, ${currency}`} />
        <TextField {...common} name="bagCost" id="shop-bag" label={`a bag with its label, ${currency}`} />
        <TextField {...common} name="bagMinutes" id="shop-bag-minutes" label="minutes to fill and close a bag" />
        <TextField {...common} name="stripMinutes" id="shop-strip" label="minutes to tape a part to a strip" />
        <p className={ink['quiet']}>Common practice until you say yours. Bags by cost count with them.</p>
      </fieldset>
    </>
  );
}
