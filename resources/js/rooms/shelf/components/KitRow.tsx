import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, type ShelfRow } from '@/shared/api';
import { minutes } from '@/shared/format';

/** One kit on the Shelf. */
export function KitRow({ kit, mayEdit }: { kit: ShelfRow; mayEdit: boolean }) {
  const queries = useQueryClient();
  const open = kit.matters.block + kit.matters.warn;
  const copy = async () => {
    await api.post(`/revisions/${String(kit.revisionId)}/revisions`, {});
    await queries.invalidateQueries({ queryKey: ['shelf'] });
  };
  const to = `/kits/${String(kit.revisionId)}`;
  return (
    <li className="kitrow">
      {kit.picture.includes('data-ref') ? (
        // Our own drawing, made by the server from numbers and escaped names.
        <Link to={`${to}/board`} className="picture" aria-label={`Board of ${kit.name}`} dangerouslySetInnerHTML={{ __html: kit.picture }} />
      ) : (
        <Link to={`${to}/board`} className="picture none">no placements yet</Link>
      )}
      <div>
        <h2><Link to={`${to}/parts`}>{kit.name}</Link></h2>
        <p className="quiet">revision {kit.revision}, {kit.released ? 'released' : 'draft'}{kit.revisions > 1 ? `, ${String(kit.revisions)} revisions` : ''}</p>
      </div>
      <dl>
        <div><dt>parts</dt><dd>{kit.parts}</dd></div>
        <div><dt>steps</dt><dd>{kit.steps ?? '–'}</dd></div>
        <div><dt>to build</dt><dd>{kit.minutes === null ? '–' : minutes(kit.minutes)}</dd></div>
        <div><dt>on hand</dt><dd>{kit.onHand}</dd></div>
      </dl>
      <div className="next">
        {open > 0 ? <b className="ochre">▲ {open} to settle</b> : <b className="done">■ settled</b>}
        {kit.openReports > 0 && <p><Link to={`${to}/faults`}>{kit.openReports} {kit.openReports === 1 ? 'report' : 'reports'} to look at</Link></p>}
        {kit.next && <p><Link to={`${to}/${kit.next.station}`}>{kit.next.message}</Link></p>}
      </div>
      {mayEdit && <button type="button" className="btn" onClick={() => void copy()}>New revision</button>}
    </li>
  );
}
