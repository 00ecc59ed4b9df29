/** A cell that a spreadsheet would take for a formula gets an apostrophe; numbers stay numbers. */
function safe(cell: string, separator: string): string {
  const neutral = /^[=+@-]/.test(cell) && !/^-?[\d.]+$/.test(cell) ? `'${cell}` : cell;
  return separator === ',' && /[",;\t|\r\n]/.test(neutral) ? `"${neutral.replaceAll('"', '""')}"` : neutral;
}

/** A table as text, for the clipboard with tabs, for a file with commas. */
export function tableText(rows: readonly (readonly string[])[], separator: '\t' | ','): string {
  return rows.map((row) => row.map((cell) => safe(cell, separator)).join(separator)).join('\n');
}
