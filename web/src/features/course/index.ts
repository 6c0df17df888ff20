export {
  useCourseKinds,
  useCourses,
  useLadder,
  useSaveCourse,
  type Course,
  type CourseKind,
  type CourseRequest,
  type CalculationRequest,
} from './api';
export { ANSWERS, inSentence, ladderOf, requestOf, sizeText, settingOf } from './model';
export { pairsOf, type Pair } from './pairs';
export { CourseDrawing } from './plan/CourseDrawing';
export { mistakeText } from './reading/mistakes';
