import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { todayIso, useImport, useSaveDay } from '../day';
import { Button, TextField, useSay } from '../../shared/ui';

/** Starts a day, or brings days in from a file. */
export function NewDay({ first = false }: { first?: boolean }) {
  const [date, setDate] = useState(todayIso(new Date()));
  const [title, setTitle] = useState('Slow-riding lesson');
  const [, setParams] = useSearchParams();
  const save = useSaveDay();
  const bringIn = useImport();
  const say = useSay();
  return (
    <div className="m-6 grid max-w-xl gap-4">
      {first ? <h1>Start a day</h1> : <h2>New day</h2>}
      <p>
        A day ties together a yard, its courses and the riders. Give it a date; the rest follows along the
        lane.
      </p>
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          save.mutate(
            { day: { date, title, courseIds: [], stands: [], riders: [] } },
            { onSuccess: (day) => setParams({ day: String(day.id) }), onError: say.failed },
          );
        }}
      >
        <TextField label="Date" type="date" value={date} onChange={(e) => setDate(e.target.value)} />
        <TextField label="Title" maxLength={80} value={title} onChange={(e) => setTitle(e.target.value)} />
        <div>
          <Button
            kind="primary"
            type="submit"
            disabled={date === '' || title.trim() === '' || save.isPending}
          >
            Start the day
          </Button>
        </div>
      </form>
      <label className="mt-4 block border-t border-rule pt-4">
        <span className="mb-1 block">Or bring days in from a file in this app’s own format:</span>
        <input
          type="file"
          accept="application/json,.json"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file === undefined) return;
            bringIn.mutate(file, {
              onSuccess: (came) =>
                say.done(`${came.days} days, ${came.riders} riders and ${came.machines} machines came in.`),
              onError: (error) =>
                say.failed(
                  error instanceof SyntaxError ? new Error('This file is not JSON. Nothing came in.') : error,
                ),
            });
          }}
        />
      </label>
    </div>
  );
}
