import { useState } from 'react';
import { useRunPhoto, type Run } from '@/shared/api';
import { PhotoField } from '@/shared/ui';
import styles from './packing.module.css';

/** The first packed kit of a run as it lay on the bench: the others are compared with it. */
export function FirstKitPhoto({ run }: { run: Run }) {
  const keep = useRunPhoto(run.id);
  const [again, setAgain] = useState(false);
  if (run.complete.length === 0) return null;
  return (
    <figure className={styles['photo']}>
      {run.photo !== null && (
        <img
          src={`/api/runs/${String(run.id)}/photo?of=${run.photo.slice(0, 8)}`}
          alt="The first packed kit, laid out"
        />
      )}
      <figcaption>
        {run.photo !== null && !again ? (
          <button
            type="button"
            onClick={() => {
              setAgain(true);
            }}
          >
            photograph it anew
          </button>
        ) : (
          <PhotoField
            id="first-kit-photo"
            label="photograph the first packed kit, its parts laid out"
            camera
            onPhoto={(photo) => {
              if (photo)
                keep.mutate(photo, {
                  onSuccess: () => {
                    setAgain(false);
                  },
                });
            }}
          />
        )}
        {keep.isPending && <span role="status"> keeping it</span>}
        {keep.error && <span role="alert"> ▲ {keep.error.message}</span>}
      </figcaption>
    </figure>
  );
}
