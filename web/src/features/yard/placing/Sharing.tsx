import { ANSWERS } from '../../course';
import { useMachines } from '../../machine';
import { LEVELS } from '../../rider';
import { useRested } from '../../../shared/http';
import { CalculationNote, conesText } from '../../../shared/ui';
import { lengthText, speedText, usePreferences } from '../../../shared/units';
import { useRidesAmong, type AmongRequest, type GroundPlan } from '../api';

/** What courses that stand in one another come to: cones laid once, and each ridden among those of the others. */
export function Sharing({ plan, request }: { plan: GroundPlan; request: AmongRequest }) {
  const rested = useRested(request, JSON.stringify(request));
  const among = useRidesAmong(rested);
  const shared = plan.shared.reduce((sum, pair) => sum + pair.cones.length, 0);
  const ridden = among.data?.courses ?? [];
  return (
    <>
      {shared > 0 && <p>Together they take {conesText(plan.markers)}: what is shared is laid once.</p>}
      <CalculationNote of={among} what="each among the cones of the others" />
      {ridden.map((course) => (
        <Among
          key={course.courseId}
          course={course}
          stale={among.stale || rested === undefined}
          unfinished={among.data?.unfinished === true}
        />
      ))}
    </>
  );
}

type CourseAmong = NonNullable<ReturnType<typeof useRidesAmong>['data']>['courses'][number];

function Among({ course, stale, unfinished }: { course: CourseAmong; stale: boolean; unfinished: boolean }) {
  const machines = useMachines().data ?? [];
  const { system, speed } = usePreferences();
  const settings = new Set(course.fits.map((f) => f.settingMetres)).size;
  return (
    <table className={`w-full text-sm ${stale ? 'opacity-50' : ''}`}>
      <caption className="pb-1 text-left">
        <b>{course.name}</b> among {course.cones.join(', ')}
      </caption>
      <thead>
        <tr className="border-b border-ink text-left">
          <th scope="col">Machine, rider</th>
          <th scope="col" className="text-right">
            Clearance
          </th>
          <th scope="col" className="pl-3">
            Tightest at
          </th>
        </tr>
      </thead>
      <tbody>
        {course.fits.map((f) => {
          const answer = ANSWERS[f.answer];
          return (
            <tr
              key={`${f.machineId} ${f.level} ${f.mostLeanRadians ?? ''} ${f.settingMetres}`}
              className="border-b border-rule align-top"
            >
              <td className="py-1">
                {machines.find((m) => m.id === f.machineId)?.name ?? 'a machine no longer here'}
                <span className="block text-soft">
                  {LEVELS[f.level].toLowerCase()}
                  {settings > 1 && `, ${lengthText(f.settingMetres, system)}`}
                </span>
              </td>
              <td className="py-1 text-right whitespace-nowrap">
                <span className={`font-semibold ${answer.tone}`}>{answer.word}</span>
                <span className="figures block">
                  {f.spareCapped ? '> ' : ''}
                  {lengthText(f.spareMetres, system)}
                </span>
              </td>
              <td className={`py-1 pl-3 ${f.ofAnother ? 'font-semibold' : ''}`}>
                {f.tightest}
                {f.speedMetresPerSecond !== undefined && (
                  <span className="figures block font-normal text-soft">
                    at {speedText(f.speedMetresPerSecond, speed)}
                  </span>
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
      {unfinished && (
        <tfoot>
          <tr>
            <td colSpan={3}>Time ran out before everybody was looked at.</td>
          </tr>
        </tfoot>
      )}
    </table>
  );
}
