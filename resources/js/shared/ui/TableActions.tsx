import { useState } from 'react';
import { api } from '@/shared/api';
import { tableText } from '@/shared/format';

/** Copies a table as text, or saves it as CSV or as a workbook. */
export function TableActions({ name, rows }: { name: string; rows: () => readonly (readonly string[])[] }) {
  const [copied, setCopied] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const keep = (blob: Blob, ending: string) => {
    const url = URL.createObjectURL(blob);
    const link = document.createElement('a');
    link.href = url;
    link.download = `${name}.${ending}`;
    link.click();
    URL.revokeObjectURL(url);
  };
  const workbook = async () => {
    try {
      keep(await api.download('/tables', { name, rows: rows() }), 'xlsx');
      setFault(null);
    } catch (why) {
      setFault((why as Error).message);
    }
  };
  return (
    <>
      {fault && <span className="ochre" role="alert">▲ {fault}</span>}
      <button type="button" className="btn" onClick={() => { void navigator.clipboard.writeText(tableText(rows(), '\t')).then(() => { setCopied(true); }); }}>{copied ? 'Copied' : 'Copy'}</button>
      <button type="button" className="btn" onClick={() => { keep(new Blob(['\ufeff', tableText(rows(), ',')], { type: 'text/csv' }), 'csv'); }}>CSV</button>
      <button type="button" className="btn" onClick={() => void workbook()}>XLSX</button>
    </>
  );
}
