import type { DebriefOf } from './api';

type ReviewOf = DebriefOf['review'];

/** For the instructor: the lesson held against its plan, and what to change. */
export function Review({ of }: { of: ReviewOf }) {
  return (
    <section aria-label="For the instructor" className="grid gap-2">
      <h2>For the instructor</h2>
      {of.begun ? (
        of.plannedMinutes !== undefined &&
        of.riddenMinutes !== undefined && (
          <p>
            Ridden until minute <b className="figures">{of.riddenMinutes}</b>, planned until minute{' '}
            <span className="figures">{of.plannedMinutes}</span>.{!of.over && ' The lesson is still on.'}
          </p>
        )
      ) : (
        <p className="text-soft">
          The lesson was not begun on Range, so there is no plan to hold it against: only what was ridden.
        </p>
      )}
      {of.changes.length > 0 && (
        <ul className="grid gap-1 border-l-4 border-ochre pl-3">
          {of.changes.map((change) => (
            <li key={change}>{change}</li>
          ))}
        </ul>
      )}
      <div className="grid gap-x-8 gap-y-3 md:grid-cols-2">
        <Parts what="Course" parts={of.stations} planned={of.begun} />
        <Parts what="Rider" parts={of.riders} planned={of.begun} />
      </div>
      {of.begun && (
        <p className="text-sm text-soft">
          Planned as the lesson was begun, without the open ground, where nothing is logged. Ridden: runs,
          timed rides and abandoned runs.
        </p>
      )}
    </section>
  );
}

function Parts(props: { what: string; parts: ReviewOf['stations']; planned: boolean }) {
  if (props.parts.length === 0) return null;
  return (
    <div
      className="overflow-x-auto"
      tabIndex={0}
      role="region"
      aria-label={`Planned and ridden: ${props.what}`}
    >
      <table className="table-plain">
        <thead>
          <tr>
            <th scope="col">{props.what}</th>
            {props.planned && (
              <th scope="col" className="text-right!">
                Planned
              </th>
            )}
            <th scope="col" className="text-right!">
              Ridden
            </th>
            <th scope="col" className="text-right!">
              Clean
            </th>
            <th scope="col" className="text-right!">
              Drops
            </th>
          </tr>
        </thead>
        <tbody>
          {props.parts.map((p) => (
            <tr key={p.name}>
              <td className="wrap-anywhere">{p.name}</td>
              {props.planned && <td className="figures text-right">{p.planned}</td>}
              <td className="figures text-right">{p.ridden}</td>
              <td className="figures text-right whitespace-nowrap">
                {p.clean} of {p.scored}
              </td>
              <td className="figures text-right">{p.drops}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
