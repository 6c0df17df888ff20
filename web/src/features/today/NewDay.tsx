import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Copies } from '../copy';
import { todayIso, useSaveDay } from '../day';
import { Button, TextField, useSay } from '../../shared/ui';
import { BringIn } from './BringIn';

/** Starts a day, or brings days in from a file. */
export function NewDay({ first = false }: { first?: boolean }) {
  const [date, setDate] = useState(todayIso(new Date()));
  const [title, setTitle] = useState('Slow-riding lesson');
  const [, setParams] = useSearchParams();
  const save = useSaveDay();
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
      <BringIn />
      {first && <Copies />}
    </div>
  );
}
