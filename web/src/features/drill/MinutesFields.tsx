import { TRANSMISSIONS } from '../machine';
import { TextField } from '../../shared/ui';
import type { Drill } from './api';

/** How long it is ridden without a break, and what counts as mastered. */
export function MinutesFields({
  drill,
  onChange,
}: {
  drill: Drill;
  onChange: (some: Partial<Drill>) => void;
}) {
  const { scoring } = drill;
  const minutes = scoring.timedRide.longestMinutes;
  const change = (some: Partial<Drill['scoring']>) => onChange({ scoring: { ...scoring, ...some } });
  const whole = (text: string) => Math.max(1, Math.round(Number(text) || 1));
  return (
    <fieldset className="grid gap-4 sm:grid-cols-5">
      <legend className="mb-1 text-sm text-soft">
        At most without a break (min), and clean runs asked for
      </legend>
      {TRANSMISSIONS.filter((t) => drill.audience.transmissions.includes(t.value)).map(({ value, label }) => (
        <TextField
          key={value}
          label={`${label}, min`}
          type="number"
          min={1}
          max={60}
          value={minutes[value] ?? 5}
          onChange={(e) =>
            change({
              timedRide: {
                ...scoring.timedRide,
                longestMinutes: { ...minutes, [value]: whole(e.target.value) },
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
        value={scoring.pass.clean}
        onChange={(e) => change({ pass: { ...scoring.pass, clean: whole(e.target.value) } })}
      />
      <TextField
        label="of the last"
        type="number"
        min={1}
        max={20}
        value={scoring.pass.of}
        onChange={(e) => change({ pass: { ...scoring.pass, of: whole(e.target.value) } })}
      />
    </fieldset>
  );
}
