import { useShop } from '@/shared/api';
import { Loading, Notice } from '@/shared/ui';
import { Letterhead } from './Letterhead';
import { ShopForm } from './ShopForm';
import styles from './shop.module.css';

/** What is said of the shop, and beside it the paper that shows it; or what is said of its scale. */
export function ShopView({ manages, part }: { manages: boolean; part: 'paper' | 'scale' }) {
  const shop = useShop();
  if (shop.error) return <Notice title="The shop cannot be shown" text={shop.error.message} />;
  if (!shop.data) return <Loading what="Opening the shop" />;
  return (
    <div className={styles['two']}>
      <ShopForm key={part} shop={shop.data} manages={manages} part={part} />
      {part === 'paper' && <Letterhead shop={shop.data} manages={manages} />}
    </div>
  );
}
