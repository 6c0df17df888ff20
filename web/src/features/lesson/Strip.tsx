import { useEffect, useState } from 'react';
import type { Block } from './api';
import { areasOf, clock, hourMarks } from './model';
import { StripBlock } from './StripBlock';
import type { LessonEdit } from './useLessonEdit';

/** The lesson as one strip of time: a row for each riding area, a row for each rider. */
export function Strip(props: {
  edit: LessonEdit;
  /** The day's date, so that the present can be marked on it. */
  date: string;
  chosen: number | undefined;
  onChoose: (index: number) => void;
}) {
  const { lesson } = props.edit;
  const { blocks, settings } = lesson;
  const end = Math.max(settings.minutes, ...blocks.map((b) => b.startMinute + b.minutes));
  const left = (minute: number) => `${(100 * minute) / end}%`;
  const areas = areasOf(blocks);
  return (
    <div className="overflow-x-auto pb-1">
      <div
        className="grid min-w-200 grid-cols-[9rem_minmax(0,1fr)]"
        aria-label="The lesson in time"
        role="group"
      >
        <span />
        <div className="relative h-6 text-xs text-soft">
          {hourMarks(settings.startsAt, end - 12).map((m) => (
            <span key={m} className="figures absolute" style={{ left: left(m) }}>
              {clock(settings.startsAt, m)}
            </span>
          ))}
        </div>
        {Array.from({ length: areas }, (_, area) => (
          <Row key={area} name={areas === 1 ? 'Ground' : `Area ${area + 1}`} tall>
            {blocks.map(
              (b, i) =>
                (b.area === area || b.station === undefined) && (
                  <StripBlock
                    key={i}
                    edit={props.edit}
                    block={b}
                    index={i}
                    end={end}
                    chosen={props.chosen === i}
                    onChoose={() => props.onChoose(i)}
                  />
                ),
            )}
          </Row>
        ))}
        {lesson.riders.map((rider) => (
          <Row key={rider.id} name={rider.name}>
            {blocks.map((b, i) => (
              <RiderPart key={i} block={b} riderId={rider.id} left={left} chosen={props.chosen === i} />
            ))}
          </Row>
        ))}
        <Now startsAt={settings.startsAt} date={props.date} end={end} />
      </div>
    </div>
  );
}

function Row(props: { name: string; tall?: boolean; children: React.ReactNode }) {
  return (
    <>
      <span className="truncate border-t border-rule py-0.5 pr-2 text-sm" title={props.name}>
        {props.name}
      </span>
      <div className={`relative border-t border-rule ${props.tall ? 'h-16' : 'h-6'}`}>{props.children}</div>
    </>
  );
}

/** What one rider rides in a block, and how often. */
function RiderPart(props: {
  block: Block;
  riderId: number;
  left: (minute: number) => string;
  chosen: boolean;
}) {
  const turn = props.block.turns.find((t) => t.riderId === props.riderId);
  if (turn === undefined) return null;
  return (
    <span
      className={`absolute top-0.5 bottom-0.5 overflow-hidden border-l-2 border-ink px-1 text-xs leading-5 whitespace-nowrap ${props.chosen ? 'bg-cone/20' : 'bg-kerb'}`}
      style={{ left: props.left(props.block.startMinute), width: props.left(props.block.minutes) }}
      title={`${turn.task.drillName}, ${turn.runs} runs`}
    >
      <span className="figures">{turn.runs}×</span> {turn.task.drillName}
    </span>
  );
}

/** A line where the present is, while the lesson is on. */
function Now({ startsAt, date, end }: { startsAt: string; date: string; end: number }) {
  const [now, setNow] = useState(() => new Date());
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date()), 30_000);
    return () => clearInterval(timer);
  }, []);
  const minute = (now.getTime() - new Date(`${date}T${startsAt}`).getTime()) / 60_000;
  if (!(minute >= 0 && minute <= end)) return null;
  return (
    <>
      <span className="text-xs text-cone">Now {clock(startsAt, Math.floor(minute))}</span>
      <div className="relative h-1.5">
        <span className="absolute h-full w-1 bg-cone" style={{ left: `${(100 * minute) / end}%` }} />
      </div>
    </>
  );
}
