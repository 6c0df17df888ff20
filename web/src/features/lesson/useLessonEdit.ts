import { useEffect, useRef, useState } from 'react';
import { useSay } from '../../shared/ui';
import { useSaveLesson, type Lesson, type Settings, type Wish } from './api';

/** Settings that become others; undefined takes one away. */
export type Changes = { [K in keyof Settings]?: Settings[K] | undefined };

function changedBy(now: Settings, some: Changes): Settings {
  const said = Object.entries({ ...now, ...some }).filter(([, value]) => value !== undefined);
  return Object.fromEntries(said) as Settings;
}

/** A lesson being changed: every change is stored and planned at once, and can be undone. */
export interface LessonEdit {
  lesson: Lesson;
  /** Whether a change is on its way; what is worked out from the plan waits until the new one is here. */
  busy: boolean;
  change: (some: Changes) => void;
  setWishes: (wishes: Wish[]) => void;
  undo: (() => void) | undefined;
  redo: (() => void) | undefined;
}

/** One change after another, each upon what the one before left. */
export function useLessonEdit(lesson: Lesson): LessonEdit {
  const save = useSaveLesson(lesson.dayId);
  const say = useSay();
  const [past, setPast] = useState<Settings[]>([]);
  const [future, setFuture] = useState<Settings[]>([]);
  const latest = useRef(lesson);
  const queue = useRef(Promise.resolve());
  useEffect(() => {
    latest.current = lesson;
  }, [lesson]);
  const store = (to: (now: Settings) => Settings, then: (before: Settings) => void) => {
    queue.current = queue.current
      .then(async () => {
        const { version, settings } = latest.current;
        latest.current = await save.mutateAsync({ version, settings: to(settings) });
        then(settings);
      })
      .catch(say.failed);
  };
  const change = (some: Changes) =>
    store(
      (now) => changedBy(now, some),
      (before) => {
        setPast((all) => [...all, before]);
        setFuture([]);
      },
    );
  const restore = (to: Settings, from: typeof setPast, other: typeof setPast) =>
    store(
      () => to,
      (before) => {
        from((all) => all.slice(0, -1));
        other((all) => [...all, before]);
      },
    );
  const before = past.at(-1);
  const after = future.at(-1);
  const undo = () => before && restore(before, setPast, setFuture);
  const redo = () => after && restore(after, setFuture, setPast);
  return {
    lesson,
    busy: save.isPending,
    change,
    setWishes: (wishes) => change({ wishes }),
    undo: before && undo,
    redo: after && redo,
  };
}
