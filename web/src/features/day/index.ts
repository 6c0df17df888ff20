export { useBriefing, useDays, useImport, useSaveDay, type Briefing, type Day, type DayRequest } from './api';
export { changed, todayIso } from './model';
export { useDay, useDayLink } from './useDay';
