import { useState } from 'react';
import { useMe, useOpenPack, type Stock } from '@/shared/api';
import { dealt, optionWords } from '@/shared/format';
import { Button } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';

/** Class packs on hand as they are sold; opening one makes its kits single ones, and is asked twice. */
export function Packs({ kit }: { kit: Stock['kits'][number] }) {
  const open = useOpenPack();
  const me = useMe();
  const [asked, setAsked] = useState<number | null>(null);
  const mayOpen = me.data?.abilities.includes('pack-kits') ?? false;
  return (
    <span>
      {kit.packs.map(({ articleId, size, dealing, options, n }) => {
        const key = articleId;
        return (
          <span key={key}>
            {n} of {size}, {dealt(dealing)} {optionWords(options)}{' '}
            {mayOpen && (
              <Button
                look="link"
                disabled={open.isPending}
                title="Its kits are single ones from then on"
                onClick={() => {
                  if (asked !== key) {
                    setAsked(key);
                    return;
                  }
                  setAsked(null);
                  open.mutate({ articleId });
                }}
              >
                {asked === key ? 'Really open it' : 'open one'}
              </Button>
            )}
          </span>
        );
      })}
      {open.error && <span className={ink['ochre']}>▲ {open.error.message}</span>}
    </span>
  );
}
