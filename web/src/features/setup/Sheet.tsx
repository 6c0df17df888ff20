import { abilityOf } from '../rider';
import type { ReactNode } from 'react';
import { type Course } from '../course';
import type { Day } from '../day';
import { useReading } from '../../shared/http';
import { Afterwards, Loading } from '../../shared/ui';
import { usePreferences } from '../../shared/units';
import { useAlso, useRidingMarks, useSheet, type SetupRequest } from './api';
import { sheetOf } from './requests';
import { SheetView } from './SheetView';
import type { Who } from './useWho';

/** The sheet of a course, asked for: where it stands, whoever rides it. */
export function Sheet(props: {
  course: Course;
  day: Day | undefined;
  along: SetupRequest['along'];
  who: Who;
  oneByOne: boolean;
  onOneByOne: (on: boolean) => void;
  /** Which settings stand, and who rides which. */
  stands: ReactNode;
  /** What follows the sheet. */
  children: ReactNode;
}) {
  const { system } = usePreferences();
  const { day, along, who } = props;
  const asked = sheetOf(props.course, day, { system, along });
  const also = useAlso(day, props.course.id);
  const sheet = useReading(useSheet(asked));
  const marks = useRidingMarks(
    who.pair && {
      setup: asked,
      machineId: who.pair.machine.id,
      ...abilityOf(who.pair.rider),
    },
  );
  return (
    <Loading of={sheet}>
      {(setup) => (
        <>
          <SheetView
            of={{ courseId: props.course.id, laid: asked.laid }}
            setup={setup}
            day={day}
            who={who}
            chalked={marks.data?.marks ?? []}
            also={also}
            oneByOne={{ on: props.oneByOne, onChange: props.onOneByOne }}
            stands={props.stands}
          />
          {!props.oneByOne && <Afterwards turn={3}>{props.children}</Afterwards>}
        </>
      )}
    </Loading>
  );
}
