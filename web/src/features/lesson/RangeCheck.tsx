import { useState } from 'react';
import { useRangeCheck } from '../day';
import { useReading } from '../../shared/http';
import { Button, Loading, TextField, useSay } from '../../shared/ui';
import { useTick, useUntick, type Check, type CheckItem } from './checks';

const NAME = 'wren-lane.checked-by';

/** The briefing and safety check: gone through item by item, with name and time; or passed over with a reason. */
export function RangeCheck({ dayId }: { dayId: number }) {
  const check = useReading(useRangeCheck(dayId));
  return (
    <section id="check" aria-label="Briefing and safety check">
      <h2>Briefing and safety check</h2>
      <Loading of={check}>{(c) => <Shown check={c} />}</Loading>
    </section>
  );
}

function Shown({ check }: { check: Check }) {
  const [name, setName] = useState(() => localStorage.getItem(NAME) ?? '');
  const tick = useTick(check.dayId);
  const say = useSay();
  const done = (items: string[], reason = '') => {
    localStorage.setItem(NAME, name);
    tick.mutate({ items, doneBy: name, reason }, { onError: say.failed });
  };
  const parts = [...new Set(check.items.map((i) => i.partLabel))];
  return (
    <>
      <p className="mb-2 text-soft">
        Only what applies to this day. It never holds up a run, and does not replace licensed instruction;
        local rules come first.
      </p>
      <div className="mb-3 max-w-xs">
        <TextField label="Checked by" maxLength={80} value={name} onChange={(e) => setName(e.target.value)} />
      </div>
      <div className="gap-x-8 md:columns-2">
        {parts.map((part) => (
          <div key={part} className="mb-3 break-inside-avoid-column">
            <h3 className="text-sm text-soft">{part}</h3>
            <ul>
              {check.items
                .filter((i) => i.partLabel === part)
                .map((item) => (
                  <Item
                    key={item.id}
                    dayId={check.dayId}
                    item={item}
                    ready={name.trim() !== '' && !tick.isPending}
                    onDone={() => done([item.id])}
                  />
                ))}
            </ul>
          </div>
        ))}
      </div>
      {check.open > 0 && (
        <PassOver
          count={check.open}
          ready={name.trim() !== ''}
          onPass={(reason) =>
            done(
              check.items.filter((i) => i.doneBy === undefined).map((i) => i.id),
              reason,
            )
          }
        />
      )}
    </>
  );
}

function Item(props: { dayId: number; item: CheckItem; ready: boolean; onDone: () => void }) {
  const { item } = props;
  const untick = useUntick(props.dayId);
  const say = useSay();
  const ticked = item.doneBy !== undefined;
  return (
    <li className="border-b border-rule">
      <label className="flex min-h-12 cursor-pointer items-start gap-3 py-1.5">
        <input
          type="checkbox"
          className="accent-moss"
          checked={ticked}
          disabled={!ticked && !props.ready}
          onChange={() => (ticked ? untick.mutate(item.id, { onError: say.failed }) : props.onDone())}
        />
        <span>
          {item.text}
          {ticked && (
            <span className="block text-sm text-soft">
              {item.reason === undefined ? 'Seen to' : `Skipped: ${item.reason}`} · {item.doneBy},{' '}
              {item.doneAt !== undefined && timeText(item.doneAt)}
            </span>
          )}
        </span>
      </label>
    </li>
  );
}

function timeText(instant: string): string {
  return new Date(instant).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
}

function PassOver(props: { count: number; ready: boolean; onPass: (reason: string) => void }) {
  const [reason, setReason] = useState('');
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        props.onPass(reason);
      }}
    >
      <div className="w-72">
        <TextField
          label={`Skip the ${props.count} open, because`}
          maxLength={200}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
      </div>
      <Button type="submit" disabled={!props.ready || reason.trim() === ''}>
        Skip
      </Button>
      {!props.ready && <p className="text-sm text-soft">Say first who checks.</p>}
    </form>
  );
}
