import { useState } from 'react';
import { TRANSMISSIONS } from '../machine';
import { useReading } from '../../shared/http';
import { Loading, Select } from '../../shared/ui';
import { useChanges, type Change, type ChangesRequest, type Choice, type Options, type School } from './api';

/** What changes, drill by drill, when a rider is taught by another method. */
export function Compare({ options, choices }: { options: Options; choices: Choice[] }) {
  const [from, setFrom] = useState<School>('DRAG');
  const [to, setTo] = useState<School>('CLUTCH_FIRST');
  const [transmission, setTransmission] = useState<ChangesRequest['transmission']>('HAND_CLUTCH');
  const changes = useReading(
    useChanges({
      from: { school: from, choices },
      to: { school: to, choices },
      transmission,
      level: 'DEVELOPING',
    }),
  );
  const schools = options.schools.map((s) => ({ value: s.school, label: s.label }));
  return (
    <section aria-label="What another method changes">
      <h2 className="mb-2">What another method changes</h2>
      <div className="mb-2 flex flex-wrap gap-3">
        <Select label="From" value={from} options={schools} onChoose={setFrom} />
        <Select label="To" value={to} options={schools} onChoose={setTo} />
        <Select
          label="On a machine with"
          value={transmission}
          options={TRANSMISSIONS.map((t) => ({ ...t, label: t.label.toLowerCase() }))}
          onChoose={setTransmission}
        />
      </div>
      <Loading of={changes}>{(all) => <Changes changes={all} />}</Loading>
    </section>
  );
}

const WORDS: Record<Change['what'], string> = {
  COMES: 'added',
  GOES: 'left out',
  CHANGES: 'taught otherwise',
};

function Changes({ changes }: { changes: Change[] }) {
  if (changes.length === 0) return <p>Nothing changes.</p>;
  return (
    <ul aria-live="polite">
      {changes.map((c) => (
        <li key={c.id} className="border-b border-rule py-1.5">
          <span className="flex justify-between gap-3">
            <b>{c.name}</b>
            <span
              className={c.what === 'GOES' ? 'text-brick' : c.what === 'COMES' ? 'text-moss' : 'text-soft'}
            >
              {WORDS[c.what]}
            </span>
          </span>
          {c.details.map((d) => (
            <span key={d} className="block text-sm text-soft">
              {d}
            </span>
          ))}
        </li>
      ))}
    </ul>
  );
}
