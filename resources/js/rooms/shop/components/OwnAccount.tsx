import { zodResolver } from '@hookform/resolvers/zod';
import { useMutation } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { api, useMe, type Refused } from '@/shared/api';
import { Button, Refusal } from '@/shared/ui';
import { asTyped, needed, object, TextField } from '@/shared/ui/form';
import ink from '@/shared/style/ink.module.css';
import styles from './shop.module.css';

// A password is never kept on the device.
const WORDS = object({
  now: asTyped('Say the password you have now.'),
  password: needed('At least 12 characters.', 12),
});
const NONE = { now: '', password: '' };
const once = () => ({ operationId: crypto.randomUUID() });

/** One's own password, and an end to forgotten sessions. */
export function OwnAccount() {
  const me = useMe();
  const form = useForm({ defaultValues: NONE, resolver: zodResolver(WORDS), mode: 'onTouched' });
  const change = useMutation<unknown, Refused, typeof NONE>({
    mutationFn: (words) => api.put('/me/password', { body: { ...once(), ...words } }),
    onSuccess: () => {
      form.reset(NONE);
    },
  });
  const end = useMutation<{ ended: number } | undefined, Refused>({
    mutationFn: async () => (await api.remove('/me/sessions', { body: once() })).data,
  });
  const send = form.handleSubmit((words) => {
    change.mutate(words);
  });
  return (
    <div className={styles['people']}>
      <form className={styles['invite']} aria-label="Own password" noValidate onSubmit={(event) => void send(event)}>
        <h2>{me.data?.name}</h2>
        <TextField
          form={form}
          name="now"
          id="own-now"
          label="password you have now"
          type="password"
          autoComplete="current-password"
        />
        <TextField
          form={form}
          name="password"
          id="own-next"
          label="new password, 12 characters or more"
          type="password"
          autoComplete="new-password"
        />
        {change.error && <Refusal>{change.error.message}</Refusal>}
        <p>
          <Button type="submit" look="primary" disabled={change.isPending}>
            Change the password
          </Button>{' '}
          {change.isSuccess && (
            <span className={ink['verdi']} role="status">
              ■ changed; signed out everywhere else
            </span>
          )}
        </p>
      </form>
      <section>
        <h2>Signed in elsewhere</h2>
        <p>A telephone that is lost, a computer in the workshop: end every session but this one.</p>
        {end.error && <Refusal>{end.error.message}</Refusal>}
        <p>
          <Button
            disabled={end.isPending}
            onClick={() => {
              end.mutate();
            }}
          >
            Sign out everywhere else
          </Button>{' '}
          {end.data && (
            <span className={ink['verdi']} role="status">
              ■ {end.data.ended === 0 ? 'there was no other session' : `${String(end.data.ended)} ended`}
            </span>
          )}
        </p>
      </section>
    </div>
  );
}
