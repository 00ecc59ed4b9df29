import { useQueryClient } from '@tanstack/react-query';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { api } from '@/shared/api';
import { Button } from '@/shared/ui';
import { asTyped, needed, object, TextField } from '@/shared/ui/form';
import styles from './sign-in.module.css';

// A password is never kept on the device.
const ACCOUNT = object({ email: needed('Say your mail address.'), password: asTyped('Say your password.') });

/** Sign in. */
export function SignIn() {
  const form = useForm({ defaultValues: { email: '', password: '' }, resolver: zodResolver(ACCOUNT) });
  const [fault, setFault] = useState('');
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const enter = form.handleSubmit(async ({ email, password }) => {
    setBusy(true);
    try {
      await api.post('/sign-in', { body: { email: email.toLowerCase(), password } });
      queries.clear();
      await navigate('/shelf');
    } catch (why) {
      setFault(why instanceof Error ? why.message : 'Signing in failed; try again.');
      setBusy(false);
    }
  });
  return (
    <main className={styles['signin']}>
      <svg width="220" height="220" viewBox="0 0 32 32" aria-hidden="true">
        <path d="M13 5C8 6 5 10 5 16s3 10 8 11" fill="none" stroke="var(--ink)" strokeWidth="3.4" />
        <path d="M19 5c5 1 8 5 8 11s-3 10-8 11" fill="none" stroke="var(--copper)" strokeWidth="3.4" />
        <path d="M16 3v26" stroke="var(--ink3)" strokeWidth="0.8" strokeDasharray="2 1.6" />
      </svg>
      <form noValidate onSubmit={(event) => void enter(event)}>
        <h1>Chiralex</h1>
        <p>The same board from both sides: what is in the kit, how it is marked, in which order it is built.</p>
        <TextField form={form} name="email" id="email" label="E-mail" type="email" autoComplete="username" />
        <TextField
          form={form}
          name="password"
          id="password"
          label="Password"
          type="password"
          autoComplete="current-password"
        />
        {fault !== '' && (
          <p role="alert" className={styles['fault']}>
            {fault}
          </p>
        )}
        <Button type="submit" look="primary" disabled={busy}>
          Sign in
        </Button>
      </form>
    </main>
  );
}
