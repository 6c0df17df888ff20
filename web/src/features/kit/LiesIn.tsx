import { Button, Select, several } from '../../shared/ui';
import type { Marker } from '../../shared/plan';
import { useKit, type Lying } from './api';
import { candidates, enoughText, liesAsBest, lyingIn } from './model';

/** What lies at each setting within the widest, so that a rider tells them apart from the saddle. */
export function LiesIn(props: {
  /** Letters of the settings within the widest. */
  letters: string[];
  markers: Marker[];
  within: Marker[];
  /** What they lie in against how many there are, and what they would best lie in; missing until it is known. */
  lying: Lying[] | undefined;
  best: Lying[] | undefined;
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
  const { lying = [], best = [] } = props;
  return (
    <>
      <div className="mt-2 flex flex-wrap gap-3">
        {props.letters.map((letter, i) => {
          const here = lying.find((l) => l.letter === letter);
          return (
            <div key={letter}>
              <Select
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
              {here && (
                <p className={`mt-1 text-sm ${here.missing > 0 ? 'text-brick' : 'text-soft'}`}>
                  {enoughText(here)}
                </p>
              )}
            </div>
          );
        })}
      </div>
      {best.length > 0 && !liesAsBest(lying, best) && (
        <p className="mt-2">
          From what you own: {best.map((l) => `${l.letter} ${several(l.marker.name)}`).join(', ')}
          {best.map((l) => (l.missing > 0 ? ` (${l.letter}: ${enoughText(l)})` : '')).join('')}.{' '}
          <Button
            kind="quiet"
            disabled={props.disabled}
            onClick={() => props.onChoose(best.map((l) => l.marker))}
          >
            Lay these
          </Button>
        </p>
      )}
    </>
  );
}
