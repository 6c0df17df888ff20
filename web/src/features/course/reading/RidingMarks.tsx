import type { Line } from '../api';

/** What is chalked to ride the line by; on the plan while this is open. */
export function RidingMarks(props: { line: Line; shown: boolean; onShow: (shown: boolean) => void }) {
  return (
    <details open={props.shown} onToggle={(e) => props.onShow(e.currentTarget.open)}>
      <summary className="cursor-pointer">Marks to ride by</summary>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
        {props.line.marks.map((m) => (
          <div key={m.label} className="contents">
            <dt className="font-semibold">{m.label}</dt>
            <dd>{m.what}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
