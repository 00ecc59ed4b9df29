import type { ManualDocument } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { SETTINGS, settingOf } from '../model';

/** The settings of a kit that the manual is written by. */
export function SettingsView({ manual }: { manual: ManualDocument }) {
  const kit = useKit();
  return (
    <div className="scroll settings" tabIndex={0} role="region" aria-label="Settings of the manual">
      {SETTINGS.map(({ field, label, does, choices }) => {
        const now = settingOf(manual, field);
        return (
          <fieldset key={field} disabled={!kit.mayEdit || kit.saving}>
            <legend>{label}</legend>
            <span className="seg" role="group" aria-label={label}>
              {choices.map(({ value, name }) => (
                <button
                  key={value}
                  type="button"
                  aria-pressed={now === value}
                  onClick={() =>
                    void kit.save([
                      { type: 'setting', target: '', field, value: field === 'colour' ? value === 'true' : value },
                    ])
                  }
                >
                  {name}
                </button>
              ))}
            </span>
            <p className="quiet">{does}</p>
          </fieldset>
        );
      })}
    </div>
  );
}
