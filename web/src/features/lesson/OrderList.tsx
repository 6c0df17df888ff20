import { clock, findingsOf } from './model';
import type { LessonEdit } from './useLessonEdit';

/** The lesson plan as a list: the same as the strip, for the phone, the keyboard and the printer. */
export function OrderList(props: {
  edit: LessonEdit;
  chosen: number | undefined;
  onChoose: (index: number) => void;
}) {
  const { lesson } = props.edit;
  return (
    <ol aria-label="Lesson plan">
      {lesson.blocks.map((b, i) => (
        <li key={i}>
          <button
            type="button"
            aria-pressed={props.chosen === i}
            onClick={() => props.onChoose(i)}
            className={`flex min-h-12 w-full items-baseline gap-3 border-b border-rule px-2 py-1.5 text-left hover:bg-panel ${props.chosen === i ? 'border-l-4 border-l-cone bg-panel' : ''}`}
          >
            <span className="figures w-12 shrink-0">{clock(lesson.settings.startsAt, b.startMinute)}</span>
            <span className="figures w-18 shrink-0 text-right whitespace-nowrap text-soft">
              {b.minutes} min
            </span>
            <span className="min-w-0">
              <b>{b.stationName ?? b.label}</b>
              {b.stationName && <span className="text-soft"> · {b.label.toLowerCase()}</span>}
              {[...new Set(b.turns.map((t) => t.task.drillName))].length > 0 && (
                <span className="block text-sm leading-tight text-soft">
                  {[...new Set(b.turns.map((t) => t.task.drillName))].join(', ')}
                </span>
              )}
              {findingsOf(lesson.findings, i).map((f) => (
                <span key={f.message} className="block text-sm text-brick">
                  {f.message}
                </span>
              ))}
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}
