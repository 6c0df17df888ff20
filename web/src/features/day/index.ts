export {
  useBriefing,
  useDays,
  useImport,
  usePreview,
  useSaveDay,
  type Briefing,
  type Day,
  type DayRequest,
  type Preview,
} from './api';
export { changed, todayIso } from './model';
export { useDay, useDayLink } from './useDay';
