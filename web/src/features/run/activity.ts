import { useQuery } from '@tanstack/react-query';
import type { Course } from '../course';
import { body, http, keys, type Api } from '../../shared/http';
import { turnOf, type Running, type UpNext } from './running';

export type DrillOfDay = Api<'DrillOfDay'>;

/** A drill as far as logging asks. */
export type DrillRidden = Pick<UpNext, 'drillName' | 'loggedBy'> & {
  drillId: string;
  eachSide: boolean;
  longestMinutes?: number;
  mark?: UpNext['mark'];
};

/** What is ridden, and so what is logged: a drill, on a course or on none; or a course without a drill. */
export interface Activity {
  drill: DrillRidden | undefined;
  course: Course | undefined;
  /** The rider's turn by the lesson plan, where that is what they ride. */
  turn: UpNext | undefined;
}

/** What a rider rides now; or why nothing is logged. */
export type Now = { riding: Activity } | { nothing: string };

/** What the address chose, and in which step of the lesson. */
export interface Choice {
  drill: string | null;
  course: string | null;
  step: string | null;
}

/**
 * What a rider rides now. What was chosen holds until the lesson goes on to its next step; else it is what the lesson plan has
 * for the rider, and without a lesson the day's first course.
 *
 * @param drills that the rider can ride on the day
 */
export function ridingNow(of: {
  choice: Choice;
  running: Running | undefined;
  riderId: number;
  courses: Course[];
  drills: DrillOfDay[];
}): Now {
  const { choice, running, courses, drills } = of;
  const isOn = running?.status === 'ON' || running?.status === 'PAUSED';
  const isChosen = choice.drill !== null || choice.course !== null;
  if (isChosen && (!isOn || choice.step === String(running.step))) return chosen(of);
  if (isOn) return byThePlan(running, of.riderId, courses);
  const [first] = courses;
  return first === undefined
    ? { nothing: 'No course is on the day. Choose a drill.' }
    : { riding: { drill: usualOn(first, drills), course: first, turn: undefined } };
}

/** The drill a course is ridden as unless another is chosen. */
export function usualOn(course: Course, drills: DrillOfDay[]): DrillRidden | undefined {
  const usual = drills.find((d) => d.usualOn.includes(course.id));
  return usual && drillOf(usual);
}

function chosen({ choice, courses, drills }: Parameters<typeof ridingNow>[0]): Now {
  const drill = drills.find((d) => d.id === choice.drill);
  const named = courses.find((c) => String(c.id) === choice.course);
  if (drill === undefined) {
    if (named === undefined) {
      return { nothing: 'This rider does not ride that drill on this machine. Choose another.' };
    }
    return { riding: { drill: usualOn(named, drills), course: named, turn: undefined } };
  }
  const course = [named, ...courses].find((c) => c !== undefined && drill.courseIds.includes(c.id));
  return { riding: { drill: drillOf(drill), course, turn: undefined } };
}

function byThePlan(running: Running, riderId: number, courses: Course[]): Now {
  const own = turnOf(running, riderId);
  if (own === undefined) {
    const riding = running.on.some((b) => b.order.length + b.done.length > 0);
    const what = [...new Set(running.on.map((b) => b.label))].join(' and ');
    return {
      nothing: riding ? `This rider has no turn in this step (${what}).` : `${what}: nothing is logged.`,
    };
  }
  const { block, up } = own;
  const { drillId, drillName, loggedBy, longestMinutes, mark } = up;
  const drill = { drillId, drillName, loggedBy, longestMinutes, eachSide: up.side !== undefined };
  const course = courses.find((c) => c.id === block.courseId);
  return { riding: { drill: { ...drill, ...(mark && { mark }) }, course, turn: up } };
}

function drillOf(drill: DrillOfDay): DrillRidden {
  const { id, name, eachSide, loggedBy, longestMinutes, mark } = drill;
  return {
    drillId: id,
    drillName: name,
    eachSide,
    loggedBy,
    ...(longestMinutes !== undefined && { longestMinutes }),
    ...(mark && { mark }),
  };
}

/** Drills that each rider of a day can ride, on its courses and on none. */
export function useDrillsOfDay(dayId: number) {
  return useQuery({
    queryKey: keys.drillsOfDay(dayId),
    queryFn: () => body(http.GET('/api/days/{dayId}/drills', { params: { path: { dayId } } })),
  });
}

/** A rider on a drill without a course: the runs of the day, and how far it is mastered. */
export function useDrillRange(of: { dayId: number; riderId: number; machineId: number; drillId: string }) {
  return useQuery({
    queryKey: keys.rangeOfDrill(of),
    queryFn: () =>
      body(
        http.GET('/api/days/{dayId}/riders/{riderId}/drills/{drillId}/range', {
          params: {
            path: { dayId: of.dayId, riderId: of.riderId, drillId: of.drillId },
            query: { machineId: of.machineId },
          },
        }),
      ),
  });
}
