/** What was pasted as a file, when it is a table: two rows and two columns at least. */
export function pastedTable(text: string): File | null {
  const rows = text.replace(/\r\n?/g, '\n').trimEnd().split('\n');
  if (rows.length < 2 || !rows.every((row) => row.trim() === '' || row.includes('\t'))) return null;
  return new File([text], 'pasted.tsv', { type: 'text/tab-separated-values' });
}

/** The cells of a single pasted column, top to bottom; null for anything wider. */
export function pastedColumn(text: string): readonly string[] | null {
  const rows = text.replace(/\r\n?/g, '\n').replace(/\n$/, '').split('\n');
  return text.trim() === '' || rows.some((row) => row.includes('\t')) ? null : rows.map((row) => row.trim());
}
