import { Button, Input, KitChooser, OptionChooser, Select } from '@/shared/ui';
import ui from '@/shared/ui/ui.module.css';
import { FORMS, formWords } from '../soldAs';
import type { LineDraft } from '../useLineDraft';
import { GoodsChooser } from './GoodsChooser';
import styles from './sales.module.css';

type Props = { id: string; draft: LineDraft; legend: string; missing: boolean; onAdd: () => void };

/** Chooses what is ordered: a kit as it is sold, with its options, or goods. */
export function LineAdder({ id, draft, legend, missing, onAdd }: Props) {
  return (
    <fieldset className={styles['adder']}>
      <legend>{legend}</legend>
      <div className={ui['field']}>
        {draft.isGoods ? (
          <GoodsChooser id={`${id}-goods`} article={draft.goods} missing={missing} onChoose={draft.setGoods} />
        ) : (
          <KitChooser id={`${id}-kit`} label="kit" kit={draft.kit} missing={missing} onChoose={draft.setKit} />
        )}
      </div>
      <div className={ui['field']}>
        <label htmlFor={`${id}-size`}>sold as</label>
        <Select
          id={`${id}-size`}
          value={draft.soldAs}
          onChange={(event) => {
            draft.setSoldAs(FORMS.find((each) => each === event.target.value) ?? '1');
          }}
        >
          {FORMS.map((each) => (
            <option key={each} value={each}>
              {formWords(each)}
            </option>
          ))}
        </Select>
      </div>
      {draft.offered.length > 0 && (
        <div className={ui['field']}>
          <span>with</span>
          <span>
            <OptionChooser options={draft.offered} chosen={draft.options} onChoose={draft.setOptions} />
          </span>
        </div>
      )}
      <div className={ui['field']}>
        <label htmlFor={`${id}-quantity`}>how many</label>
        <Input
          id={`${id}-quantity`}
          type="number"
          value={draft.quantity}
          onChange={(event) => {
            draft.setQuantity(event.target.value);
          }}
        />
      </div>
      <div className={ui['field']}>
        <label htmlFor={`${id}-price`}>price of one</label>
        <Input
          id={`${id}-price`}
          value={draft.price}
          onChange={(event) => {
            draft.setPrice(event.target.value);
          }}
        />
      </div>
      <div className={ui['field']}>
        <Button disabled={draft.line === null} onClick={onAdd}>
          Add another article
        </Button>
      </div>
    </fieldset>
  );
}
