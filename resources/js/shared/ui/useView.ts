import { useSearchParams } from 'react-router';

/** Which view of a room is open. It stands in the address: a reload, the way back and a link lead to the same one. */
export function useView<Id extends string>(views: readonly Id[]): [view: Id, open: (view: Id) => void] {
  const [search, setSearch] = useSearchParams();
  const first = views[0] as Id;
  const asked = views.find((each) => each === search.get('view')) ?? first;
  return [
    asked,
    (view) => {
      setSearch((now) => {
        const next = new URLSearchParams(now);
        if (view === first) next.delete('view');
        else next.set('view', view);
        return next;
      });
    },
  ];
}
