import { useSaveLogo, type Shop } from '@/shared/api';
import { Button, FileButton, Refusal } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import { inLetters } from '../model';
import styles from './shop.module.css';

/** The head of a slip and a label as they will print. */
export function Letterhead({ shop, manages }: { shop: Shop; manages: boolean }) {
  const save = useSaveLogo();
  return (
    <section className={styles['paper']} aria-label="As it will print">
      <div className={styles['sheet']}>
        <header>
          {shop.logo && <img src={`/api/shop/logo?v=${String(shop.version)}`} alt="Logo of the shop" />}
          <div>
            <b>{shop.name || 'your name'}</b>
            <br />
            {shop.address === '' ? <span className={ink['quiet']}>your address</span> : shop.address}
            <br />
            {shop.email || <span className={ink['quiet']}>where customers write</span>}
          </div>
        </header>
        <h3>Packing slip</h3>
        <p aria-hidden="true" className={styles['lines']} />
      </div>
      <div className={styles['label']}>
        <div className={styles['code']} aria-hidden="true">
          {shop.publicAddress === null ? 'no code' : ''}
        </div>
        <div>
          <b>Label of a kit</b>
          <br />
          {shop.publicAddress === null ? (
            <span className={ink['ochre']}>▲ No public address: the label carries no code that leads nowhere.</span>
          ) : (
            <span className={ink['m']}>{inLetters(shop.publicAddress)}/b/…</span>
          )}
        </div>
      </div>
      {save.error && <Refusal>{save.error.message}</Refusal>}
      {manages && (
        <p>
          <FileButton
            label={shop.logo ? 'Another logo' : 'Add a logo'}
            disabled={save.isPending}
            onFiles={([logo]) => {
              if (logo) save.mutate({ version: shop.version, logo });
            }}
          />{' '}
          {shop.logo && (
            <Button
              disabled={save.isPending}
              onClick={() => {
                save.mutate({ version: shop.version, logo: null });
              }}
            >
              Take it away
            </Button>
          )}
        </p>
      )}
    </section>
  );
}
