import type { BuilderPage } from '@/shared/api';
import { usePhrases } from '../phrases';
import ink from '@/shared/style/ink.module.css';

type Props = {
  /** what the ids of its fields begin with */ form: string;
  page: BuilderPage;
  words: Readonly<Record<string, string>>;
  /** whether an answer is written: then to whom */ written: boolean;
  onChange: (field: string, value: string) => void;
};

/** Of which kit a report is, where the page does not know it, and to whom it is answered. */
export function Sender({ form, page, words, written, onChange }: Props) {
  const t = usePhrases();
  return (
    <>
      {page.serial === null && (
        <>
          <label htmlFor={`${form}-serial`}>{t.serial}</label>
          <input
            id={`${form}-serial`}
            className={ink['m']}
            maxLength={60}
            value={words['serial'] ?? ''}
            onChange={(event) => {
              onChange('serial', event.target.value);
            }}
          />
        </>
      )}
      {written && (
        <>
          <label htmlFor={`${form}-name`}>{t.name}</label>
          <input
            id={`${form}-name`}
            maxLength={120}
            autoComplete="name"
            value={words['name'] ?? ''}
            onChange={(event) => {
              onChange('name', event.target.value);
            }}
          />
          <label htmlFor={`${form}-email`}>{t.mail}</label>
          <input
            id={`${form}-email`}
            type="email"
            maxLength={190}
            autoComplete="email"
            value={words['email'] ?? ''}
            onChange={(event) => {
              onChange('email', event.target.value);
            }}
          />
        </>
      )}
    </>
  );
}
