import { useState } from 'react';
import { workbookOf } from '@/shared/api';
import { tableText } from '@/shared/format';
import { Button } from './Button';
import ink from '@/shared/style/ink.module.css';

type Rows = readonly (readonly string[])[];

/** Copies a table as text, or saves it as CSV or as a workbook; rows that stand on other pages are fetched first. */
export function TableActions({ name, rows }: { name: string; rows: () => Rows | Promise<Rows> }) {
  const [said, setSaid] = useState<'copied' | 'busy' | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const keep = (blob: Blob, ending: string) => {
    const url = URL.createObjectURL(blob);
    const link = document.createElement('a');
    link.href = url;
    link.download = `${name}.${ending}`;
    link.click();
    URL.revokeObjectURL(url);
  };
  const act = async (what: (table: Rows) => Promise<void> | void, then: 'copied' | null) => {
    setSaid('busy');
    try {
      await what(await rows());
      setFault(null);
      setSaid(then);
    } catch (why) {
      setFault((why as Error).message);
      setSaid(null);
    }
  };
  const copy = (table: Rows) => navigator.clipboard.writeText(tableText(table, '\t'));
  const csv = (table: Rows) => {
    keep(new Blob(['\ufeff', tableText(table, ',')], { type: 'text/csv' }), 'csv');
  };
  const workbook = async (table: Rows) => {
    keep(await workbookOf(name, table), 'xlsx');
  };
  return (
    <>
      {fault && (
        <span className={ink['ochre']} role="alert">
          ▲ {fault}
        </span>
      )}
      <Button disabled={said === 'busy'} onClick={() => void act(copy, 'copied')}>
        {said === 'copied' ? 'Copied' : 'Copy'}
      </Button>
      <Button disabled={said === 'busy'} onClick={() => void act(csv, null)}>
        CSV
      </Button>
      <Button disabled={said === 'busy'} onClick={() => void act(workbook, null)}>
        XLSX
      </Button>
    </>
  );
}
