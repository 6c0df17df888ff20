import { useState } from 'react';
import { changed, useDay, useSaveDay, type Day } from '../day';
import { together, useReading } from '../../shared/http';
import { Button, Loading, Select, useSay } from '../../shared/ui';
import { useYards, type Yard } from './api';
import { YardForm } from './YardForm';

export { useYards, type Yard } from './api';

const NEW = 'new';

/** The yard of the day: measured, calibrated, with what to mind. */
export default function YardPage() {
  const all = together(useDay(), useReading(useYards()));
  return <Loading of={all}>{([{ day }, yards]) => <Chosen day={day} yards={yards} />}</Loading>;
}

function Chosen({ day, yards }: { day: Day | undefined; yards: Yard[] }) {
  const [picked, setPicked] = useState<string>();
  const save = useSaveDay();
  const say = useSay();
  const shown = picked ?? (day?.yardId !== undefined ? String(day.yardId) : String(yards[0]?.id ?? NEW));
  const yard = yards.find((y) => String(y.id) === shown);
  const choose = (id: number) => {
    if (day === undefined || day.yardId === id) return;
    save.mutate(
      { id: day.id, day: changed(day, { yardId: id }) },
      { onSuccess: () => say.done('This yard is now the yard of the day.'), onError: say.failed },
    );
  };
  return (
    <div className="flex flex-1 flex-col">
      <div className="flex flex-wrap items-end justify-between gap-4 px-6 pt-5">
        <h1>{yard?.name ?? 'New yard'}</h1>
        <div className="flex flex-wrap items-end gap-3">
          <Select
            label="Yard"
            value={shown}
            options={[
              ...yards.map((y) => ({ value: String(y.id), label: y.name })),
              { value: NEW, label: 'New yard…' },
            ]}
            onChoose={setPicked}
          />
          {yard !== undefined && day !== undefined && day.yardId !== yard.id && (
            <Button onClick={() => choose(yard.id)}>Use on {day.title}</Button>
          )}
        </div>
      </div>
      <YardForm
        key={shown}
        yard={yard}
        onSaved={(saved) => {
          setPicked(String(saved.id));
          if (day !== undefined && day.yardId === undefined) choose(saved.id);
        }}
      />
    </div>
  );
}
