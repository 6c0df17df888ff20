import { useState } from 'react';
import { useReading } from '../../shared/http';
import { Button, Loading, useSay } from '../../shared/ui';
import { dateText, lengthText, usePreferences } from '../../shared/units';
import { usePractised, useTakeAwayPractice, type Practised } from './api';
import { PracticeForm } from './PracticeForm';
import { countedText } from './words';

/** What a rider practised alone on a kind of course, as they tell it; it counts with less weight. */
export function PractisedPanel(props: {
  riderId: number;
  kind: string;
  settingLabel: string;
  /** Name of the machine, which is likely to be theirs. */
  lastRidden: string | undefined;
}) {
  const practised = useReading(usePractised(props.riderId, props.kind));
  const [logging, setLogging] = useState(false);
  return (
    <section aria-label="Practised alone">
      <h2>Practised alone</h2>
      <Loading of={practised}>{(all) => <List all={all} riderId={props.riderId} />}</Loading>
      {logging ? (
        <PracticeForm {...props} onDone={() => setLogging(false)} />
      ) : (
        <Button className="mt-1.5" onClick={() => setLogging(true)}>
          Log practice alone
        </Button>
      )}
    </section>
  );
}

function List({ all, riderId }: { all: Practised[]; riderId: number }) {
  const { system } = usePreferences();
  const takeAway = useTakeAwayPractice(riderId);
  const say = useSay();
  if (all.length === 0) {
    return (
      <p className="text-sm text-soft">Told by the rider: three such runs count as one that was seen.</p>
    );
  }
  return (
    <ul>
      {all.map(({ id, machineName, practice }) => (
        <li key={id} className="flex items-start justify-between gap-3 border-t border-rule py-1.5">
          <p className="min-w-0 wrap-anywhere">
            <b>{dateText(practice.on)}</b>, {practice.minutes} min, {machineName};{' '}
            {countedText(practice, (m) => lengthText(m, system))}
            {practice.note !== '' && <span className="block text-sm text-soft">{practice.note}</span>}
          </p>
          <Button
            kind="quiet"
            className="shrink-0"
            aria-label={`Delete practice of ${dateText(practice.on)}`}
            disabled={takeAway.isPending}
            onClick={() => takeAway.mutate(id, { onError: say.failed })}
          >
            Delete
          </Button>
        </li>
      ))}
    </ul>
  );
}
