import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Copies } from '../copy';
import { blankDay, likeDay, todayIso, useGoOn, useSaveDay, type Day } from '../day';
import { Button, Select, TextField, useDraft, useSay } from '../../shared/ui';
import { dateText } from '../../shared/units';
import { BringIn } from './BringIn';

/** Starts a day, by default with all that another has, or brings days in from a file. */
export function NewDay({ days = [], like }: { days?: Day[]; like?: Day }) {
  const first = days.length === 0;
  const [likeId, setLikeId] = useState(String((like ?? days[0])?.id ?? ''));
  const [date, setDate] = useState(todayIso(new Date()));
  const [title, setTitle] = useState('Slow-riding lesson');
  const [, setParams] = useSearchParams();
  const unsaved = useDraft({
    name: 'day/new',
    value: { date, title, likeId },
    onRestore: (kept) => {
      setDate(kept.date);
      setTitle(kept.title);
      setLikeId(kept.likeId);
    },
  });
  const goOn = useGoOn(unsaved.letGo);
  const save = useSaveDay();
  const say = useSay();
  const model = days.find((d) => String(d.id) === likeId);
  return (
    <div className="m-6 grid max-w-xl gap-4">
      {first && <h1>Start a day</h1>}
      <p>
        A day ties together a yard, its courses and the riders. Give it a date;{' '}
        {first
          ? 'the rest follows along the lane.'
          : 'what it has of another day can be changed at every stop. The lesson is planned anew.'}
      </p>
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          save
            .mutateAsync({ day: model === undefined ? blankDay(date, title) : likeDay(model, date, title) })
            .then(async ({ id }) => {
              unsaved.stored();
              if (first) await goOn('TODAY', { dayId: id });
              else setParams({ day: String(id) });
            })
            .catch(say.failed);
        }}
      >
        {unsaved.question}
        <TextField label="Date" type="date" value={date} onChange={(e) => setDate(e.target.value)} />
        <TextField label="Title" maxLength={80} value={title} onChange={(e) => setTitle(e.target.value)} />
        {!first && (
          <Select
            label="With the yard, courses, places and riders of"
            value={likeId}
            options={[
              ...days.map((d) => ({ value: String(d.id), label: `${dateText(d.date)} · ${d.title}` })),
              { value: '', label: 'no other day' },
            ]}
            onChoose={setLikeId}
          />
        )}
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
