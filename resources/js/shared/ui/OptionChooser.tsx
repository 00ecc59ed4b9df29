import type { KitOption } from '@/shared/api';
import { choose, priceWords, valueOf } from '@/shared/format';
import { Select } from './Select';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';

type Props = { options: readonly KitOption[]; chosen: string; onChoose: (chosen: string) => void };

/** What the customer chooses of a kit, one list for each option. */
export function OptionChooser({ options, chosen, onChoose }: Props) {
  return (
    <>
      {options.map((option) => (
        <Select
          key={option.name}
          className={clsx(ui['filter'], ui['option'])}
          aria-label={`option ${option.name}`}
          value={valueOf(option, chosen)}
          onChange={(event) => {
            onChoose(choose(options, chosen, option.name, event.target.value));
          }}
        >
          {option.values.map((value) => (
            <option key={value} value={value}>
              {option.name}: {value}
              {priceWords(option.prices?.[value])}
            </option>
          ))}
        </Select>
      ))}
    </>
  );
}
