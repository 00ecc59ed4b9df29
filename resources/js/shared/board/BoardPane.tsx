import { useEffect, useRef } from 'react';
import type { BoardDrawing } from '@/shared/api';
import { Drawing } from '@/shared/drawing';
import type { Side } from '@/shared/kit';
import { usePaint } from './usePaint';
import { clsx } from 'clsx';
import styles from './board.module.css';

export type Pin = Readonly<{ count: number; open: boolean }>;

type Props = {
  board: BoardDrawing;
  side: Side;
  /** parts to show in full light; null lights none */
  lit: ReadonlySet<string> | null;
  /** parts already fitted; null shows every body */
  fitted: ReadonlySet<string> | null;
  onPick?: (designator: string) => void;
  /** parts that a pressed pointer went over */ onPaint?: ((parts: readonly string[]) => void) | undefined;
  shade?: ReadonlyMap<string, number> | null;
  /** letters pinned at parts: how many, and whether they are the open ones */ pins?: ReadonlyMap<string, Pin> | null;
  /** drawn over the board by the server, in its coordinates */
  over?: string;
  className?: string | undefined;
};

/** The one drawing of the board, drawn by the server; parts are lit, faded or shaded here. */
export function BoardPane({
  board,
  side,
  lit,
  fitted,
  onPick,
  onPaint,
  shade = null,
  over = '',
  pins = null,
  className,
}: Props) {
  const box = useRef<HTMLDivElement>(null);
  const svg = side === 'top' ? board.top : board.bottom;
  useEffect(() => {
    for (const part of box.current?.querySelectorAll<SVGGElement>('[data-ref]') ?? []) {
      const name = part.dataset['ref'] ?? '';
      part.classList.toggle('lit', lit?.has(name) ?? false);
      part.classList.toggle('ghost', fitted !== null && !fitted.has(name) && !(lit?.has(name) ?? false));
      part.classList.toggle('dim', lit !== null && !lit.has(name));
      part.style.setProperty('--shade', shade ? String(0.25 + 0.75 * (shade.get(name) ?? 0)) : '');
      part.classList.toggle('shaded', shade !== null);
    }
  }, [svg, lit, fitted, shade]);
  useEffect(() => {
    const drawing = box.current?.querySelector('svg');
    if (!drawing || over === '') return undefined;
    const group = document.createElementNS('http://www.w3.org/2000/svg', 'g');
    group.setAttribute('class', 'approach');
    group.innerHTML = over;
    drawing.append(group);
    return () => {
      group.remove();
    };
  }, [svg, over]);
  useEffect(() => {
    const drawing = box.current?.querySelector('svg');
    if (!drawing || pins === null) return undefined;
    const drawn = [...pins].flatMap(([name, pin]) => {
      const part = drawing.querySelector<SVGGElement>(`[data-ref="${CSS.escape(name)}"]`);
      return part ? [pinned(drawing, part, name, pin)] : [];
    });
    return () => {
      for (const each of drawn) each.remove();
    };
  }, [svg, pins]);
  const paint = usePaint(onPaint);
  return (
    <Drawing
      key={`${board.name} ${side}`}
      svg={svg}
      box={box}
      className={clsx(styles['boardpane'], onPick && styles['picks'], onPaint && styles['paints'], className)}
      handlers={paint}
      onPick={onPick}
    />
  );
}

const SHEET = { width: 0.062, height: 0.044, step: 0.012, most: 4 };

/** A stack of letters at a part, as large on every board. */
function pinned(drawing: SVGSVGElement, part: SVGGElement, name: string, { count, open }: Pin): SVGGElement {
  const box = part.getBBox();
  const room = drawing.viewBox.baseVal.width;
  const [wide, tall, step] = [SHEET.width * room, SHEET.height * room, SHEET.step * room];
  const make = (tag: string, words: Readonly<Record<string, number | string>>) => {
    const element = document.createElementNS('http://www.w3.org/2000/svg', tag);
    for (const [key, value] of Object.entries(words)) element.setAttribute(key, String(value));
    return element;
  };
  const group = make('g', { class: open ? 'pin open' : 'pin', 'data-ref': name, 'aria-hidden': 'true' });
  const sheets = Math.min(count, SHEET.most);
  const left = box.x + box.width / 2 - wide / 2;
  const top = box.y + box.height / 2 - tall / 2;
  for (let at = sheets - 1; at >= 0; at -= 1)
    group.append(
      make('rect', { x: left + at * step, y: top - at * step, width: wide, height: tall, rx: room * 0.003 }),
    );
  const label = make('text', {
    x: left + wide / 2,
    y: top + tall * 0.74,
    'text-anchor': 'middle',
    'font-size': tall * 0.72,
  });
  label.textContent = String(count);
  group.append(label, make('circle', { cx: left + wide / 2, cy: top, r: room * 0.006 }));
  drawing.append(group);
  return group as SVGGElement;
}
