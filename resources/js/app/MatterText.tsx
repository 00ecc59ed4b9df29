import { TextLink } from '@/shared/ui';

/** The subjects of the page of facts by the names that messages call them. */
export const FACTS: Readonly<Record<string, string>> = {
  Boards: 'boards',
  Kit: 'kit',
  'A part': 'part',
  Order: 'together',
  Wires: 'wires',
  'Gates and volts': 'bench',
  Drilling: 'drilling',
  Cutting: 'cutting',
};
const NAMED = new RegExp(`(Facts, (?:${Object.keys(FACTS).join('|')}))`, 'u');

/** What is to settle; where it names a subject of the facts, that leads there. */
export function MatterText({ id, message }: { id: number; message: string }) {
  return (
    <>
      {message.split(NAMED).map((piece, index) => {
        const view = FACTS[piece.replace(/^Facts, /u, '')];
        return view !== undefined && piece.startsWith('Facts, ') ? (
          <TextLink key={index} to={`/kits/${String(id)}/facts?view=${view}`}>
            {piece}
          </TextLink>
        ) : (
          piece
        );
      })}
    </>
  );
}
