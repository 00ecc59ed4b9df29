const MOST = 5000;

/** Kits to cut for, those to spare among them; one where nothing sensible is typed. */
export function kitsWanted(kits: string, spare: string): number {
  const whole = (text: string) => (/^\d{1,5}$/.test(text.trim()) ? Number(text.trim()) : 0);
  return Math.max(1, Math.min(MOST, whole(kits) + whole(spare)));
}

/** Pieces of a bar as they are drawn: like ones beside each other are one stretch. */
export function barPieces(pieces: readonly number[]): { length: number; count: number; at: number }[] {
  const runs: { length: number; count: number; at: number }[] = [];
  pieces.forEach((length, at) => {
    const last = runs[runs.length - 1];
    if (last?.length === length) last.count += 1;
    else runs.push({ length, count: 1, at });
  });
  return runs;
}
