import { requestOf, settingOf, useCourseKinds, useSaveCourse, type Course } from '../course';
import type { Day } from '../day';
import { LiesIn } from '../kit';
import { letterOf, useDaySizes, useActiveSizes, ActiveSizesPanel } from '../sizes';
import { useSay } from '../../shared/ui';

/** The settings it stands at, and who rides which. */
export function Stands({ day, course }: { day: Day; course: Course }) {
  const kind = useCourseKinds().data?.find((k) => k.kind === course.kind);
  const stands = useActiveSizes(day, course.id, kind ? settingOf(course, kind) : 0);
  const of = useDaySizes(day.id, course.id, stands.settings).data;
  const save = useSaveCourse();
  const say = useSay();
  if (kind === undefined) return null;
  return (
    <ActiveSizesPanel day={day} courseId={course.id} stands={stands}>
      {stands.settings.length > 1 && (
        <LiesIn
          letters={stands.settings.slice(1).map((_, i) => letterOf(i + 1))}
          markers={course.markers}
          within={course.within}
          lying={of?.lying}
          best={of?.lyingBest}
          disabled={save.isPending}
          onChoose={(within) =>
            save
              .mutateAsync({ stored: course, course: { ...requestOf(course), within } })
              .then(() => say.done('The settings lie in these now.'))
              .catch(say.failed)
          }
        />
      )}
    </ActiveSizesPanel>
  );
}
