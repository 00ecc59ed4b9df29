import type { Paper } from '@/shared/api';

const PAPERS: readonly Paper[] = ['A4', 'Letter'];

/** The paper that things are printed on. */
export function PaperChoice({ paper, onChange }: { paper: Paper; onChange: (paper: Paper) => void }) {
  return (
    <span className="seg" role="group" aria-label="Paper">
      {PAPERS.map((each) => (
        <button
          key={each}
          type="button"
          aria-pressed={paper === each}
          onClick={() => {
            onChange(each);
          }}
        >
          {each}
        </button>
      ))}
    </span>
  );
}
