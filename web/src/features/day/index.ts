export {
  NEWEST_DAYS,
  stopRulesOf,
  useBriefing,
  useDays,
  useDeleteDay,
  useImport,
  usePreview,
  useRangeCheck,
  useSaveDay,
  type Briefing,
  type Day,
  type DayRequest,
  type Preview,
} from './api';
export { blankDay, changed, likeDay, shifted, todayIso } from './model';
export { NextStep } from './NextStep';
export { SaveAndGoOn } from './SaveAndGoOn';
export { StopRules } from './StopRules';
export { StopTabs } from './StopTabs';
export { nameOf, pathOf, stopOf, STOPS, titleOf, wayOn, type Readiness, type Stop, type Way } from './stops';
export { useChangeDay } from './useChangeDay';
export { useDay, useDayLink } from './useDay';
export { useGoOn } from './useGoOn';
