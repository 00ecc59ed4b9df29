import { useState } from 'react';
import { Segment, Segments } from '@/shared/ui';
import { PlanView } from './PlanView';
import { SuppliersView } from './SuppliersView';
import { UnderWay } from './UnderWay';
import styles from './buying.module.css';

const PAGES = [
  ['plan', 'What to order'],
  ['way', 'On the way'],
  ['suppliers', 'Suppliers and offers'],
] as const;

/** Buying: what to order, what is on the way, who sells what. */
export function BuyingView() {
  const [page, setPage] = useState<(typeof PAGES)[number][0]>('plan');
  return (
    <section className={styles['buying']} aria-label="Buying">
      <div className={styles['pages']}>
        <Segments label="Buying">
          {PAGES.map(([id, name]) => (
            <Segment
              key={id}
              pressed={page === id}
              onPress={() => {
                setPage(id);
              }}
            >
              {name}
            </Segment>
          ))}
        </Segments>
      </div>
      {page === 'plan' && (
        <PlanView
          onOrdered={() => {
            setPage('way');
          }}
          onSuppliers={() => {
            setPage('suppliers');
          }}
        />
      )}
      {page === 'way' && <UnderWay />}
      {page === 'suppliers' && <SuppliersView />}
    </section>
  );
}
