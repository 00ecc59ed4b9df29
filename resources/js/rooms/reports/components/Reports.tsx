import { useState } from 'react';
import { useFetchMail, useReports, useStacks, FIRST, type Stack } from '@/shared/api';
import { useKeys } from '@/shared/keys';
import { Button, FilterField, Loading, Notice, Pager, Segment, Segments, useView, useWanted, Views } from '@/shared/ui';
import { Apart } from './Apart';
import { BringIn } from './BringIn';
import { SentMails } from './SentMails';
import { Sheet } from './Sheet';
import { TypeIn } from './TypeIn';
import { Wall } from './Wall';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './reports.module.css';

const SHOWN = ['open', 'all', 'apart', 'mail'] as const;

/** What customers wrote, pinned where it belongs; the open letter beside it, answered without leaving the room. */
export function Reports() {
  const { wanted, text, setText, turn } = useWanted();
  const [shown, show] = useView(SHOWN);
  const [kit, setKit] = useState<number | null>(null);
  const [id, setId] = useState<number | null>(null);
  const words = useReports(FIRST, 'open');
  const stacks = useStacks(wanted, kit, shown === 'all' ? 'all' : 'open');
  const fetched = useFetchMail();
  const all = stacks.data?.stacks ?? [];
  const stack = all.find((each) => id !== null && each.reports.includes(id)) ?? null;
  const open = (of: Stack) => {
    setId(of.reports[0] ?? null);
  };
  const go = (by: number) => {
    const at = stack ? all.indexOf(stack) : -1;
    const next = all[Math.max(0, Math.min(all.length - 1, at + by))];
    if (next) open(next);
  };
  useKeys({
    ArrowDown: () => {
      go(1);
    },
    ArrowUp: () => {
      go(-1);
    },
    Escape: () => {
      setId(null);
    },
  });
  if (words.error) return <Notice title="The reports cannot be shown" text={words.error.message} />;
  if (!words.data || !stacks.data) return <Loading what="Pinning up the letters" fault={stacks.error} />;
  const { kits } = stacks.data;
  const now = kits.find((each) => each.id === stacks.data.kit);
  const isWall = shown === 'open' || shown === 'all';
  return (
    <main className={clsx(ui['room'], styles['reportroom'])}>
      <div className={ui['roomhead']}>
        <h1>Reports</h1>
        <Views
          label="Which reports"
          view={shown}
          views={[
            { id: 'open', name: `open, ${String(words.data.open)}` },
            { id: 'all', name: `all, ${String(words.data.all)}` },
            { id: 'apart', name: `apart, ${String(words.data.apart)}` },
            { id: 'mail', name: 'mail sent' },
          ]}
          onView={(which) => {
            show(which);
            turn(1);
          }}
        />
        <FilterField id="report-filter" label="Filter reports" placeholder="Filter" value={text} onChange={setText} />
        <span className={ui['end']}>
          <Button
            disabled={fetched.isPending}
            onClick={() => {
              fetched.mutate();
            }}
          >
            Read the mailbox
          </Button>{' '}
          <BringIn /> <TypeIn onMade={setId} />
        </span>
      </div>
      {fetched.data && (
        <p className={clsx(styles['fetched'], fetched.data.fault === '' ? ink['verdi'] : ink['ochre'])} role="status">
          {fetched.data.fault === ''
            ? `■ ${String(fetched.data.read)} new ${fetched.data.read === 1 ? 'letter' : 'letters'}`
            : `▲ ${fetched.data.fault}`}
        </p>
      )}
      {shown === 'mail' && <SentMails wanted={wanted} onPage={turn} />}
      {shown === 'apart' && (
        <Apart
          wanted={wanted}
          onPage={turn}
          onMade={(made) => {
            show('open');
            setId(made);
          }}
        />
      )}
      {isWall && kits.length > 1 && (
        <div className={styles['kits']}>
          <Segments label="Kit">
            {kits.map((each) => (
              <Segment
                key={String(each.id)}
                pressed={each.id === stacks.data.kit}
                onPress={() => {
                  setKit(each.id ?? 0);
                  setId(null);
                  turn(1);
                }}
              >
                {each.id === null ? 'which kit?' : each.name}
                {each.open > 0 && ` ${String(each.open)}`}
              </Segment>
            ))}
          </Segments>
        </div>
      )}
      {isWall && (
        <div className={clsx(styles['reportpair'], id !== null && styles['picked'])}>
          <div className={styles['wallside']}>
            {all.length === 0 ? (
              <p className={clsx(ink['quiet'], styles['none'])}>
                {words.data.all === 0
                  ? 'No reports yet. They come from the builder’s page of each kit, from the mailbox, or bring letters in.'
                  : wanted.search === ''
                    ? 'Nothing open here. All reports of this kit are judged and answered.'
                    : 'No report with these letters.'}
              </p>
            ) : (
              <Wall
                key={String(stacks.data.kit)}
                stacks={stacks.data}
                revisionId={now?.revisionId ?? null}
                open={stack?.matter ?? null}
                onOpen={open}
              />
            )}
            {stacks.data.pages > 1 && (
              <Pager
                of="the stacks"
                page={stacks.data.page}
                pages={stacks.data.pages}
                total={stacks.data.total}
                onPage={turn}
              />
            )}
          </div>
          {id !== null && (
            <Sheet
              key={id}
              id={id}
              stack={stack}
              words={words.data}
              onOpen={setId}
              onLeave={() => {
                setId(null);
              }}
            />
          )}
        </div>
      )}
    </main>
  );
}
