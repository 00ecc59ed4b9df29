import { Served } from '@/shared/drawing';
import type { BuilderPage, ManualStep } from '@/shared/api';
import { BoardCrop } from '@/shared/board/BoardCrop';
import { fittedBefore } from '@/shared/board/fitted';
import { Marking } from '@/shared/ui/Marking';
import { markingWords } from '@/shared/ui/markingWords';
import { cautionsAt, summary } from '../model';
import { say, usePhrases } from '../phrases';
import { StepBoard } from './StepBoard';
import { StepTest } from './StepTest';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

type Props = { token: string; page: BuilderPage; at: number };

/** What a step says: the board with its parts lit, what they look like, which way round, how it is done, what to expect. */
export function StepBody({ token, page, at }: Props) {
  const t = usePhrases();
  const step = page.manual.steps[at];
  if (!step) return null;
  const board = page.boards.boards.find((each) => each.name === step.board) ?? null;
  const cautions = cautionsAt(page.manual.steps, at);
  return (
    <>
      <h1>
        {step.number}. {step.title}
      </h1>
      <p className={clsx(ink['quiet'], styles['quiet'])}>{summary(step, page.manual.steps.length, t)}</p>
      {board && (
        <StepBoard
          board={board}
          first={step.side === 'bottom' ? 'bottom' : 'top'}
          lit={new Set(step.parts.map((part) => part.designator))}
          fitted={fittedBefore(page.manual.steps, step.number) ?? new Set()}
        />
      )}
      {cautions.fresh.map((text) => (
        <p key={text} className={styles['caution']}>
          <b>{t.caution}: </b>
          {text}
        </p>
      ))}
      {step.note !== '' && <p>{step.note}</p>}
      {step.parts.map((part) => (
        <p key={part.designator} className={styles['steppart']}>
          <b className={ink['m']}>{part.label ?? part.designator}</b>
          <span>
            {part.value}{' '}
            <span className={clsx(ink['quiet'], styles['quiet'])}>
              {part.kindName}
              {part.marking?.type === 'bands' ? `, ${markingWords(part.marking, t.colours)}` : ''}
              {part.bag === null ? '' : `, ${say(t.bag, { bag: part.bag })}`}
            </span>
          </span>
          <Marking marking={part.marking} size="phone" />
        </p>
      ))}
      {(step.watch ?? []).map((text) => (
        <p key={text} className={styles['watch']}>
          {text}
        </p>
      ))}
      {(step.wires ?? []).length > 0 && (
        <table className={styles['wires']}>
          <tbody>
            {(step.wires ?? []).map((wire) => (
              <tr key={wire.name}>
                <th scope="row">{wire.name}</th>
                <td>{wire.colour}</td>
                <td>{wire.from}</td>
                <td>{wire.to}</td>
                <td>{wire.length}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {step.callouts.map((callout) => (
        <Callout key={callout.designator} page={page} callout={callout} />
      ))}
      {[
        ...(step.holds ?? [...new Set(step.parts.map((part) => part.hold).filter((text) => text !== ''))]),
        ...step.tips,
      ].map((text) => (
        <p key={text}>{text}</p>
      ))}
      {cautions.known !== '' && (
        <p className={styles['caution']}>
          <b>{t.caution}: </b>
          {cautions.known}
        </p>
      )}
      {(step.reminder ?? '') !== '' && (
        <p className={styles['reminder']}>
          <b>{t.caution}: </b>
          {step.reminder}
        </p>
      )}
      {(step.photos ?? []).map((photo) => (
        <Served key={photo.file} svg={photo.picture} />
      ))}
      {step.tests.map((test) => (
        <StepTest key={test.name} token={token} test={test} />
      ))}
      {step.gate && step.gate.expect !== '' && step.tests.length === 0 && (
        <p className={styles['test']}>
          <b>{say(t.expect, { expect: step.gate.expect })}</b> {t.onlyThen}
        </p>
      )}
      {Object.entries(step.remaining as Record<string, string[]>).map(([bag, left]) => (
        <p key={bag} className={clsx(ink['quiet'], styles['quiet'])}>
          {left.length === 0 ? say(t.bagEmpty, { bag }) : say(t.bagHolds, { bag, names: left.join(', ') })}
        </p>
      ))}
    </>
  );
}

function Callout({ page, callout }: { page: BuilderPage; callout: ManualStep['callouts'][number] }) {
  const t = usePhrases();
  const harm = ['destroys-others', 'can-hurt'].includes(callout.consequence);
  const ends = [callout.picture, callout.second ?? null].flatMap((picture) => {
    const board = page.boards.boards.find((each) => each.name === picture?.board);
    return picture && board ? [{ picture, board }] : [];
  });
  return (
    <section
      className={harm ? clsx(styles['way'], styles['harm']) : styles['way']}
      aria-label={say(t.wayRound, { designator: callout.designator })}
    >
      <div>
        {ends.map(({ picture, board }, index) => (
          <BoardCrop
            className={styles['drawing']}
            key={index}
            board={board}
            side={picture.side}
            crop={picture.crop}
            arrow={picture.arrow}
            part={callout.designator}
          />
        ))}
      </div>
      <p>
        <b className={ink['m']}>{callout.designator}</b> {harm && <b>▲ </b>}
        {callout.text}
      </p>
    </section>
  );
}
