import type { Progress } from './api';

/** Which runs are shown; empty for all. */
export interface Filter {
  machine: string;
  course: string;
}

type Run = Progress['days'][number]['runs'][number];

function isShown(run: Run, filter: Filter): boolean {
  return (
    (filter.machine === '' || String(run.machineId) === filter.machine) &&
    (filter.course === '' || run.courseName === filter.course)
  );
}

/** Progress with the runs of a machine and a course alone; estimates stay, since they rest on all of them. */
export function filtered(progress: Progress, filter: Filter): Progress {
  return {
    ...progress,
    days: progress.days.map((d) => ({ ...d, runs: d.runs.filter((r) => isShown(r, filter)) })),
  };
}

/** Machines and courses there are runs on, in the order they were first ridden. */
export function choices(progress: Progress): { machineIds: number[]; courses: string[] } {
  const runs = progress.days.flatMap((d) => d.runs);
  return {
    machineIds: [...new Set(runs.map((r) => r.machineId))],
    courses: [...new Set(runs.map((r) => r.courseName))],
  };
}
