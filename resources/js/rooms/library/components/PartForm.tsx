import { useState, type SyntheticEvent } from 'react';
import { Link } from 'react-router';
import { useSaveLibraryPart, type LibraryPart } from '@/shared/api';
import { PhotoField, Button, Input, KINDS, Select, TextArea } from '@/shared/ui';
import { originsAfter, originText, wordsOf, type Words } from '../model';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
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
  'colour',
];
const ORIGINS = ['measured', 'data sheet', 'supplier', 'typical'];

/** What the maker knows of one part, to read and to write. */
export function PartForm({ part, mayEdit }: Props) {
  const save = useSaveLibraryPart();
  const [words, setWords] = useState<Words>(() => wordsOf(part));
  const [origin, setOrigin] = useState('measured');
  const [photo, setPhoto] = useState<File | null>(null);
  const set = (field: keyof Words, value: string) => {
    setWords({ ...words, [field]: value });
  };
  const send = (event: SyntheticEvent) => {
    event.preventDefault();
    const origins = Object.fromEntries(
      Object.entries(originsAfter(part, words, origin)).map(([field, text]) => [`origins[${field}]`, text]),
    );
    save.mutate({
      fields: { ...words, ...origins, fingerprint: part.fingerprint, title: part.title, version: String(part.version) },
      photo,
    });
  };
  const text = (field: keyof Words, label: string, hint = '') => (
    <div className={ui['field']}>
      <label htmlFor={`part-${field}`}>
        {label}
        {originText(part, field) === '' ? '' : ` (${originText(part, field)})`}
      </label>
      <Input
        id={`part-${field}`}
        placeholder={hint}
        value={words[field]}
        disabled={!mayEdit}
        onChange={(event) => {
          set(field, event.target.value);
        }}
      />
    </div>
  );
  const list = (field: keyof Words, label: string, values: readonly (readonly [string, string])[]) => (
    <div className={ui['field']}>
      <label htmlFor={`part-${field}`}>{label}</label>
      <Select
        id={`part-${field}`}
        value={words[field]}
        disabled={!mayEdit}
        onChange={(event) => {
          set(field, event.target.value);
        }}
      >
        <option value="">as computed</option>
        {values.map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </Select>
    </div>
  );
  const same = (values: readonly string[]) => values.map((value) => [value, value.replaceAll('-', ' ')] as const);
  return (
    <form className={styles['partform']} aria-label={part.title} onSubmit={send}>
      <h2>{part.title}</h2>
      <ul className={styles['uses']}>
        {part.usedIn.map((use) => (
          <li key={use.revisionId}>
            <Link to={`/kits/${String(use.revisionId)}/parts?part=${encodeURIComponent(use.designators[0] ?? '')}`}>
              {use.kit}
            </Link>{' '}
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
      <div className={ui['field']}>
        <label htmlFor="part-note">what to know of it, look-alikes above all</label>
        <TextArea
          id="part-note"
          rows={3}
          maxLength={2000}
          value={words.note}
          disabled={!mayEdit}
          onChange={(event) => {
            set('note', event.target.value);
          }}
        />
      </div>
      {mayEdit && (
        <>
          <div className={styles['fields']}>
            <PhotoField id="part-photo" label="photo or drawing" onPhoto={setPhoto} />
            <div className={ui['field']}>
              <label htmlFor="part-origin">what you changed is</label>
              <Select
                id="part-origin"
                value={origin}
                onChange={(event) => {
                  setOrigin(event.target.value);
                }}
              >
                {ORIGINS.map((each) => (
                  <option key={each}>{each}</option>
                ))}
              </Select>
            </div>
          </div>
          {save.error && (
            <p className={ui['refusal']} role="alert">
              {save.error.message}
            </p>
          )}
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
