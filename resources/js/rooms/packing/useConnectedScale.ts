import { useCallback, useEffect, useRef, useState } from 'react';
import type { SentLine, SentLines } from '@/shared/api';

/** What is used of a serial line in the browser; not every browser has one. */
type SerialPort = {
  open: (how: { baudRate: number }) => Promise<void>;
  close: () => Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
};
type Serial = { requestPort: () => Promise<SerialPort> };

const KEPT_SECONDS = 20;
const KEPT_LINES = 400;
/** As most bench scales leave the factory; common practice, no source. */
const BAUD = 9600;
const LONGEST = 80;

function serial(): Serial | null {
  return (navigator as unknown as { serial?: Serial }).serial ?? null;
}

const seconds = () => performance.now() / 1000;

/** A scale on a serial line of this browser, or one that types like a keyboard. */
export function useConnectedScale() {
  const lines = useRef<readonly SentLine[]>([]);
  const port = useRef<SerialPort | null>(null);
  const [source, setSource] = useState<'shop' | 'serial' | 'typed'>('shop');
  const [fault, setFault] = useState<string | null>(null);
  const [last, setLast] = useState('');
  const hear = useCallback((heard: readonly SentLine[]) => {
    const now = seconds();
    lines.current = [...lines.current, ...heard].filter(({ at }) => at > now - KEPT_SECONDS).slice(-KEPT_LINES);
    const text = heard[heard.length - 1]?.text;
    if (text !== undefined) setLast(text);
  }, []);
  useEffect(
    () => () => {
      void port.current?.close().catch(() => undefined);
    },
    [],
  );
  const connect = useCallback(async () => {
    const there = serial();
    if (there === null) {
      setFault('This browser has no serial line. Use one that has, or a scale that types like a keyboard.');
      return;
    }
    try {
      const chosen = await there.requestPort();
      await chosen.open({ baudRate: BAUD });
      port.current = chosen;
      setFault(null);
      setSource('serial');
      await listen(chosen, (text) => {
        hear([{ at: seconds(), text }]);
      });
      setFault('The serial line was cut. Plug the scale in and connect it again.');
    } catch (why) {
      setFault(`The scale is not connected: ${why instanceof Error ? why.message : 'no port was chosen'}.`);
    }
    setSource('shop');
  }, [hear]);
  /** One that types says a number when it stands; it stood there for a while then. */
  const typed = useCallback(
    (text: string) => {
      const at = seconds();
      setSource('typed');
      hear([
        { at: at - 0.6, text },
        { at: at - 0.1, text },
        { at, text },
      ]);
    },
    [hear],
  );
  const sent: SentLines = useCallback(() => {
    if (source === 'shop') return null;
    const at = lines.current[lines.current.length - 1]?.at ?? 0;
    // One that types is silent between its keys: its clock stands still with it.
    return { lines: [...lines.current], now: source === 'typed' ? at : seconds() };
  }, [source]);
  const leave = useCallback(() => {
    setSource('shop');
    lines.current = [];
    void port.current?.close().catch(() => undefined);
  }, []);
  return { source, connect, typed, leave, sent, fault, last };
}

async function listen(port: SerialPort, hear: (line: string) => void): Promise<void> {
  if (!port.readable) return;
  const reader = port.readable.getReader();
  const decoder = new TextDecoder();
  let rest = '';
  for (;;) {
    const { value, done } = await reader.read();
    if (done) return;
    const parts = (rest + decoder.decode(value, { stream: true })).split(/\r\n|\r|\n/);
    rest = (parts.pop() ?? '').slice(-LONGEST);
    for (const part of parts) if (part.trim() !== '') hear(part.slice(0, LONGEST));
  }
}
