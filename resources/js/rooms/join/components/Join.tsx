import { zodResolver } from '@hookform/resolvers/zod';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate, useParams } from 'react-router';
import { api, useInvitation, type Invitation } from '@/shared/api';
import { Button, Loading, Notice, Refusal } from '@/shared/ui';
import { needed, object, TextField } from '@/shared/ui/form';
import styles from './join.module.css';

// A password is never kept on the device.
const WORDS = object({ name: needed('Say your name.'), password: needed('At least 12 characters.', 12) });

/** The page behind an invitation. */
export function Join() {
  const token = useParams()['token'] ?? '';
  const invitation = useInvitation(token);
  if (invitation.error) return <Notice title="This link does not open" text={invitation.error.message} />;
  if (!invitation.data) return <Loading what="Opening the invitation" />;
  return <JoinForm token={token} invitation={invitation.data} />;
}

function JoinForm({ token, invitation }: { token: string; invitation: Invitation }) {
  const form = useForm({ defaultValues: { name: invitation.name, password: '' }, resolver: zodResolver(WORDS) });
  const [fault, setFault] = useState('');
  const navigate = useNavigate();
  const queries = useQueryClient();
  const enter = form.handleSubmit(async (words) => {
    try {
      await api.post('/join/{token}', {
        params: { path: { token } },
        body: { operationId: crypto.randomUUID(), ...words },
      });
      queries.clear();
      await navigate('/shelf');
    } catch (why) {
      setFault(why instanceof Error ? why.message : 'That failed; try again.');
    }
  });
  return (
    <main className={styles['join']}>
      <form noValidate onSubmit={(event) => void enter(event)}>
        <h1>Welcome to the bench</h1>
        <p>
          You are asked to join as {invitation.role} and sign in with {invitation.email}. Choose a password.
        </p>
        <TextField form={form} name="name" id="join-name" label="your name" autoComplete="name" />
        <TextField
          form={form}
          name="password"
          id="join-password"
          label="password, 12 characters or more"
          type="password"
          autoComplete="new-password"
        />
        {fault !== '' && <Refusal>{fault}</Refusal>}
        <Button type="submit" look="primary" disabled={form.formState.isSubmitting}>
          Join
        </Button>
      </form>
    </main>
  );
}
