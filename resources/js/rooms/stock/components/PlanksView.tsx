import { useState } from 'react';
import { FIRST, usePlanks, useReach, useShelf, type ShelfRow } from '@/shared/api';
import { isDue, orderByWords, reachWhy, soldOutWords } from '@/shared/kit';
import { Button, KitChooser, Loading, Notice, TextLink } from '@/shared/ui';
import { ceiling, kitsWords, plankWhy, waterWords } from '../planks';
import { PlankBar } from './PlankBar';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './planks.module.css';

/** A kit as a row of planks: each part as long as the kits it reaches for; the shortest is the limit. */
export function PlanksView({ mayBuy }: { mayBuy: boolean }) {
  const shelf = useShelf(FIRST);
  const [chosen, setChosen] = useState<ShelfRow | null>(null);
  const kit = chosen ?? shelf.data?.kits[0] ?? null;
  const planks = usePlanks(kit?.id ?? null);
  const reach = useReach(kit ? [kit.id] : []).data?.get(kit?.id ?? 0);
  const today = new Date().toISOString().slice(0, 10);
  const [part, setPart] = useState<string | null>(null);
  if (shelf.error) return <Notice title="The kits cannot be shown" text={shelf.error.message} />;
  if (shelf.data?.kits.length === 0)
    return <Notice title="No kit yet" text="Drop a parts list on the Shelf; how far its parts reach stands here." />;
  const sheet = planks.data;
  const open = sheet?.planks.find((plank) => plank.part === part) ?? sheet?.planks[0];
  return (
    <section className={styles['view']} aria-label="Planks">
      <div className={clsx(ui['bar'], styles['head'])}>
        <span className={styles['kit']}>
          <KitChooser
            id="planks-kit"
            label="kit"
            kit={kit}
            onChoose={(next) => {
              setChosen(next);
              setPart(null);
            }}
          />
        </span>
        {sheet && <b>{waterWords(sheet)}</b>}
        {sheet && sheet.later > sheet.waterline && (
          <span>
            {kitsWords(sheet.later)} <span className={ink['verdi']}>once the orders have come</span>
          </span>
        )}
        {reach && soldOutWords(reach) !== '' && <span>{soldOutWords(reach)}</span>}
        {reach && orderByWords(reach, today) !== '' && (
          <span className={isDue(reach, today) ? ink['ochre'] : undefined}>
            {isDue(reach, today) && '▲ '}
            {orderByWords(reach, today)}
          </span>
        )}
        {reach && (
          <Button look="link" title={reachWhy(reach)}>
            Why?
          </Button>
        )}
      </div>
      {planks.error && <Notice title="The planks cannot be shown" text={planks.error.message} />}
      {!sheet && !planks.error && <Loading what="Measuring the parts in kits" />}
      {sheet && sheet.planks.length === 0 && <p className={ui['loading']}>Nothing of this kit is packed yet.</p>}
      {sheet && open && (
        <div className={styles['split']}>
          <div className={styles['picture']}>
            <PlankBar sheet={sheet} top={ceiling(sheet)} open={open.part} onOpen={setPart} />
          </div>
          <aside className={styles['why']} aria-label={open.title}>
            <h2>{open.title}</h2>
            <p className={ink['m']}>{open.designators.join(' ')}</p>
            <dl>
              {plankWhy(open).map(([what, figure]) => (
                <div key={what}>
                  <dt>{what}</dt>
                  <dd className={ink['m']}>{figure}</dd>
                </div>
              ))}
            </dl>
            {open.onHand < 0 && <p className={ink['ochre']}>▲ The book is below nought: count it under Parts.</p>}
            {mayBuy && (
              <TextLink to={`/stock?view=buying&for=${String(sheet.kitId)}`}>What to order for more kits</TextLink>
            )}
          </aside>
        </div>
      )}
    </section>
  );
}
