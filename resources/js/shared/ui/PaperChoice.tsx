/** The paper that things are printed on. */
export function PaperChoice({ paper, onChange }: { paper: string; onChange: (paper: string) => void }) {
  return (
    <span className="seg" role="group" aria-label="Paper">
      {['A4', 'Letter'].map((each) => (
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
