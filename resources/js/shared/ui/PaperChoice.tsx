import type { Paper } from '@/shared/api';
import { Segment } from './Segments';
import { Segments } from './Segments';

const PAPERS: readonly Paper[] = ['A4', 'Letter'];
/** Labels come on a roll, too. */
const LABELS: readonly Paper[] = [...PAPERS, 'roll'];

type Props = { paper: Paper; roll?: boolean; onChange: (paper: Paper) => void };

/** The paper that things are printed on. */
export function PaperChoice({ paper, roll = false, onChange }: Props) {
  return (
    <Segments label="Paper">
      {(roll ? LABELS : PAPERS).map((each) => (
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
