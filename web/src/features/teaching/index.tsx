import { useMachines } from '../machine';
import { together, useReading } from '../../shared/http';
import { Loading, Toggle, useSay } from '../../shared/ui';
import {
  useSaveTeaching,
  useTeaching,
  useTeachingOptions,
  type Choice,
  type Options,
  type Teaching,
} from './api';
import { AimChoice } from './AimChoice';
import { Compare } from './Compare';
import { HeatTable } from './HeatTable';

/** The riding methods, what is chosen beside them, and what another would change. */
export function TeachingPage() {
  const all = together(
    useReading(useTeachingOptions()),
    useReading(useTeaching()),
    useReading(useMachines()),
  );
  return (
    <Loading of={all}>
      {([options, teaching, machines]) => (
        <div className="grid gap-x-10 gap-y-6 px-6 py-4 max-sm:px-3 lg:grid-cols-2">
          <div className="flex min-w-0 flex-col gap-6">
            <Schools options={options} />
            <Questions options={options} teaching={teaching} />
            <AimChoice />
          </div>
          <div className="flex min-w-0 flex-col gap-6">
            <Compare options={options} choices={teaching.choices} />
            {machines.length > 0 && <HeatTable machines={machines} />}
          </div>
        </div>
      )}
    </Loading>
  );
}

function Schools({ options }: { options: Options }) {
  return (
    <section aria-label="Riding methods">
      <h2>Riding methods</h2>
      <p className="text-soft">
        Practitioners disagree. Each rider is taught in one; it is chosen where they are described.
      </p>
      <table className="table-plain">
        <thead>
          <tr>
            <th scope="col">Method</th>
            <th scope="col">Said for it</th>
            <th scope="col">Asks in return</th>
          </tr>
        </thead>
        <tbody>
          {options.schools.map((s) => (
            <tr key={s.school}>
              <td>
                <b>{s.label}</b>
                <span className="block text-sm leading-tight text-soft">{s.summary}</span>
              </td>
              <td>{s.forIt}</td>
              <td>{s.asks}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Questions({ options, teaching }: { options: Options; teaching: Teaching }) {
  const save = useSaveTeaching();
  const say = useSay();
  return (
    <section aria-label="Beside the method">
      <h2>Beside the method</h2>
      <p className="mb-2 text-soft">Holds for everyone taught here. Chosen is stored at once.</p>
      <div className="grid gap-4">
        {options.questions.map((q) => {
          const value = q.answers.find((a) => teaching.choices.includes(a.choice));
          const others = teaching.choices.filter((c) => !q.answers.some((a) => a.choice === c));
          return (
            <div key={q.question}>
              <Toggle<Choice>
                label={q.label}
                value={value?.choice ?? 'GAZE_FAR_END'}
                options={q.answers.map((a) => ({ value: a.choice, label: a.label }))}
                onChoose={(choice) =>
                  save.mutate({ stored: teaching, choices: [...others, choice] }, { onError: say.failed })
                }
              />
              {value && (
                <p className="mt-1 text-sm">
                  {value.forIt} <span className="text-soft">{value.asks}</span>
                </p>
              )}
            </div>
          );
        })}
      </div>
    </section>
  );
}
