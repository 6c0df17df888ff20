import { BEFORE_DROP, type BeforeDrop } from '../fault';
import { Choice } from './Seen';

/** After a drop: the rider first; then, if it was seen, what came last. */
export function AfterDrop(props: { onSay: (before: BeforeDrop) => void; onLeft: () => void }) {
  return (
    <section aria-label="After the drop" className="border-l-4 border-brick bg-panel px-3 py-2">
      <p className="mb-2">
        <b>See to the rider first.</b> Then, if you saw it: what came last?
      </p>
      <div className="grid grid-cols-3 gap-2">
        {BEFORE_DROP.map((b) => (
          <Choice key={b.before} on={false} onTap={() => props.onSay(b.before)}>
            {b.word}
          </Choice>
        ))}
        <Choice on={false} onTap={props.onLeft}>
          Not seen
        </Choice>
      </div>
    </section>
  );
}
