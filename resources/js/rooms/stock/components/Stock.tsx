import { useMe } from '@/shared/api';
import { useView, Views } from '@/shared/ui';
import { ArticlesView } from './ArticlesView';
import { KitsView } from './KitsView';
import { PartsView } from './PartsView';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import styles from './stock.module.css';

const VIEWS = [
  { id: 'parts', name: 'Parts' },
  { id: 'kits', name: 'Kits' },
  { id: 'articles', name: 'Articles' },
] as const;

/** What lies in the shop: parts by lot, packed kits, and all that is sold. */
export function Stock() {
  const [view, open] = useView<'parts' | 'kits' | 'articles'>(['parts', 'kits', 'articles']);
  const me = useMe();
  const mayPack = me.data?.abilities.includes('pack-kits') ?? false;
  return (
    <main className={clsx(ui['room'], styles['stockroom'])}>
      <div className={ui['roomhead']}>
        <h1>Stock</h1>
        <Views label="What lies here" views={VIEWS} view={view} onView={open} />
      </div>
      {view === 'parts' && <PartsView mayMove={mayPack} />}
      {view === 'kits' && <KitsView mayPack={mayPack} />}
      {view === 'articles' && <ArticlesView />}
    </main>
  );
}
