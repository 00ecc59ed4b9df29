import { useState } from 'react';
import { useSaveLibraryPart, type LibraryPart } from '@/shared/api';
import { Button, KINDS, PhotoField, Refusal, TextLink } from '@/shared/ui';
import { ChoiceField, LinesField, TextField, useKeptForm } from '@/shared/ui/form';
import { originsAfter, originText, PART, wordsOf, type Words } from '../model';
import ink from '@/shared/style/ink.module.css';
import styles from './library.module.css';

type Props = { part: LibraryPart; mayEdit: boolean };

const HOLDS = ['bend', 'splay', 'table', 'tack', 'tape', 'putty', 'own-lock', 'none-needed'];
const SENSITIVITIES = ['none', 'static', 'heat', 'fragile'];
const MARKS = [
  'band',
  'flat',
  'short-lead',
  'long-lead',
  'stripe',
  'plus',
  'bar',
  'notch',
  'dot',
  'tab',
  'metal-side',
  'key',
  'red-edge',
  'coloured-side',
  'ink',
  'sleeve',
  'sticker',
  'colour',
];
const ORIGINS = ['measured', 'data sheet', 'supplier', 'typical'];

/** What the maker knows of one part, to read and to write. */
export function PartForm({ part, mayEdit }: Props) {
  const save = useSaveLibraryPart();
  const { form, forget } = useKeptForm({
    name: `part ${part.fingerprint} ${String(part.version)}`,
    schema: PART,
    from: { ...wordsOf(part), origin: 'measured' },
  });
  const [photo, setPhoto] = useState<File | null>(null);
  const send = form.handleSubmit(({ origin, ...words }) => {
    const origins = Object.fromEntries(
      Object.entries(originsAfter(part, words, origin)).map(([field, text]) => [`origins[${field}]`, text]),
    );
    save.mutate(
      {
        fields: {
          ...words,
          ...origins,
          fingerprint: part.fingerprint,
          title: part.title,
          version: String(part.version),
        },
        photo,
      },
      {
        onSuccess: () => {
          forget({ ...words, origin });
        },
      },
    );
  });
  const text = (name: keyof Words, label: string, hint = '') => (
    <TextField
      form={form}
      name={name}
      id={`part-${name}`}
      label={originText(part, name) === '' ? label : `${label} (${originText(part, name)})`}
      placeholder={hint}
      disabled={!mayEdit}
    />
  );
  const list = (name: keyof Words, label: string, values: readonly (readonly [string, string])[]) => (
    <ChoiceField
      form={form}
      name={name}
      id={`part-${name}`}
      label={label}
      choices={[['', 'as computed'], ...values]}
      disabled={!mayEdit}
    />
  );
  const same = (values: readonly string[]) => values.map((value) => [value, value.replaceAll('-', ' ')] as const);
  return (
    <form className={styles['partform']} aria-label={part.title} noValidate onSubmit={(event) => void send(event)}>
      <h2>{part.title}</h2>
      <ul className={styles['uses']}>
        {part.usedIn.map((use) => (
          <li key={use.revisionId}>
            <TextLink to={`/kits/${String(use.revisionId)}/parts?part=${encodeURIComponent(use.designators[0] ?? '')}`}>
              {use.kit}
            </TextLink>{' '}
            <span className={ink['m']}>{use.designators.filter((name) => !name.startsWith('~')).join(' ')}</span>
          </li>
        ))}
      </ul>
      {part.photo && part.id !== null && (
        <img
          className={styles['photo']}
          src={`/api/library/${String(part.id)}/photo?v=${String(part.version)}`}
          alt={part.title}
        />
      )}
      <div className={styles['fields']}>
        {text('number', 'own part number')}
        {list(
          'kind',
          'kind',
          KINDS.map((kind) => [kind.id, kind.name] as const),
        )}
        {text(
          'height',
          'seated height',
          part.height === null ? '11.5 or 0.45 in' : `${part.height.toFixed(1)}, ${part.heightSource}`,
        )}
        {text('leadLength', 'lead length', 'mm')}
        {text('mass', 'mass of one, g')}
        {list('sensitivity', 'sensitive to', same(SENSITIVITIES))}
        {list('mark', 'direction mark', same(MARKS))}
        {text('terminal', 'the mark stands for', 'cathode')}
        {list('hold', 'held by', same(HOLDS))}
        {text('package', 'package')}
      </div>
      <LinesField
        form={form}
        name="note"
        id="part-note"
        label="what to know of it, look-alikes above all"
        disabled={!mayEdit}
      />
      {mayEdit && (
        <>
          <div className={styles['fields']}>
            <PhotoField id="part-photo" label="photo or drawing" onPhoto={setPhoto} />
            <ChoiceField
              form={form}
              name="origin"
              id="part-origin"
              label="what you changed is"
              choices={ORIGINS.map((each) => [each, each] as const)}
            />
          </div>
          {save.error && <Refusal>{save.error.message}</Refusal>}
          <p>
            <Button type="submit" look="primary" disabled={save.isPending}>
              Save to the library
            </Button>{' '}
            {save.isSuccess && (
              <span className={ink['quiet']} role="status">
                Saved. New kits take it by themselves.
              </span>
            )}
          </p>
        </>
      )}
    </form>
  );
}
