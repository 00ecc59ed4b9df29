import { useState } from 'react';
import { tableText } from '@/shared/format';

/** Copies a table as text, or saves it as CSV. */
export function TableActions({ name, rows }: { name: string; rows: () => readonly (readonly string[])[] }) {
  const [copied, setCopied] = useState(false);
  const save = () => {
    const url = URL.createObjectURL(new Blob(['\ufeff', tableText(rows(), ',')], { type: 'text/csv' }));
    const link = document.createElement('a');
    link.href = url;
    link.download = `${name}.csv`;
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <>
      <button type="button" className="btn" onClick={() => { void navigator.clipboard.writeText(tableText(rows(), '\t')).then(() => { setCopied(true); }); }}>{copied ? 'Copied' : 'Copy'}</button>
      <button type="button" className="btn" onClick={save}>CSV</button>
    </>
  );
}
