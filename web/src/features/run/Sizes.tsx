import type { Course } from '../course';
import { lying } from '../kit';
import { letterOf, Untold, type ActiveSizes } from '../sizes';
import { several } from '../../shared/ui';
import { isSame, lengthText, usePreferences } from '../../shared/units';

/** Which of the sizes set up is ridden, where there are several; and what only this device knows. */
export function Sizes(props: {
  course: Course;
  stands: ActiveSizes;
  setting: number | undefined;
  onSetting: (metres: number) => void;
}) {
  const { stands, setting } = props;
  const { system } = usePreferences();
  const lies = lying(props.course, stands.settings.length);
  return (
    <>
      {stands.settings.length > 1 && (
        <div role="group" aria-label="Setting ridden" className="flex flex-wrap gap-2">
          {stands.settings.map((metres, i) => {
            const on = setting !== undefined && isSame(metres, setting);
            return (
              <button
                key={metres}
                type="button"
                aria-pressed={on}
                className={`min-h-14 min-w-20 flex-1 rounded-sm border ${on ? 'border-ink bg-ink text-page' : 'border-rule bg-panel'}`}
                onClick={() => props.onSetting(metres)}
              >
                <b>{letterOf(i)}</b> <span className="figures">{lengthText(metres, system)}</span>
                {lies[i] !== undefined && <span className="block text-xs">{several(lies[i])}</span>}
              </button>
            );
          })}
        </div>
      )}
      <Untold stands={stands} />
    </>
  );
}
