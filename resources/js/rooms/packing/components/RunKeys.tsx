import { useState } from 'react';
import type { Run } from '@/shared/api';
import { isMuted, mute } from '../tick';
import type { useBagLabel } from '../useBagLabel';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import styles from './packing.module.css';

type Props = {
  run: Run;
  busy: boolean;
  hasLine: boolean;
  showsHoles: boolean;
  onPress: (action: 'in' | 'undo' | 'short') => void;
  onLot: () => void;
  onHoles: () => void;
  onBag: () => void;
  label: ReturnType<typeof useBagLabel>;
  onLeave: () => void;
};

/** Every key of the packer as a thing to touch, too. */
export function RunKeys({ run, busy, hasLine, showsHoles, onPress, onLot, onHoles, onBag, label, onLeave }: Props) {
  const [muted, setMuted] = useState(isMuted);
  const press = (action: 'in' | 'undo' | 'short') => () => {
    onPress(action);
  };
  return (
    <div
      role="toolbar"
      aria-label="Keys"
      className={styles['keys']}
      onKeyDown={(event) => {
        // A button that is held down is pressed once.
        if (event.repeat && (event.key === 'Enter' || event.key === ' ')) event.preventDefault();
      }}
    >
      {hasLine && (
        <button type="button" className={styles['main']} disabled={busy} onClick={press('in')}>
          <kbd>Space</kbd> in the bag
        </button>
      )}
      <button type="button" disabled={busy || run.sequence === 0} onClick={press('undo')}>
        <kbd>Z</kbd> undo
      </button>
      {hasLine && (
        <>
          <button type="button" disabled={busy} onClick={press('short')}>
            <kbd>S</kbd> none left
          </button>
          <button type="button" disabled={busy} onClick={onLot}>
            <kbd>L</kbd> new lot
          </button>
        </>
      )}
      {hasLine && run.holes.length > 0 && (
        <button type="button" aria-expanded={showsHoles} onClick={onHoles}>
          <kbd>H</kbd> holes: {run.holes.length}
        </button>
      )}
      <button type="button" onClick={onBag}>
        <kbd>B</kbd> weigh a bag
      </button>
      {hasLine && (
        <button type="button" disabled={label.isBusy} onClick={label.print}>
          <kbd>P</kbd> {label.isBusy ? 'printing' : 'print its label'}
        </button>
      )}
      <button
        type="button"
        aria-pressed={!muted}
        className={clsx(ui['end'], styles['end'])}
        onClick={() => {
          mute(!muted);
          setMuted(!muted);
        }}
      >
        {muted ? 'silent' : 'ticks'}
      </button>
      <button type="button" onClick={onLeave}>
        <kbd>Esc</kbd> stop for now
      </button>
    </div>
  );
}
