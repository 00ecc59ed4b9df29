import { usePicture, type KitReach, type ShelfRow, type useKitDeed } from '@/shared/api';
import { minutes } from '@/shared/format';
import { isDue, orderByWords, packableWords, reachWhy, soldOutWords } from '@/shared/kit';
import { KitMenu } from './KitMenu';
import { Button, OutLink, TextLink } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './shelf.module.css';

type Props = { kit: ShelfRow; reach?: KitReach | undefined; mayEdit: boolean; deed: ReturnType<typeof useKitDeed> };

/** One kit on the Shelf; one that cannot be read says why, and its files can still be taken. */
export function KitRow({ kit, reach, mayEdit, deed }: Props) {
  const to = `/kits/${String(kit.revisionId)}`;
  const facts = kit.facts;
  return (
    <li className={styles['kitrow']}>
      <Board kit={kit} to={to} />
      <div>
        <h2>
          <TextLink to={`${to}/parts`}>{kit.name}</TextLink>
        </h2>
        <p className={ink['quiet']}>
          revision {kit.revision}, {kit.released ? 'released' : 'draft'}
          {kit.revisions > 1 ? `, ${String(kit.revisions)} revisions` : ''}
        </p>
      </div>
      <dl>
        <div>
          <dt>parts</dt>
          <dd>{facts?.parts ?? '–'}</dd>
        </div>
        <div>
          <dt>steps</dt>
          <dd>{facts?.steps ?? '–'}</dd>
        </div>
        <div>
          <dt>to build</dt>
          <dd>{facts?.time ?? (facts?.minutes == null ? '–' : minutes(facts.minutes))}</dd>
        </div>
        <div>
          <dt>on hand</dt>
          <dd>{kit.onHand}</dd>
        </div>
        {reach && <Reach kit={kit} reach={reach} />}
      </dl>
      <div className={styles['next']}>
        {kit.fault === null ? <Open kit={kit} to={to} /> : <Fault kit={kit} mayEdit={mayEdit} deed={deed} />}
      </div>
      {mayEdit && <KitMenu kit={kit} deed={deed} />}
    </li>
  );
}

/** What can be packed, when it is sold, and by when parts have to be ordered. */
function Reach({ kit, reach }: { kit: ShelfRow; reach: KitReach }) {
  const today = new Date().toISOString().slice(0, 10);
  const order = orderByWords(reach, today);
  return (
    <div className={styles['reach']}>
      <dt>
        {packableWords(reach)}{' '}
        <Button look="link" title={reachWhy(reach)}>
          Why?
        </Button>
      </dt>
      <dd>
        {soldOutWords(reach)}
        {order !== '' && (
          <>
            {soldOutWords(reach) === '' ? '' : ', '}
            <TextLink
              className={isDue(reach, today) ? ink['ochre'] : undefined}
              to={`/stock?view=buying&for=${String(kit.id)}`}
            >
              {isDue(reach, today) ? `▲ ${order}` : order}
            </TextLink>
          </>
        )}
      </dd>
    </div>
  );
}

function Board({ kit, to }: { kit: ShelfRow; to: string }) {
  const picture = usePicture(kit.picture);
  if (kit.picture === null || (picture.data && !picture.data.includes('data-ref')))
    return (
      <TextLink to={`${to}/board`} className={clsx(styles['picture'], styles['none'])}>
        {kit.facts ? 'no placements yet' : 'no picture'}
      </TextLink>
    );
  // Our own drawing, made by the server from numbers and escaped names.
  return (
    <TextLink
      to={`${to}/board`}
      className={styles['picture']}
      aria-label={`Board of ${kit.name}`}
      dangerouslySetInnerHTML={{ __html: picture.data ?? '' }}
    />
  );
}

function Open({ kit, to }: { kit: ShelfRow; to: string }) {
  const facts = kit.facts;
  const open = facts ? facts.matters.block + facts.matters.warn : 0;
  return (
    <>
      {!facts ? (
        <b className={ink['quiet']}>being worked out</b>
      ) : open > 0 ? (
        <b className={ink['ochre']}>▲ {open} to settle</b>
      ) : facts.begins ? (
        <b className={ink['quiet']}>
          □{' '}
          <TextLink to={`${to}/${facts.begins}`}>
            {facts.begins.charAt(0).toUpperCase() + facts.begins.slice(1)}
          </TextLink>{' '}
          not begun
        </b>
      ) : (
        <b className={styles['done']}>■ settled</b>
      )}
      {facts && !kit.current && (
        <span className={clsx(ink['quiet'], ink['small'])}> as of the last time it was worked out</span>
      )}
      {kit.openReports > 0 && (
        <p>
          <TextLink to={`${to}/faults`}>
            {kit.openReports} {kit.openReports === 1 ? 'report' : 'reports'} to look at
          </TextLink>
        </p>
      )}
      {facts?.next && (
        <p>
          <TextLink to={`${to}/${facts.next.station}`}>{facts.next.message}</TextLink>
        </p>
      )}
    </>
  );
}

function Fault({ kit, mayEdit, deed }: Props) {
  return (
    <>
      <b className={styles['harm']}>✕ cannot be read</b>
      <p className={clsx(ui['why'], styles['why'])}>{kit.fault}</p>
      <p>
        <OutLink href={`/api/revisions/${String(kit.revisionId)}/take/files.zip`} download>
          Take the files
        </OutLink>
        {mayEdit && (
          <>
            {' '}
            or{' '}
            <Button
              look="link"
              disabled={deed.isPending}
              onClick={() => {
                deed.mutate({ what: 'kit-aside', kit: kit.id, aside: true });
              }}
            >
              put the kit aside
            </Button>
          </>
        )}
      </p>
    </>
  );
}
