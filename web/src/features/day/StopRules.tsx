import { useStopRules } from './api';

/** What speaks for stopping the day, or for a rest; nothing while nothing does. */
export function StopRules({ dayId }: { dayId: number }) {
  const rules = useStopRules(dayId).data ?? [];
  return rules.map((rule) => (
    <p
      key={rule.code + rule.where}
      role="alert"
      className="border-l-4 border-brick bg-panel px-3 py-2 font-semibold text-brick"
    >
      {rule.message}
    </p>
  ));
}
