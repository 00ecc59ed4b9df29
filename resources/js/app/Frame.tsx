import Drawer from '@mui/material/Drawer';
import { clsx } from 'clsx';
import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Navigate, Outlet, useLocation, useNavigate } from 'react-router';
import { api, Refused, useMe } from '@/shared/api';
import { forgetWords } from '@/shared/keep';
import { FindBox } from './FindBox';
import { KeysHelp } from './KeysHelp';
import { ROOMS } from './rooms';
import { SchemeChoice } from './SchemeChoice';
import { Button, PlaceLink, Press, usePhone } from '@/shared/ui';
import styles from './Frame.module.css';

/** The spine at the left and the room beside it. */
export function Frame() {
  const me = useMe();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { pathname } = useLocation();
  const phone = usePhone();
  const [open, setOpen] = useState(false);
  const shut = () => {
    setOpen(false);
  };
  const isHere = (room: string) => pathname.startsWith(room) || (room === '/shelf' && pathname.startsWith('/kits'));
  const leave = async () => {
    await api.post('/sign-out');
    forgetWords();
    queries.clear();
    await navigate('/sign-in');
  };
  if (me.error instanceof Refused && me.error.status === 401) return <Navigate to="/sign-in" replace />;
  const seen = ROOMS.filter((room) => me.data?.abilities.includes(room.needs) ?? room.needs === 'see-kits');
  const link = (room: (typeof ROOMS)[number]) => (
    <PlaceLink
      key={room.to}
      to={room.to}
      onClick={shut}
      here={isHere(room.to)}
      className={clsx(isHere(room.to) && styles['active'])}
    >
      <svg
        width="20"
        height="20"
        viewBox="0 0 20 20"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.7"
        aria-hidden="true"
      >
        <path d={room.sign} />
      </svg>
      {room.name}
    </PlaceLink>
  );
  const nav = (
    <nav className={clsx(styles['spine'], phone && styles['drawn'])} aria-label="Rooms">
      <svg className={styles['logo']} width="34" height="34" viewBox="0 0 32 32" aria-hidden="true">
        <path d="M13 5C8 6 5 10 5 16s3 10 8 11" fill="none" stroke="var(--ink)" strokeWidth="4" />
        <path d="M19 5c5 1 8 5 8 11s-3 10-8 11" fill="none" stroke="var(--copper)" strokeWidth="4" />
        <path d="M16 3v26" stroke="var(--ink3)" strokeWidth="1.4" strokeDasharray="3 2" />
      </svg>
      {seen.filter((room) => !('foot' in room)).map(link)}
      <span className={styles['gap']} />
      {seen.filter((room) => 'foot' in room).map(link)}
      <SchemeChoice />
      <Press onClick={() => void leave()} title={me.data ? `Signed in: ${me.data.name}` : 'Sign out'}>
        Sign out
      </Press>
    </nav>
  );
  const here = ROOMS.find((room) => pathname.startsWith(room.to))?.name ?? 'Shelf';
  return (
    <div className={clsx(styles['app'], phone && styles['phone'])}>
      {phone ? (
        <>
          <header className={styles['topbar']}>
            <Button
              aria-expanded={open}
              onClick={() => {
                setOpen(true);
              }}
            >
              Rooms
            </Button>
            {here}
          </header>
          <Drawer open={open} onClose={shut}>
            {nav}
          </Drawer>
        </>
      ) : (
        nav
      )}
      <Outlet />
      <FindBox />
      <KeysHelp />
    </div>
  );
}
