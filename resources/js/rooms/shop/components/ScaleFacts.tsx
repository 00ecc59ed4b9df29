import type { UseFormReturn } from 'react-hook-form';
import { ChoiceField, TextField } from '@/shared/ui/form';
import type { ShopWords } from '../model';
import { ScaleLines } from './ScaleLines';

const BINS = [
  ['no', 'no, the packer looks at the bin'],
  ['yes', 'yes, before each line'],
] as const;

type Props = { form: UseFormReturn<ShopWords>; disabled: boolean };

/** The scale of the packing bench: how fine it is, what it is checked with, how it writes its lines. */
export function ScaleFacts({ form, disabled }: Props) {
  const common = { form, disabled };
  return (
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
      <ChoiceField {...common} name="readsBins" id="shop-bins" label="read the code of a bin" choices={BINS} />
      {!disabled && (
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
  );
}
