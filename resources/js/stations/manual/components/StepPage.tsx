import { Served } from '@/shared/drawing';
import { useFacts, type FaqEntry, type ManualStep, type StepTimes } from '@/shared/api';
import { howTested } from '@/shared/format/howTested';
import { stoppedAt, took } from '@/shared/format/took';
import { useKeptTexts } from '@/shared/keep';
import { useKit } from '@/shared/kit';
import { Button, Input, Marking, Press, TextArea } from '@/shared/ui';
import { Sentence } from './Sentence';
import { StepPhoto } from './StepPhoto';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './manual.module.css';

type Props = {
  step: ManualStep;
  faq: readonly FaqEntry[];
  time: StepTimes['steps'][number] | undefined;
  current: boolean;
  onPick: () => void;
};

/** One step as it will print; its title and a note of the maker's own can be written here. */
export function StepPage({ step, faq, time, current, onPick }: Props) {
  const builders = [stoppedAt(time), took(time, step.minutes)].filter((each) => each !== '').join(' ');
  const kit = useKit();
  const key = step.key.slice(step.key.indexOf(':') + 1);
  const [draft, setDraft] = useKeptTexts(`${String(kit.id)} step.${key}`);
  const words = (title: string | null, note: string | null) =>
    kit.save([
      { type: 'words', target: `step.${key}.title`, field: '', value: title },
      { type: 'words', target: `step.${key}.note`, field: '', value: note },
    ]);
  const facts = useFacts(kit.id);
  const photos = (facts.data?.facts.photos ?? []) as { file?: string }[];
  const keep = (kept: { file?: string }[]) =>
    kit.save([{ type: 'fact', target: 'photos', field: '', value: kept.length === 0 ? null : kept }]);
  const takeOut = (file: string) => keep(photos.filter((each) => each.file !== file));
  const stillTrue = (file: string) =>
    keep(photos.map((each) => (each.file === file ? { ...each, revision: kit.header.revision } : each)));
  const save = async () => {
    if (draft === null) return;
    const state = await words(
      (draft['title'] ?? '').trim() === '' ? null : (draft['title'] ?? '').trim(),
      (draft['note'] ?? '').trim() === '' ? null : (draft['note'] ?? '').trim(),
    );
    if (state !== 'refused') setDraft(null);
  };
  return (
    <article
      className={current ? clsx(styles['steppage'], styles['current']) : styles['steppage']}
      id={`page-step-${String(step.number)}`}
    >
      <h3>
        <Press className={styles['name']} aria-pressed={current} onClick={onPick}>
          {step.number}. {step.title}
        </Press>
      </h3>
      {builders !== '' && <p className={(time?.stopped ?? 0) > 0 ? ink['ochre'] : ink['quiet']}>{builders}</p>}
      {draft ? (
        <div className={styles['own']}>
          <div className={ui['field']}>
            <label htmlFor={`title-${key}`}>title</label>
            <Input
              id={`title-${key}`}
              value={draft['title'] ?? ''}
              maxLength={120}
              onChange={(event) => {
                setDraft({ ...draft, title: event.target.value });
              }}
            />
          </div>
          <div className={ui['field']}>
            <label htmlFor={`note-${key}`}>your note at this step</label>
            <TextArea
              id={`note-${key}`}
              rows={3}
              value={draft['note'] ?? ''}
              maxLength={2000}
              onChange={(event) => {
                setDraft({ ...draft, note: event.target.value });
              }}
            />
          </div>
          <p>
            <Button look="primary" disabled={kit.saving} onClick={() => void save()}>
              Save
            </Button>{' '}
            <Button
              onClick={() => {
                setDraft(null);
              }}
            >
              Leave
            </Button>
          </p>
        </div>
      ) : (
        <>
          {step.note !== '' && <p>{step.note}</p>}
          {(step.watch ?? []).map((text) => (
            <p key={text} className={styles['watch']}>
              {text}
            </p>
          ))}
          {step.parts.map((part) => (
            <p key={part.designator} className={styles['partline']}>
              <b className={clsx(ink['m'], styles['m'])}>{part.designator}</b>{' '}
              <span>
                {part.value} <span className={ink['quiet']}>{part.kindName}</span>
              </span>{' '}
              <Marking marking={part.marking} />
            </p>
          ))}
          {step.callouts.map((callout) => (
            <p key={callout.designator} className={styles['sidebar']}>
              <b className={clsx(ink['m'], styles['m'])}>{callout.designator}</b> {callout.text}
            </p>
          ))}
          {[...new Set(step.parts.map((part) => part.hold).filter((hold) => hold !== ''))].map((hold) => (
            <p key={hold}>{hold}</p>
          ))}
          {step.sentences
            ? step.sentences
                .filter((each) => step.tips.includes(each.text))
                .map((each) => <Sentence key={each.code} sentence={each} />)
            : step.tips.map((tip) => <p key={tip}>{tip}</p>)}
          {step.cautions.map((text) => (
            <p key={text} className={styles['caution']}>
              {text}
            </p>
          ))}
          {(step.photos ?? []).map((photo) => (
            <div key={photo.file} className={styles['photo']}>
              <Served svg={photo.picture} />
              {kit.mayEdit && (
                <>
                  {(photo.of ?? '') !== '' && (
                    <>
                      <span className={ink['ochre']}>▲ taken of revision {photo.of}</span>{' '}
                      <Button look="link" disabled={kit.saving} onClick={() => void stillTrue(photo.file)}>
                        it still shows this board
                      </Button>{' '}
                    </>
                  )}
                  <Button look="link" disabled={kit.saving} onClick={() => void takeOut(photo.file)}>
                    take the photograph out
                  </Button>
                </>
              )}
            </div>
          ))}
          {step.tests.map((test) => (
            <p key={test.name}>
              <b>{test.name}</b>: {howTested(test)}, expect <b>{test.expect}</b>.{' '}
              {test.otherwise === '' ? '' : `Otherwise: ${test.otherwise}.`}
            </p>
          ))}
          {step.gate && step.tests.length === 0 && (
            <p>
              Expect <b>{step.gate.expect}</b>.
            </p>
          )}
          {Object.entries(step.remaining as Record<string, string[]>).map(([bag, left]) => (
            <p key={bag} className={ink['quiet']}>
              Bag {bag} {left.length === 0 ? 'is empty now' : `still holds ${left.join(', ')}`}.
            </p>
          ))}
          {faq.map((entry) => (
            <p key={entry.id} className={styles['asked']}>
              <b>{entry.question}</b> {entry.answer}{' '}
              <span className={ink['quiet']}>
                reported {entry.count} {entry.count === 1 ? 'time' : 'times'}
              </span>
            </p>
          ))}
          {kit.mayEdit && (
            <p>
              {step.fits.length > 0 && step.board !== null && (
                <>
                  <StepPhoto step={step} />{' '}
                </>
              )}
              {step.ownWords && <span className={ink['quiet']}>your words </span>}
              <Button
                look="link"
                onClick={() => {
                  setDraft({ title: step.ownWords ? step.title : '', note: step.note });
                }}
              >
                edit words
              </Button>
              {step.ownWords && (
                <Button look="link" onClick={() => void words(null, null)}>
                  back to computed
                </Button>
              )}
            </p>
          )}
        </>
      )}
    </article>
  );
}
