import type { ManualDocument } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { SETTINGS, settingOf } from '../model';
import { Segment, Segments } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './manual.module.css';

/** The settings of a kit that the manual is written by. */
export function SettingsView({ manual }: { manual: ManualDocument }) {
  const kit = useKit();
  return (
    <div
      className={clsx(ui['scroll'], styles['settings'])}
      tabIndex={0}
      role="region"
      aria-label="Settings of the manual"
    >
      {SETTINGS.map(({ field, label, does, choices }) => {
        const now = settingOf(manual, field);
        return (
          <fieldset key={field} disabled={!kit.mayEdit || kit.saving}>
            <legend>{label}</legend>
            <Segments label={label}>
              {choices.map(({ value, name }) => (
                <Segment
                  key={value}
                  pressed={now === value}
                  onPress={() =>
                    void kit.save([
                      { type: 'setting', target: '', field, value: field === 'colour' ? value === 'true' : value },
                    ])
                  }
                >
                  {name}
                </Segment>
              ))}
            </Segments>
            <p className={ink['quiet']}>{does}</p>
          </fieldset>
        );
      })}
    </div>
  );
}
