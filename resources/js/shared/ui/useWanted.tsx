import { useEffect, useState, type ReactNode } from 'react';
import { FIRST, type Wanted } from '@/shared/api';
import { SortHead } from './SortHead';

const TYPING = 250;

/** Which page of a list is wanted, as a person types, sorts and turns pages; the server is asked when the typing rests. */
export function useWanted() {
  const [text, setText] = useState('');
  const [wanted, setWanted] = useState<Wanted>(FIRST);
  useEffect(() => {
    const timer = setTimeout(() => {
      setWanted((now) => (now.search === text ? now : { ...now, page: 1, search: text }));
    }, TYPING);
    return () => {
      clearTimeout(timer);
    };
  }, [text]);
  const head = (column: string, label: string, numeric = false): ReactNode => {
    const way = wanted.sort === column ? 'ascending' : wanted.sort === `-${column}` ? 'descending' : 'none';
    return (
      <SortHead
        key={column}
        label={label}
        way={way}
        numeric={numeric}
        onSort={() => {
          setWanted({ ...wanted, page: 1, sort: way === 'ascending' ? `-${column}` : column });
        }}
      />
    );
  };
  return {
    wanted,
    want: setWanted,
    text,
    setText,
    head,
    turn: (page: number) => {
      setWanted({ ...wanted, page });
    },
  };
}
