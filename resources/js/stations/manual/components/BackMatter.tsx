import { useState } from 'react';
import type { FaqEntry, ManualDocument } from '@/shared/api';
import { Circuit } from '@/shared/circuit';
import { howTested } from '@/shared/format/howTested';
import { useKit } from '@/shared/kit';
import { Button, OwnWords } from '@/shared/ui';
import { testsOf } from '../model';
import { BlockForm } from './BlockForm';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './manual.module.css';

/** What stands after the steps: setting up, wrong readings, questions of customers, how it works by block. */
export function BackMatter({ manual, faq }: { manual: ManualDocument; faq: readonly FaqEntry[] }) {
  const kit = useKit();
  const tests = testsOf(manual);
  const adjusting = tests.filter(({ test }) => test.adjusts !== null);
  const helped = tests.filter(({ test }) => test.otherwise !== '');
  const blocks = manual.blocks ?? [];
  const [editing, setEditing] = useState<string | null>(null);
  return (
    <>
      {adjusting.length > 0 && <h2>Set it up</h2>}
      {adjusting.map(({ step, test }) => (
        <p key={test.name}>
          Turn <b className={clsx(ink['m'], styles['m'])}>{test.adjusts}</b> until {test.name} reads{' '}
          <b>{test.expect}</b> ({howTested(test)}). {test.reach} <span className={ink['quiet']}>see step {step}</span>
        </p>
      ))}
      {helped.length > 0 && <h2>When a reading is wrong</h2>}
      {helped.map(({ step, test }) => (
        <p key={test.name}>
          <b>{test.name}</b>, step {step}: {test.otherwise}.
        </p>
      ))}
      {faq.length > 0 && <h2>When it does not work</h2>}
      {faq.map((entry) => (
        <p key={entry.id}>
          <b>{entry.question}</b> {entry.answer}
        </p>
      ))}
      <h2>How it works</h2>
      <Circuit id={kit.id} lit={kit.selected} onPick={kit.select} />
      {blocks.length === 0 && (
        <p className={ink['quiet']}>
          Divide the circuit into blocks: each gets its parts, its steps and its readings here, and a place for your
          words. The order can follow them too.
        </p>
      )}
      {blocks.map((block) =>
        editing === block.name ? (
          <BlockForm
            key={block.name}
            name={block.name}
            parts={block.designators ?? []}
            onDone={() => {
              setEditing(null);
            }}
          />
        ) : (
          <section key={block.name} className={styles['owntext']}>
            <h3>{block.name}</h3>
            <div dangerouslySetInnerHTML={{ __html: block.html }} />
            <p className={ink['quiet']}>
              Parts: {block.parts.join(', ')}. {block.steps.length > 0 && `Built in step ${block.steps.join(', ')}. `}
              {block.tests.length > 0 && `You can measure it: ${block.tests.join('; ')}.`}
            </p>
            {kit.mayEdit && (
              <OwnWords
                name={`${String(kit.id)} block ${block.name}`}
                label={`how ${block.name} works`}
                empty="Write how it works"
                text={block.markdown}
                disabled={kit.saving}
                onSave={async (value) =>
                  (await kit.save([{ type: 'words', target: `text.block.${block.name}`, field: '', value }])) !==
                  'refused'
                }
              />
            )}
            {kit.mayEdit && (
              <Button
                look="link"
                onClick={() => {
                  setEditing(block.name);
                }}
              >
                change its parts
              </Button>
            )}
          </section>
        ),
      )}
      {kit.mayEdit &&
        (editing === '' ? (
          <BlockForm
            name=""
            parts={[]}
            onDone={() => {
              setEditing(null);
            }}
          />
        ) : (
          <Button
            onClick={() => {
              setEditing('');
            }}
          >
            Add a block
          </Button>
        ))}
    </>
  );
}
