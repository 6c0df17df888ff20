import { useReducer } from 'react';
import type { LineChoice } from './api';

/** What somebody looks at on the page of a course; none of it is stored. */
export interface CourseView {
  /** Key of the pair that the verdict is for; the first where none is chosen. */
  chosen: string | undefined;
  /** Key of the pair whose line is drawn beside. */
  over: string | undefined;
  line: LineChoice;
  speedMetresPerSecond: number | undefined;
  /** Place along the line at which the machine is drawn. */
  at: number | undefined;
  /** Name of the clearance that is pointed at. */
  pointed: string | undefined;
  /** Whether riding marks are drawn. */
  marked: boolean;
}

const FIRST: CourseView = {
  chosen: undefined,
  over: undefined,
  line: 'COMFORTABLE',
  speedMetresPerSecond: undefined,
  at: undefined,
  pointed: undefined,
  marked: false,
};

export type ChangeView = (some: Partial<CourseView>) => void;

export function useCourseView(): [CourseView, ChangeView] {
  return useReducer((view: CourseView, some: Partial<CourseView>) => ({ ...view, ...some }), FIRST);
}
