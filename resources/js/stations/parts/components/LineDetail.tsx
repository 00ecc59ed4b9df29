import type { PartLine } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, KINDS, Marking, Select, TextLink, WhyList } from '@/shared/ui';
import { refs, SUPPLY, valueText } from '../model';
import { BoardPrint } from './BoardPrint';
import { FromLibrary } from './FromLibrary';
import { Substitutes } from './Substitutes';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './parts.module.css';

/** How the values of a lot lie within their tolerance; the bench draws them so. */
const SPREADS = [
  { id: 'even', name: 'anywhere within tolerance' },
  { id: 'bell', name: 'mostly about the middle' },
  { id: 'hollow', name: 'in the outer halves' },
] as const;

/** The line looked at: its look-alikes side by side, its kind to change, and why. */
export function LineDetail({ line, lines }: { line: PartLine; lines: readonly PartLine[] }) {
  const kit = useKit();
  const alike = lines.filter((other) => other !== line && other.designators.some((name) => line.alike.includes(name)));
  return (
    <section className={styles['detail']} aria-label="The line">
      <h2>
        <span className={clsx(ink['m'], styles['m'])}>{refs(line) || `row ${String(line.row)}`}</span> {valueText(line)}
      </h2>
      {kit.mayEdit && (
        <p className={styles['ways']}>
          <TextLink to={`/kits/${String(kit.id)}/facts?view=part`}>mark, pins, body, hold</TextLink>
          <Button
            look="link"
            onClick={() => {
              void kit.save([{ type: 'row', target: String(line.row), field: '', value: null }]);
            }}
          >
            take the row out
          </Button>
        </p>
      )}
      <div className={styles['facts']}>
        <label htmlFor="line-kind">kind</label>
        <Select
          id="line-kind"
          className={clsx(ui['filter'], styles['filter'], ui['wide'])}
          value={line.kind}
          disabled={!kit.mayEdit || kit.saving}
          onChange={(event) => {
            void kit.save([
              { type: 'line', target: line.designators[0] ?? '', field: 'kind', value: event.target.value },
            ]);
          }}
        >
          {KINDS.map((kind) => (
            <option key={kind.id} value={kind.id}>
              {kind.name}
            </option>
          ))}
        </Select>
        {line.reasons.some((reason) => reason.code === 'kind.said') && (
          <span className={ink['quiet']}>
            your choice{' '}
            {kit.mayEdit && (
              <Button
                look="link"
                onClick={() => {
                  void kit.save([{ type: 'line', target: line.designators[0] ?? '', field: 'kind', value: null }]);
                }}
              >
                back to computed
              </Button>
            )}
          </span>
        )}
        <label htmlFor="line-supply">supply</label>
        <Select
          id="line-supply"
          className={clsx(ui['filter'], styles['filter'])}
          value={line.supply}
          disabled={!kit.mayEdit || kit.saving}
          onChange={(event) => {
            void kit.save(
              line.designators.map((name) => ({
                type: 'line',
                target: name,
                field: 'supply',
                value: event.target.value,
              })),
            );
          }}
        >
          {Object.entries(SUPPLY).map(([word, text]) => (
            <option key={word} value={word}>
              {text}
            </option>
          ))}
        </Select>
      </div>
      <div className={styles['facts']}>
        {line.height !== null && (
          <span>
            {line.height.toFixed(1)} mm <span className={ink['quiet']}>({line.heightSource})</span>
            {line.heightSource === 'typed in' && kit.mayEdit && (
              <Button
                look="link"
                onClick={() => {
                  void kit.save(
                    line.designators.map((name) => ({ type: 'line', target: name, field: 'height', value: null })),
                  );
                }}
              >
                back to computed
              </Button>
            )}
          </span>
        )}
      </div>
      {line.value !== null && (
        <div className={styles['facts']}>
          <label htmlFor="line-spread">values of a lot lie</label>
          <Select
            id="line-spread"
            className={clsx(ui['filter'], styles['filter'], ui['wide'])}
            value={line.spread ?? 'even'}
            disabled={!kit.mayEdit || kit.saving}
            onChange={(event) => {
              void kit.save(
                line.designators.map((name) => ({
                  type: 'line',
                  target: name,
                  field: 'spread',
                  value: event.target.value === 'even' ? null : event.target.value,
                })),
              );
            }}
          >
            {SPREADS.map((spread) => (
              <option key={spread.id} value={spread.id}>
                {spread.name}
              </option>
            ))}
          </Select>
        </div>
      )}
      <BoardPrint line={line} />
      <FromLibrary line={line} />
      <Substitutes key={line.designators.join()} line={line} />
      {alike.length > 0 && (
        <div className={styles['lineup']} tabIndex={0} role="region" aria-label="Parts that look alike">
          {[line, ...alike].map((each) => (
            <div key={each.designators[0]}>
              <span className={clsx(ink['m'], styles['m'])}>{refs(each)}</span> <Marking marking={each.marking} />{' '}
              <span className={ink['quiet']}>{valueText(each)}</span>
            </div>
          ))}
          <p className={ink['ochre']}>These may be taken for each other: keep them in different steps and bags.</p>
        </div>
      )}
      {line.marking?.type === 'bands' && line.marking.text !== '' && (
        <p className={clsx(ink['ochre'], ink['small'])}>{line.marking.text}</p>
      )}
      {kit.why && <WhyList reasons={line.reasons} />}
    </section>
  );
}
