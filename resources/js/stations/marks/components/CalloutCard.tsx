import { useRef } from 'react';
import type { BoardDrawing, Callout } from '@/shared/api';
import { BoardCrop } from '@/shared/board';
import { useKeptText } from '@/shared/keep';
import { useKit } from '@/shared/kit';
import { Button, Press, TextArea, useSeen } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './marks.module.css';

/** Harm is said with a sign and a word, and shown in crimson only where something is destroyed or hurt. */
const WEIGHT: Readonly<Record<Callout['consequence'], { tone: string; words: string }>> = {
  'works-after-turning': { tone: 'mild', words: '■ Reversed: works after turning' },
  'itself-damaged': { tone: 'warn', words: '▲ Reversed: may be damaged' },
  'destroys-others': { tone: 'harm', words: '✕ Reversed: destroys other parts' },
  'can-hurt': { tone: 'harm', words: '✕ Reversed: can hurt someone' },
};

type Props = { callout: Callout; boards: readonly BoardDrawing[]; current: boolean };

/** One callout: the place cut from the board, the words, what happens when it is reversed. */
export function CalloutCard({ callout, boards, current }: Props) {
  const kit = useKit();
  // A wire has two ends, each with a place of its own.
  const ends = [callout.picture, callout.second ?? null].flatMap((picture) => {
    const board = boards.find((each) => each.name === picture?.board);
    return picture && board ? [{ picture, board }] : [];
  });
  const box = useRef<HTMLDivElement>(null);
  // A board is drawn anew for every card; those out of sight wait.
  const seen = useSeen(box);
  const weight = WEIGHT[callout.consequence];
  const key = `callout.${callout.designator}.text`;
  const [text, setText] = useKeptText(`${String(kit.id)} ${key}`);
  const save = async () => {
    if (text === null) return;
    if (
      text.trim() === (callout.ownWords ? callout.text : callout.lead) ||
      (await kit.save([{ type: 'words', target: key, field: '', value: text.trim() === '' ? null : text.trim() }])) !==
        'refused'
    )
      setText(null);
  };
  return (
    <article
      id={`callout-${callout.designator}`}
      data-part={callout.designator}
      className={current ? clsx(styles['callout'], styles['current']) : styles['callout']}
    >
      {ends.length === 0 ? (
        <div className={clsx(styles['nopicture'], ink['quiet'], styles['quiet'])}>off the board</div>
      ) : (
        <div ref={box} className={styles['ends']}>
          {ends.map(({ picture, board }, index) =>
            seen ? (
              <BoardCrop
                key={index}
                board={board}
                side={picture.side}
                crop={picture.crop}
                arrow={picture.arrow}
                part={callout.designator}
              />
            ) : (
              <div key={index} className={styles['nopicture']} />
            ),
          )}
        </div>
      )}
      <div>
        <h2>
          <Press
            className={clsx(styles['name'], ink['m'])}
            onClick={() => {
              kit.select(callout.designator);
            }}
          >
            {callout.designator}
          </Press>
          <span className={clsx(ink['quiet'], styles['quiet'])}>
            {callout.step === null ? '' : `step ${String(callout.step)}`}
          </span>
        </h2>
        {text === null ? (
          <p>{callout.ownWords ? callout.text : callout.lead}</p>
        ) : (
          <TextArea
            aria-label={`Words for ${callout.designator}`}
            value={text}
            rows={4}
            onChange={(event) => {
              setText(event.target.value);
            }}
            onKeyDown={(event) => {
              event.stopPropagation();
              if (event.key === 'Escape') setText(null);
            }}
          />
        )}
        <p className={styles[weight.tone]}>
          {callout.kind === 'wire' || callout.exchange === true
            ? weight.words.replace('Reversed', 'Swapped')
            : weight.words}
          {callout.replaceTogether.length > 0 ? `; replace ${callout.replaceTogether.join(', ')} together` : ''}
        </p>
        {callout.alike.length > 0 && (
          <p className={ink['ochre']}>▲ Looks like {callout.alike.join(', ')}: read the print first</p>
        )}
        {callout.why !== undefined && callout.why.length > 0 && (
          <ul className={ui['why']} aria-label={`Why, ${callout.designator}`}>
            {callout.why.map((reason) => (
              <li key={reason}>
                <span>{reason}</span>
                <span className={ui['origin']}>nets</span>
              </li>
            ))}
          </ul>
        )}
        {callout.partMark === null && callout.exchange !== true && (
          <p className={ink['ochre']}>▲ No mark that shows: give it one</p>
        )}
        <p className={styles['acts']}>
          {text === null ? (
            kit.mayEdit && (
              <Button
                look="link"
                onClick={() => {
                  setText(callout.ownWords ? callout.text : callout.lead);
                }}
              >
                {callout.ownWords ? 'your words, edit' : 'edit words'}
              </Button>
            )
          ) : (
            <>
              <Button look="primary" disabled={kit.saving} onClick={() => void save()}>
                Save
              </Button>
              <Button
                onClick={() => {
                  setText(null);
                }}
              >
                Leave
              </Button>
            </>
          )}
          {callout.ownWords && text === null && kit.mayEdit && (
            <Button look="link" onClick={() => void kit.save([{ type: 'words', target: key, field: '', value: null }])}>
              back to computed
            </Button>
          )}
        </p>
      </div>
    </article>
  );
}
