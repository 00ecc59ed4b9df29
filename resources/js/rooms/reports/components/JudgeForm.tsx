import { useKitPlaces, useSupport, type Cause, type Report, type Reports } from '@/shared/api';
import { useKeptText } from '@/shared/keep';
import { Button, Input, Refusal, Select } from '@/shared/ui';
import { draftOf, type Draft, type Judging } from '../model';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './reports.module.css';

/** Says what a report is about: what was noticed, and each thing that was wrong with its place and origin. */
export function JudgeForm({ report, words }: { report: Report; words: Reports }) {
  const judge = useSupport(report.id);
  const start = { kit: report.kitId ?? words.kits[0]?.id ?? null, symptom: report.symptom ?? report.said };
  const given = report.causes.length === 0 ? [{ cause: '', part: '', faultOrigin: '' } as const] : report.causes;
  // What was begun stays on this device until it is saved.
  const [kept, write] = useKeptText(`judgement ${String(report.id)}`);
  const { kit, symptom, causes } = draftOf(kept, { ...start, causes: given });
  const places = useKitPlaces(kit).data;
  const change = (next: Partial<Judging>) => {
    write(JSON.stringify({ kit, symptom, causes, ...next }));
  };
  const setCauses = (next: readonly Draft[]) => {
    change({ causes: next });
  };
  const put = (at: number, next: Partial<Draft>) => {
    setCauses(causes.map((each, index) => (index === at ? { ...each, ...next } : each)));
  };
  const said = causes.flatMap(({ cause, part, faultOrigin }) => (cause === '' ? [] : [{ cause, part, faultOrigin }]));
  const own = (places?.symptoms ?? []).filter((each) => each.own);
  const send = () => {
    if (kit === null) return;
    judge.mutate(
      {
        what: 'judgements',
        body: {
          kitId: kit,
          symptom,
          causes: said.map((each) => ({
            cause: each.cause,
            part: each.part,
            faultOrigin: words.faultOrigins.find(({ id }) => id === each.faultOrigin)?.id ?? null,
          })),
        },
      },
      {
        onSuccess: () => {
          write(null);
        },
      },
    );
  };
  return (
    <form
      className={styles['judge']}
      aria-label="Judgement"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        send();
      }}
    >
      <div className={ui['field']}>
        <label htmlFor="judge-kit">kit</label>
        <Select
          id="judge-kit"
          value={String(kit ?? '')}
          onChange={(event) => {
            change({ kit: Number(event.target.value) });
          }}
        >
          {words.kits.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name}
            </option>
          ))}
        </Select>
      </div>
      <div className={ui['field']}>
        <label htmlFor="judge-symptom">what the customer notices</label>
        <Select
          id="judge-symptom"
          value={symptom}
          onChange={(event) => {
            change({ symptom: event.target.value });
          }}
        >
          <option value="" disabled>
            choose
          </option>
          {[...own, ...words.symptoms].map((each) => (
            <option key={each.id} value={each.id}>
              {each.name}
            </option>
          ))}
        </Select>
      </div>
      <datalist id="judge-places">
        {(places?.places ?? []).map((place) => (
          <option key={place} value={place} />
        ))}
      </datalist>
      {causes.map((each, at) => (
        <fieldset key={String(at)} className={styles['cause']}>
          <legend>{at === 0 ? 'what was wrong' : 'and also'}</legend>
          <Select
            id={`judge-cause-${String(at)}`}
            aria-label={`cause ${String(at + 1)}`}
            value={each.cause}
            onChange={(event) => {
              put(at, { cause: words.causes.find(({ id }) => id === event.target.value)?.id ?? '', faultOrigin: '' });
            }}
          >
            <option value="">choose</option>
            {words.causes.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Select>
          <Input
            id={`judge-part-${String(at)}`}
            aria-label={`part of cause ${String(at + 1)}`}
            className={ink['m']}
            placeholder="where: D1, step 4"
            list="judge-places"
            maxLength={40}
            value={each.part}
            onChange={(event) => {
              put(at, { part: event.target.value });
            }}
          />
          <Select
            id={`judge-origin-${String(at)}`}
            aria-label={`origin of cause ${String(at + 1)}`}
            value={each.faultOrigin}
            onChange={(event) => {
              put(at, { faultOrigin: event.target.value });
            }}
          >
            <option value="">{usual(words, each.cause)}</option>
            {words.faultOrigins.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Select>
        </fieldset>
      ))}
      <p className={styles['judged']}>
        <Button type="submit" disabled={judge.isPending || symptom === '' || said.length === 0 || kit === null}>
          {report.judged ? 'Change the judgement' : 'Keep this judgement'}
        </Button>{' '}
        {causes.length < 8 && (
          <Button
            look="link"
            onClick={() => {
              setCauses([...causes, { cause: '', part: '', faultOrigin: '' }]);
            }}
          >
            one more cause
          </Button>
        )}
      </p>
      {judge.error && <Refusal>{judge.error.message}</Refusal>}
    </form>
  );
}

function usual(words: Reports, cause: Cause | ''): string {
  const of = words.causes.find(({ id }) => id === cause)?.faultOrigin;
  const name = words.faultOrigins.find(({ id }) => id === of)?.name;
  return name === undefined ? 'origin: as the cause says' : `origin: as the cause says, ${name}`;
}
