import type { Paper } from '@/shared/api';
import { Segment } from './Segments';
import { Segments } from './Segments';

const PAPERS: readonly Paper[] = ['A4', 'Letter'];

/** The paper that things are printed on. */
export function PaperChoice({ paper, onChange }: { paper: Paper; onChange: (paper: Paper) => void }) {
  return (
    <Segments label="Paper">
      {PAPERS.map((each) => (
        <Segment
          key={each}
          pressed={paper === each}
          onPress={() => {
            onChange(each);
          }}
        >
          {each}
        </Segment>
      ))}
    </Segments>
  );
}
