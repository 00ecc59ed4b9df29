import { useState, type PointerEvent } from 'react';
import type { BoardDrawing } from '@/shared/api';

type Way = { x: number; y: number };

/** The way of a pointer over the top side of a board, in millimetres of the drawing and of the board. */
export function useShiftDrag(board: BoardDrawing | undefined, onDrop: (way: Way) => void) {
  const [start, begin] = useState<Way | null>(null);
  const [way, go] = useState<Way>({ x: 0, y: 0 });
  const scale = (element: Element): number => {
    const drawing = element.querySelector('svg');
    const view = drawing?.viewBox.baseVal.width ?? 0;
    return drawing && view > 0 ? view / drawing.getBoundingClientRect().width : 0;
  };
  return {
    way,
    active: start !== null,
    handlers: {
      onPointerDown: (event: PointerEvent<HTMLDivElement>) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        begin({ x: event.clientX, y: event.clientY });
        go({ x: 0, y: 0 });
      },
      onPointerMove: (event: PointerEvent<HTMLDivElement>) => {
        if (!start) return;
        const mm = scale(event.currentTarget);
        go({ x: (event.clientX - start.x) * mm, y: (event.clientY - start.y) * mm });
      },
      onPointerUp: () => {
        if (!start) return;
        begin(null);
        go({ x: 0, y: 0 });
        if (board && (way.x !== 0 || way.y !== 0)) onDrop(onBoard(way, board.reading));
      },
      onPointerCancel: () => {
        begin(null);
        go({ x: 0, y: 0 });
      },
    },
  };
}

/** The drawing has y down and the board turned clockwise by its reading direction. */
export function onBoard(way: Way, reading: number): Way {
  const angle = (reading * Math.PI) / 180;
  const [x, y] = [way.x, -way.y];
  const round = (value: number) => Math.round(value * 100) / 100 + 0;
  return {
    x: round(x * Math.cos(angle) - y * Math.sin(angle)),
    y: round(x * Math.sin(angle) + y * Math.cos(angle)),
  };
}
