import { Select, several } from '../../shared/ui';
import type { Marker } from '../../shared/plan';
import { useKit } from './api';
import { candidates, lyingIn } from './model';

/** What lies at each setting within the widest, so that a rider tells them apart from the saddle. */
export function LiesIn(props: {
  /** Letters of the settings within the widest. */
  letters: string[];
  markers: Marker[];
  within: Marker[];
  disabled: boolean;
  onChoose: (within: Marker[]) => void;
}) {
  const kit = useKit().data;
  if (kit === undefined) return null;
  const free = candidates(
    kit.markers.map((m) => m.marker),
    kit.usualFlat,
    props.markers,
  );
  if (free.length === 0) {
    return (
      <p className="mt-2 text-soft">
        All lie in the same. A marker or colour of its own for each is easier to ride: add yours on Today,
        under <i>Bring</i>.
      </p>
    );
  }
  return (
    <div className="mt-2 flex flex-wrap gap-3">
      {props.letters.map((letter, i) => (
        <Select
          key={letter}
          label={`Setting ${letter} lies in`}
          disabled={props.disabled}
          value={props.within[i]?.name ?? ''}
          options={[
            { value: '', label: 'the same as a' },
            ...free.map((m) => ({ value: m.name, label: several(m.name) })),
          ]}
          onChoose={(name) =>
            props.onChoose(
              lyingIn(
                props.within,
                i,
                free.find((m) => m.name === name),
                free,
              ),
            )
          }
        />
      ))}
    </div>
  );
}
