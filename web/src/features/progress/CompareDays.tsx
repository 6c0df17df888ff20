import { useState } from 'react';
import { useReading } from '../../shared/http';
import { Loading, Select, sideWord } from '../../shared/ui';
import { dateText, lengthText, usePreferences } from '../../shared/units';
import { useCompared, type Compared, type Progress } from './api';

/** Two days side by side: the first of which enough is known and the last, until others are chosen. */
export function CompareDays({ progress }: { progress: Progress }) {
  const known = progress.days.find((d) => d.left !== undefined && d.right !== undefined);
  const [from, setFrom] = useState((known ?? progress.days[0])?.dayId ?? 0);
  const [to, setTo] = useState(progress.days.at(-1)?.dayId ?? 0);
  if (progress.days.length < 2) return null;
  const options = progress.days.map((d) => ({ value: String(d.dayId), label: dateText(d.date) }));
  return (
    <details>
      <summary className="cursor-pointer text-steel">Compare two days</summary>
      <div className="mt-2 flex flex-wrap gap-3">
        <Select
          label="One day"
          value={String(from)}
          options={options}
          onChoose={(id) => setFrom(Number(id))}
        />
        <Select
          label="Another day"
          value={String(to)}
          options={options}
          onChoose={(id) => setTo(Number(id))}
        />
      </div>
      <Table riderId={progress.riderId} kind={progress.kind} from={from} to={to} />
    </details>
  );
}

function Table(props: { riderId: number; kind: string; from: number; to: number }) {
  const compared = useReading(useCompared(props.riderId, props.kind, props.from, props.to));
  return <Loading of={compared}>{(c) => <Sides of={c} />}</Loading>;
}

function Sides({ of }: { of: Compared }) {
  const { system } = usePreferences();
  const best = (estimate: Compared['sides'][number]['from']) =>
    estimate?.metres === undefined ? 'too few runs' : lengthText(estimate.metres, system);
  return (
    <table className="table-plain mt-2">
      <thead>
        <tr>
          <th scope="col">Side</th>
          <th scope="col">Clean four in five, {dateText(of.from.date)}</th>
          <th scope="col">{dateText(of.to.date)}</th>
          <th scope="col">Change</th>
          <th scope="col">Clean runs</th>
        </tr>
      </thead>
      <tbody>
        {of.sides.map((s) => (
          <tr key={s.side}>
            <td>{sideWord(s.side)}</td>
            <td className="figures">{best(s.from)}</td>
            <td className="figures">{best(s.to)}</td>
            <td>{s.change?.words ?? '–'}</td>
            <td className="figures whitespace-nowrap">
              {s.fromClean}/{s.fromRuns}, then {s.toClean}/{s.toRuns}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
