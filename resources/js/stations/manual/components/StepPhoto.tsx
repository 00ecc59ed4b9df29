import { useEffect, useState, type MouseEvent } from 'react';
import { useStepPhoto, type ManualStep } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { words } from '@/shared/format';
import { Button, Dialog, Input, PhotoField, Refusal, Segment, Segments } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import styles from './manual.module.css';

const CORNERS = ['upper left', 'upper right', 'lower right', 'lower left'] as const;
type Share = readonly [x: number, y: number];

/** Corners as they are typed, `12 10; 85 12; 90 80; 8 78`, in percent; null where they are no four. */
export function cornersTyped(text: string): Share[] | null {
  const corners = text.split(';').map((corner) => words(corner).map((share) => Number(share) / 100));
  const wrong = corners.some((corner) => corner.length !== 2 || corner.some((share) => !(share >= 0 && share <= 1)));
  return corners.length !== 4 || wrong ? null : corners.map(([x = 0, y = 0]): Share => [x, y]);
}

/** A photograph of the board at a step: four taps on its corners square it, its places are ringed by themselves. */
export function StepPhoto({ step }: { step: ManualStep }) {
  const kit = useKit();
  const place = useStepPhoto(kit.id);
  const [open, setOpen] = useState(false);
  const [photo, choose] = useState<File | null>(null);
  const [address, setAddress] = useState('');
  const [taps, tap] = useState<readonly Share[]>([]);
  const [side, turn] = useState<'top' | 'bottom'>(step.side === 'bottom' ? 'bottom' : 'top');
  useEffect(() => {
    if (photo === null) return undefined;
    const made = URL.createObjectURL(photo);
    setAddress(made);
    return () => {
      URL.revokeObjectURL(made);
    };
  }, [photo]);
  const leave = () => {
    setOpen(false);
    choose(null);
    tap([]);
    place.reset();
  };
  const next = CORNERS[taps.length];
  const send = (sure: boolean) => {
    if (photo === null) return;
    place.mutate(
      { photo, corners: taps, at: step.fits, board: step.board ?? 'main', side, sure },
      { onSuccess: leave },
    );
  };
  const asks = place.error?.asks === true;
  return (
    <>
      <Button
        look="link"
        onClick={() => {
          setOpen(true);
        }}
      >
        Add a photograph
      </Button>
      <Dialog
        open={open}
        wide
        title={`A photograph at step ${String(step.number)}`}
        onLeave={leave}
        actions={
          <>
            <Button onClick={leave}>Leave</Button>
            {taps.length > 0 && (
              <Button
                onClick={() => {
                  place.reset();
                  tap([]);
                }}
              >
                Tap anew
              </Button>
            )}
            <Button
              look="primary"
              disabled={next !== undefined || place.isPending}
              onClick={() => {
                send(asks);
              }}
            >
              {place.isPending ? 'Squaring it' : asks ? 'It is this board' : 'Square it'}
            </Button>
          </>
        }
      >
        <PhotoField id={`photo-${String(step.number)}`} label="photograph of the board" onPhoto={choose} />
        <Segments label="The side that is seen">
          {(['top', 'bottom'] as const).map((each) => (
            <Segment
              key={each}
              pressed={side === each}
              onPress={() => {
                turn(each);
              }}
            >
              {each} side
            </Segment>
          ))}
        </Segments>
        {photo !== null && address !== '' && (
          <>
            <p className={ink['quiet']} role="status">
              {next === undefined
                ? 'Square it: the picture is turned straight and the places of this step are ringed.'
                : `Tap the ${next} corner of the board, as you read it.`}
            </p>
            <label className={styles['corners']}>
              or type them, percent from the left and from the top{' '}
              <Input
                aria-label="The four corners, percent from the left and from the top"
                placeholder="12 10; 85 12; 90 80; 8 78"
                defaultValue=""
                onBlur={(event) => {
                  const read = cornersTyped(event.target.value);
                  if (read !== null) tap(read);
                }}
              />
            </label>
            <Tapped
              address={address}
              taps={taps}
              onTap={(share) => {
                if (next !== undefined) tap([...taps, share]);
              }}
            />
          </>
        )}
        {place.error && <Refusal>{place.error.message}</Refusal>}
      </Dialog>
    </>
  );
}

type TappedProps = { address: string; taps: readonly Share[]; onTap: (share: Share) => void };

/** The photograph as it was taken, with the corners that were tapped. */
function Tapped({ address, taps, onTap }: TappedProps) {
  return (
    <Button
      look="link"
      className={styles['tapped']}
      aria-label="The photograph; tap the corners of the board"
      onClick={(event: MouseEvent) => {
        const box = event.currentTarget.getBoundingClientRect();
        onTap([(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height]);
      }}
    >
      <img src={address} alt="" />
      <svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
        <polyline points={taps.map(([x, y]) => `${String(100 * x)},${String(100 * y)}`).join(' ')} />
      </svg>
      {taps.map(([x, y], index) => (
        <span key={index} style={{ left: `${String(100 * x)}%`, top: `${String(100 * y)}%` }}>
          {index + 1}
        </span>
      ))}
    </Button>
  );
}
