import { TextField } from '../../shared/ui';
import type { Drill } from './api';

const MACHINES = [
  { transmission: 'HAND_CLUTCH', label: 'Hand clutch' },
  { transmission: 'AUTOMATIC_CLUTCH', label: 'Automatic clutch' },
  { transmission: 'TWIST_AND_GO', label: 'Twist-and-go' },
] as const;

/** How long it is ridden without a break, and what counts as mastered. */
export function MinutesFields({
  drill,
  onChange,
}: {
  drill: Drill;
  onChange: (some: Partial<Drill>) => void;
}) {
  const minutes = drill.spell.longestMinutes;
  const whole = (text: string) => Math.max(1, Math.round(Number(text) || 1));
  return (
    <fieldset className="grid gap-4 sm:grid-cols-5">
      <legend className="mb-1 text-sm text-soft">
        At most without a break (min), and clean runs asked for
      </legend>
      {MACHINES.filter((m) => drill.transmissions.includes(m.transmission)).map((m) => (
        <TextField
          key={m.transmission}
          label={`${m.label}, min`}
          type="number"
          min={1}
          max={60}
          value={minutes[m.transmission] ?? 5}
          onChange={(e) =>
            onChange({
              spell: {
                ...drill.spell,
                longestMinutes: { ...minutes, [m.transmission]: whole(e.target.value) },
              },
            })
          }
        />
      ))}
      <TextField
        label="Clean runs"
        type="number"
        min={1}
        max={20}
        value={drill.pass.clean}
        onChange={(e) => onChange({ pass: { ...drill.pass, clean: whole(e.target.value) } })}
      />
      <TextField
        label="of the last"
        type="number"
        min={1}
        max={20}
        value={drill.pass.of}
        onChange={(e) => onChange({ pass: { ...drill.pass, of: whole(e.target.value) } })}
      />
    </fieldset>
  );
}
