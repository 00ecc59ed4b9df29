import { useChangePeople, type Role } from '@/shared/api';
import { Button, Refusal } from '@/shared/ui';
import { ChoiceField, TextField, useKeptForm } from '@/shared/ui/form';
import ink from '@/shared/style/ink.module.css';
import { INVITE, ROLES } from '../model';
import styles from './shop.module.css';

const NOBODY = { name: '', email: '', role: 'packer' };

/** Asks somebody to join. The link is shown once; the maker sends it in their own way. */
export function InviteForm({ invite }: { invite: ReturnType<typeof useChangePeople>['invite'] }) {
  const { form, forget } = useKeptForm({ name: 'invitation', schema: INVITE, from: NOBODY });
  const send = form.handleSubmit(({ name, email, role }) => {
    invite.mutate(
      { name, email, role: role as Role },
      {
        onSuccess: () => {
          forget(NOBODY);
        },
      },
    );
  });
  const link = invite.data ? `${location.origin}${invite.data.link}` : '';
  return (
    <form className={styles['invite']} aria-label="Invite somebody" noValidate onSubmit={(event) => void send(event)}>
      <h2>Invite somebody</h2>
      <TextField form={form} name="name" id="invite-name" label="name" />
      <TextField form={form} name="email" id="invite-email" label="mail, by which they sign in" type="email" />
      <ChoiceField form={form} name="role" id="invite-role" label="as" choices={ROLES} />
      {invite.error && <Refusal>{invite.error.message}</Refusal>}
      <p>
        <Button type="submit" look="primary" disabled={invite.isPending}>
          Make the link
        </Button>
      </p>
      {link !== '' && (
        <div role="status" className={styles['link']}>
          <b>Send this link to them.</b> It works once, for 7 days, and is shown only now.
          <p className={ink['m']}>{link}</p>
          {'clipboard' in navigator && (
            <Button onClick={() => void navigator.clipboard.writeText(link)}>Copy the link</Button>
          )}
        </div>
      )}
    </form>
  );
}
