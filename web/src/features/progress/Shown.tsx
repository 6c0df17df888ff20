import { FAULTS } from '../fault';
import { useMachines } from '../machine';
import { Select } from '../../shared/ui';
import { difficultyText } from '../../shared/units';
import type { Progress } from './api';
import { choices, type Filter } from './filter';

/** Which runs are shown: of one machine, of one course; only where there is more than one. */
export function Filters(props: {
  progress: Progress;
  filter: Filter;
  onMachine: (id: string) => void;
  onCourse: (name: string) => void;
}) {
  const machines = useMachines().data ?? [];
  const { machineIds, courses } = choices(props.progress);
  return (
    <>
      {machineIds.length > 1 && (
        <Select
          label="Machine"
          value={props.filter.machine}
          options={[
            { value: '', label: 'all' },
            ...machineIds.map((id) => ({
              value: String(id),
              label: machines.find((m) => m.id === id)?.name ?? String(id),
            })),
          ]}
          onChoose={props.onMachine}
        />
      )}
      {courses.length > 1 && (
        <Select
          label="Course"
          value={props.filter.course}
          options={[{ value: '', label: 'all' }, ...courses.map((name) => ({ value: name, label: name }))]}
          onChoose={props.onCourse}
        />
      )}
    </>
  );
}

/** What strokes and letters mean. */
export function Legend() {
  return (
    <p className="text-sm text-soft">
      A stroke is a clean run; a letter what was seen:{' '}
      {FAULTS.map(({ letter, word }, i) => (
        <span key={letter} className="whitespace-nowrap">
          {i > 0 && ', '}
          <b className="text-brick">{letter}</b> {word.toLowerCase()}
        </span>
      ))}
      . The line is clean four times in five, in its band; the kerb is difficulty {difficultyText(1)}.
    </p>
  );
}
