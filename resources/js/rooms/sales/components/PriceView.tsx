import { useState } from 'react';
import { FIRST, useCurve, usePrice, useShelf, type PriceTrial, type ShelfRow } from '@/shared/api';
import { KitChooser, Loading, Notice } from '@/shared/ui';
import { stair, type StairKind } from '../price';
import { BatchSlider } from './BatchSlider';
import { PriceBar } from './PriceBar';
import { SalesHead } from './SalesHead';
import { StairPicture } from './StairPicture';
import { StepPane } from './StepPane';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import styles from './price.module.css';

/** What a kit costs, step by step up to its price; a step that is picked says why and takes what the maker knows. */
export function PriceView() {
  const shelf = useShelf(FIRST);
  const [chosen, setChosen] = useState<ShelfRow | null>(null);
  const [tried, setTried] = useState<PriceTrial>({});
  const [open, setOpen] = useState<StairKind>('support');
  const kit = chosen ?? shelf.data?.kits[0] ?? null;
  const price = usePrice(kit?.id ?? null, tried);
  const curve = useCurve(kit?.id ?? null);
  const sheet = price.data;
  const fault = shelf.error ?? price.error;
  return (
    <main className={clsx(ui['room'], styles['priceroom'])}>
      <SalesHead>
        <span className={styles['kit']}>
          <KitChooser
            id="price-kit"
            label="kit"
            kit={kit}
            onChoose={(next) => {
              setChosen(next);
              setTried({});
            }}
          />
        </span>
      </SalesHead>
      {fault && <Notice title="The price cannot be shown" text={fault.message} />}
      {shelf.data?.kits.length === 0 && (
        <Notice title="No kit yet" text="Drop a parts list on the Shelf; what its kit costs stands here." />
      )}
      {!sheet && kit && !fault && <Loading what="Working out what the kit costs" />}
      {sheet && (
        <>
          <PriceBar key={sheet.facts.margin} price={sheet} tried={tried} onTried={setTried} busy={price.isFetching} />
          <div className={styles['split']}>
            <div className={styles['picture']}>
              <StairPicture steps={stair(sheet)} open={open} onOpen={setOpen} />
              <BatchSlider
                key={sheet.facts.batch}
                batch={Number(sheet.facts.batch)}
                curve={curve.data?.curve ?? []}
                best={curve.data?.best ?? null}
                currency={sheet.currency}
                onBatch={(batch) => {
                  setTried({ ...tried, batch: String(batch) });
                }}
              />
            </div>
            <StepPane key={`${String(sheet.kitId)} ${open}`} price={sheet} kind={open} onSaved={setTried} />
          </div>
        </>
      )}
    </main>
  );
}
