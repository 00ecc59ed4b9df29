import { useMe } from '@/shared/api';
import { useView, Views } from '@/shared/ui';
import { ArticlesView } from './ArticlesView';
import { BuyingView } from './BuyingView';
import { KitsView } from './KitsView';
import { PartsView } from './PartsView';
import { PlanksView } from './PlanksView';
import { SerialsView } from './SerialsView';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import styles from './stock.module.css';

const VIEWS = [
  { id: 'planks', name: 'Planks' },
  { id: 'parts', name: 'Parts' },
  { id: 'buying', name: 'Buying' },
  { id: 'kits', name: 'Kits' },
  { id: 'serials', name: 'Serials' },
  { id: 'articles', name: 'Articles' },
] as const;
type View = (typeof VIEWS)[number]['id'];

/** What lies in the shop: how far it reaches, parts by lot, what to buy, packed kits, and all that is sold. */
export function Stock() {
  const [view, open] = useView<View>(VIEWS.map(({ id }) => id));
  const me = useMe();
  const abilities: readonly string[] = me.data?.abilities ?? [];
  const mayPack = abilities.includes('pack-kits');
  const mayBuy = abilities.includes('sell-kits');
  return (
    <main className={clsx(ui['room'], styles['stockroom'])}>
      <div className={ui['roomhead']}>
        <h1>Stock</h1>
        <Views
          label="What lies here"
          views={mayBuy ? VIEWS : VIEWS.filter(({ id }) => id !== 'buying')}
          view={view}
          onView={open}
        />
      </div>
      {view === 'planks' && <PlanksView mayBuy={mayBuy} />}
      {view === 'parts' && <PartsView mayMove={mayPack} />}
      {view === 'buying' && <BuyingView />}
      {view === 'kits' && <KitsView mayPack={mayPack} />}
      {view === 'serials' && <SerialsView mayPack={mayPack} />}
      {view === 'articles' && <ArticlesView />}
    </main>
  );
}
