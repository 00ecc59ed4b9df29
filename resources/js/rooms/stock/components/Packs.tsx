import { useState } from 'react';
import { useMe, useOpenPack, type PackToOpen, type Stock } from '@/shared/api';
import { optionWords } from '@/shared/format';
import { Button } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';

/** Class packs on hand as they are sold; opening one makes its kits single ones, and is asked twice. */
export function Packs({ kit }: { kit: Stock['kits'][number] }) {
  const open = useOpenPack();
  const me = useMe();
  const [asked, setAsked] = useState<string | null>(null);
  const mayOpen = me.data?.abilities.includes('pack-kits') ?? false;
  return (
    <span>
      {kit.packs.map(({ size, options, n }) => {
        const key = `${String(size)} ${options}`;
        return (
          <span key={key}>
            {n} of {size} {optionWords(options)}{' '}
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
                  open.mutate({ kitId: kit.kitId, packSize: size as PackToOpen['packSize'], options });
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
