import { clsx } from 'clsx';
import { useMe } from '@/shared/api';
import { useView, Views } from '@/shared/ui';
import ui from '@/shared/ui/ui.module.css';
import { DoctorView } from './DoctorView';
import { MailView } from './MailView';
import { OwnAccount } from './OwnAccount';
import { PeopleView } from './PeopleView';
import { ShopView } from './ShopView';
import styles from './shop.module.css';

const VIEWS = [
  { id: 'shop', name: 'On paper and on the net' },
  { id: 'scale', name: 'The bench scale' },
  { id: 'mail', name: 'Letters by mail' },
  { id: 'people', name: 'People' },
  { id: 'you', name: 'Your account' },
  { id: 'health', name: 'This installation' },
] as const;
const OF_MAKERS = ['mail', 'people', 'health'];

/** Who we are, where customers reach us, who may do what, and how the installation is. */
export function ShopRoom() {
  const me = useMe();
  const manages = me.data?.abilities.includes('manage-shop') ?? false;
  const views = VIEWS.filter(({ id }) => manages || !OF_MAKERS.includes(id));
  const [view, open] = useView(views.map(({ id }) => id));
  return (
    <main className={clsx(ui['room'], styles['shoproom'])}>
      <div className={ui['roomhead']}>
        <h1>Shop</h1>
        <Views label="What of the shop" views={views} view={view} onView={open} />
      </div>
      {view === 'shop' && <ShopView manages={manages} part="paper" />}
      {view === 'scale' && <ShopView manages={manages} part="scale" />}
      {view === 'mail' && <MailView />}
      {view === 'people' && <PeopleView />}
      {view === 'you' && <OwnAccount />}
      {view === 'health' && <DoctorView />}
    </main>
  );
}
