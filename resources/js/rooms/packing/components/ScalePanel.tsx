import { useCallback, useEffect, useRef, useState } from 'react';
import { useBin, useLift, useScaleCheck, type BinScale, type ScaleCheck, type Run, type RunLine } from '@/shared/api';
import { isObject, keep, recall } from '@/shared/keep';
import { along, byEyeWords, scaleWords } from '../scale';
import type { Turn } from '../queue';
import { useConnectedScale } from '../useConnectedScale';
import { OwnScale } from './OwnScale';
import { PlayScale } from './PlayScale';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './scale.module.css';

type Props = { run: Run; line: RunLine; turn: Turn; busy: boolean; onTook: (kits: number) => void };

type Spoken = Readonly<{ since: number; carried: number; line: number }>;

const isSpoken = (value: unknown): value is Spoken =>
  isObject(value) && ['since', 'carried', 'line'].every((name) => typeof value[name] === 'number');

/** The bin stands on the scale: what leaves it for whole kits is the key of those kits. */
export function ScalePanel({ run, line, turn, busy, onTook }: Props) {
  const place = `packing scale ${String(run.id)}`;
  // What the scale said and nobody has settled is kept over a reload; another line has another bin.
  const [spoken, setSpoken] = useState<Spoken>(() => {
    const kept = recall(place, isSpoken, { since: 0, carried: 0, line: turn.line });
    return kept.line === turn.line ? kept : { since: kept.since, carried: 0, line: turn.line };
  });
  const own = useConnectedScale();
  const bin = useBin(run.id, turn.line, { since: spoken.since, carried: spoken.carried }, own.sent);
  const check = useScaleCheck(run.id);
  const { mutate: lift } = useLift(run.id);
  const [said, setSaid] = useState<string | null>(null);
  const lots = (run.lots as Record<string, string[]>)[String(turn.line)]?.length ?? 0;
  const named = useRef(lots);
  const each = line.item.quantity * run.kitsAtOnce;
  const now = bin.data;
  const left = run.packs - turn.pack;
  const speak = useCallback(
    (since: number, carried: number) => {
      const next = { since, carried, line: turn.line };
      keep(place, next);
      setSpoken(next);
    },
    [place, turn.line],
  );
  useEffect(() => {
    if (!now || busy || now.until <= spoken.since) return;
    // What happened before anybody packed here is nobody's key; a lot that was named settles what was poured in.
    if (spoken.since === 0 || named.current !== lots) {
      named.current = lots;
      speak(now.until, 0);
      return;
    }
    // Another bag, or what was open is settled: the steps so far are spoken for, before they are forgotten.
    const isOther = now.state === 'no-bag' || now.state === 'bag-set';
    if (isOther) setSaid(null);
    if (isOther || (now.state === 'ready' && spoken.carried !== 0)) speak(now.until, 0);
    if (now.change === null) return;
    if (now.state === 'lifted') lift();
    if (now.state !== 'took' || now.kits > left || now.check.due) {
      speak(now.until, now.change);
      return;
    }
    speak(now.until, 0);
    const last = turn.pack + now.kits;
    setSaid(
      now.gains
        ? null
        : now.kits === 1
          ? `Into kit ${String(last)}. Is the hand empty?`
          : `Deal into kits ${String(turn.pack + 1)} to ${String(last)}. Is the hand empty then? If not, undo ${String(now.kits)} times and count again.`,
    );
    onTook(now.kits);
  }, [busy, left, lift, lots, now, onTook, speak, spoken, turn.pack]);
  if (!now) return null;
  if (now.byEye !== null) return <p className={styles['eye']}>{byEyeWords(now)}</p>;
  const words = scaleWords(now, each, left);
  return (
    <section className={styles['scale']} aria-label="Scale">
      <p className={styles['grams']}>
        <b className={ink['m']}>{now.grams === null ? '–' : now.grams.toFixed(2)}</b> g in the{' '}
        {now.gains ? 'cup' : 'bin'}
      </p>
      <Needle bin={now} />
      {now.check.due && now.state !== 'off' && (
        <p className={styles['warn']}>
          ▲ Lay {now.check.mass} g on the scale, beside the {now.gains ? 'bag' : 'bin'}, then{' '}
          <button
            type="button"
            className={styles['settle']}
            disabled={check.isPending}
            onClick={() => {
              check.mutate(own.sent);
            }}
          >
            check the scale
          </button>
          {check.data && check.data.right !== true && <span role="alert"> {checkWords(check.data)}</span>}
        </p>
      )}
      <p className={clsx(words.warns && styles['warn'])} role="status">
        {words.warns ? '▲ ' : ''}
        {now.state === 'ready' && said !== null ? said : words.text}
      </p>
      {spoken.carried !== 0 && (
        <button
          type="button"
          className={styles['settle']}
          onClick={() => {
            setSaid(null);
            speak(Math.max(now.until, spoken.since), 0);
          }}
        >
          settled by hand
        </button>
      )}
      <div className={styles['which']}>
        {own.source === 'shop' ? <PlayScale bin={now} each={each} /> : null}
        <OwnScale own={own} />
      </div>
    </section>
  );
}

/** What to do after a check that was not right. */
function checkWords({ right, shown }: ScaleCheck): string {
  if (right === null || shown === null) return 'It does not stand still yet. Wait, then check again.';
  if (shown <= 0) return 'Nothing was laid on. Lay the mass on, wait until it stands, then check.';
  return `It shows ${String(shown)} g: level it, tare it, check again, or count by eye.`;
}

/** One too few at the left, one too many at the right, and between them where the count is sure. */
function Needle({ bin }: { bin: BinScale }) {
  const { needle } = bin;
  if (needle === null) return null;
  const x = (grams: number) => 20 + 260 * along(needle, grams);
  const taken = takenOf(bin);
  return (
    <svg viewBox="-30 0 360 64" className={styles['needle']} role="img" aria-label={needleWords(bin)}>
      <rect
        className={styles['sure']}
        x={x(needle.low)}
        y={10}
        width={Math.max(3, x(needle.high) - x(needle.low))}
        height={28}
      />
      <path
        className={styles['axis']}
        d={`M4 38H296M${String(x(needle.less))} 28V44M${String(x(needle.more))} 28V44`}
      />
      {taken !== null && <path className={styles['hand']} d={`M${String(x(taken))} 4V44`} />}
      <text x={x(needle.less)} y={60}>
        one too few
      </text>
      <text x={150} y={60}>
        {needle.kits === 1 ? 'one kit' : `${String(needle.kits)} kits`}
      </text>
      <text x={x(needle.more)} y={60}>
        one too many
      </text>
    </svg>
  );
}

/** Grams that went from the bin towards the bags. */
function takenOf({ change, gains }: BinScale): number | null {
  return change === null ? null : gains ? change : -change;
}

function needleWords(bin: BinScale): string {
  const { needle } = bin;
  const taken = takenOf(bin);
  if (needle === null) return '';
  const kits = `${String(needle.kits)} ${needle.kits === 1 ? 'kit' : 'kits'}`;
  const sure = `${needle.low.toFixed(2)} to ${needle.high.toFixed(2)} g`;
  return taken === null
    ? `${kits}: ${sure}`
    : `${taken.toFixed(2)} g ${bin.gains ? 'gained' : 'taken'}; ${kits} are ${sure}`;
}
