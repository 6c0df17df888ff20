import { LengthField, type Length } from '../length';
import { Toggle } from '../../shared/ui';
import { sayLength, usePreferences } from '../../shared/units';
import type { CourseRequest } from './api';

/** The dimensions as fields, and the rungs of the chosen machine. */
export function CourseFields(props: {
  course: CourseRequest;
  rungs: { settingMetres: number; tightness: number }[];
  machineName: string | undefined;
  onChange: (some: Partial<CourseRequest>) => void;
  onRung: (metres: number) => void;
}) {
  const { course, onChange } = props;
  const field = (name: 'width' | 'depth' | 'edgeSpacing', label: string) => (
    <LengthField label={label} value={course[name]} onRead={(l: Length) => onChange({ [name]: l })} />
  );
  return (
    <div className="grid gap-4">
      <Rungs {...props} />
      <div className="grid gap-4 sm:grid-cols-3">
        {field('width', 'Width')}
        {field('depth', 'Depth')}
        {field('edgeSpacing', 'Edge spacing, at most')}
      </div>
      <div className="flex flex-wrap gap-6">
        <Toggle
          label="Entered along"
          value={course.entrySide}
          options={[
            { value: 'RIGHT', label: 'right line, turn left' },
            { value: 'LEFT', label: 'left line, turn right' },
          ]}
          onChoose={(entrySide) => onChange({ entrySide })}
        />
        <Toggle
          label="Begun"
          value={course.start}
          options={[
            { value: 'ROLLING', label: 'rolling' },
            { value: 'FROM_A_STOP', label: 'from a stop' },
          ]}
          onChoose={(start) => onChange({ start })}
        />
      </div>
    </div>
  );
}

function Rungs(props: {
  course: CourseRequest;
  rungs: { settingMetres: number; tightness: number }[];
  machineName: string | undefined;
  onRung: (metres: number) => void;
}) {
  const { system } = usePreferences();
  if (props.rungs.length === 0) return null;
  return (
    <div>
      <div className="mb-1 text-sm text-soft">
        Rungs of width for {props.machineName}, with their tightness
      </div>
      <div role="group" aria-label="Rungs" className="flex flex-wrap">
        {props.rungs.map((r) => {
          const on = Math.abs(r.settingMetres - props.course.width.metres) < 0.005;
          const { figure, unit } = sayLength(r.settingMetres, system);
          return (
            <button
              key={r.settingMetres}
              type="button"
              aria-pressed={on}
              onClick={() => props.onRung(r.settingMetres)}
              className={`figures -ml-px min-w-20 border px-3 py-1 first:ml-0 ${on ? 'border-ink bg-ink text-page' : 'border-rule bg-panel hover:border-ink'}`}
            >
              <span className="block">
                {figure} {unit}
              </span>
              <span className={`block text-[0.8rem] ${on ? '' : 'text-soft'}`}>{r.tightness.toFixed(2)}</span>
            </button>
          );
        })}
      </div>
    </div>
  );
}
