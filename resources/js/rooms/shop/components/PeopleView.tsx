import { useState } from 'react';
import { useChangePeople, usePeople, type People, type Role } from '@/shared/api';
import { Button, Dialog, Loading, Notice, Refusal, Select } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import { ROLES } from '../model';
import { InviteForm } from './InviteForm';
import styles from './shop.module.css';

type Person = People['people'][number];

/** Who may sign in, as what, and who was asked to. */
export function PeopleView() {
  const people = usePeople();
  const change = useChangePeople();
  const [leaving, setLeaving] = useState<Person | null>(null);
  if (people.error) return <Notice title="The people cannot be shown" text={people.error.message} />;
  if (!people.data) return <Loading what="Looking who is here" />;
  const fault = change.role.error ?? change.takeAway.error ?? change.withdraw.error;
  return (
    <div className={styles['people']}>
      <section>
        <h2>May sign in</h2>
        {fault && <Refusal>{fault.message}</Refusal>}
        <ul>
          {people.data.people.map((person) => (
            <li key={person.id}>
              <span>
                <b>{person.name}</b> {person.you && <span className={ink['quiet']}>(you)</span>}
                {person.demo && <span className={ink['ochre']}> ▲ demo account, from this machine only</span>}
                <br />
                <span className={ink['quiet']}>{person.email}</span>
              </span>
              <Select
                aria-label={`What ${person.name} may do`}
                value={person.role}
                onChange={(event) => {
                  change.role.mutate({ person: person.id, role: event.target.value as Role });
                }}
              >
                {ROLES.map(([id, name]) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </Select>
              <Button
                onClick={() => {
                  setLeaving(person);
                }}
              >
                Take away
              </Button>
            </li>
          ))}
          {people.data.invited.map((each) => (
            <li key={`invited ${String(each.id)}`} className={clsx(styles['invited'])}>
              <span>
                <b>{each.name}</b> <span className={ink['quiet']}>invited as {each.role}, the link works until</span>{' '}
                {each.until}
                <br />
                <span className={ink['quiet']}>{each.email}</span>
              </span>
              <span />
              <Button
                onClick={() => {
                  change.withdraw.mutate(each.id);
                }}
              >
                Withdraw
              </Button>
            </li>
          ))}
        </ul>
      </section>
      <InviteForm invite={change.invite} />
      <Dialog
        open={leaving !== null}
        title={`Take ${leaving?.name ?? ''} away?`}
        onLeave={() => {
          setLeaving(null);
        }}
        actions={
          <>
            <Button
              onClick={() => {
                setLeaving(null);
              }}
            >
              Leave it
            </Button>
            <Button
              look="primary"
              onClick={() => {
                if (leaving) change.takeAway.mutate(leaving.id);
                setLeaving(null);
              }}
            >
              Take away
            </Button>
          </>
        }
      >
        <p>They are signed out everywhere and cannot sign in again. What they did stays under their name.</p>
      </Dialog>
    </div>
  );
}
