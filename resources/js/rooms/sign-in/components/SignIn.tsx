import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '@/shared/api';
import { Button, Input } from '@/shared/ui';
import styles from './sign-in.module.css';

/** Sign in. */
export function SignIn() {
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const [fault, setFault] = useState('');
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const enter = async () => {
    setBusy(true);
    try {
      await api.post('/sign-in', { body: { email: email.trim().toLowerCase(), password } });
      queries.clear();
      await navigate('/shelf');
    } catch (why) {
      setFault(why instanceof Error ? why.message : 'Signing in failed; try again.');
      setBusy(false);
    }
  };
  return (
    <main className={styles['signin']}>
      <svg width="220" height="220" viewBox="0 0 32 32" aria-hidden="true">
        <path d="M13 5C8 6 5 10 5 16s3 10 8 11" fill="none" stroke="var(--ink)" strokeWidth="3.4" />
        <path d="M19 5c5 1 8 5 8 11s-3 10-8 11" fill="none" stroke="var(--copper)" strokeWidth="3.4" />
        <path d="M16 3v26" stroke="var(--ink3)" strokeWidth="0.8" strokeDasharray="2 1.6" />
      </svg>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void enter();
        }}
      >
        <h1>Chiralex</h1>
        <p>The same board from both sides: what is in the kit, how it is marked, in which order it is built.</p>
        <label htmlFor="email">E-mail</label>
        <Input
          id="email"
          type="email"
          autoComplete="username"
          required
          value={email}
          onChange={(event) => {
            setEmail(event.target.value);
          }}
        />
        <label htmlFor="password">Password</label>
        <Input
          id="password"
          type="password"
          autoComplete="current-password"
          required
          value={password}
          onChange={(event) => {
            setPassword(event.target.value);
          }}
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
