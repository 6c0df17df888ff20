import { FAULTS } from '../fault';
import type { Fault } from './api';
import { toggled } from './keys';
import type { LoggedRun } from './outbox';
import { Choice } from './Seen';

/** Clean, its faults, or broken off. */
export function Outcomes({ to, onChange }: { to: LoggedRun; onChange: (some: Partial<LoggedRun>) => void }) {
  const off = to.sort === 'BROKEN_OFF';
  const faulty = (faults: Fault[]) => {
    const { beforeDrop: _gone, ...observed } = to.observed ?? { technique: [] };
    onChange({
      sort: 'RUN',
      faults,
      // What came last before a drop goes with the drop.
      ...(to.observed !== undefined && !faults.includes('DROP') && { observed }),
    });
  };
  return (
    <div className="grid grid-cols-3 gap-2 sm:grid-cols-5" role="group" aria-label="What was seen">
      <Choice on={!off && to.faults.length === 0} onTap={() => faulty([])}>
        Clean
      </Choice>
      {FAULTS.map((f) => (
        <Choice
          key={f.fault}
          on={to.faults.includes(f.fault)}
          onTap={() => faulty(toggled(to.faults, f.fault))}
        >
          {f.word}
        </Choice>
      ))}
      <Choice
        on={off}
        onTap={() => {
          faulty([]);
          onChange({ sort: 'BROKEN_OFF' });
        }}
      >
        Abandoned
      </Choice>
    </div>
  );
}
