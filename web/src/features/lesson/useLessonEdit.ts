import { useState } from 'react';
import { useSay } from '../../shared/ui';
import { useSaveLesson, type Lesson, type Settings, type Wish } from './api';

/** A lesson being changed: every change is stored and planned at once, and can be undone. */
export interface LessonEdit {
  lesson: Lesson;
  busy: boolean;
  change: (some: Partial<Settings>) => void;
  setWishes: (wishes: Wish[]) => void;
  undo: (() => void) | undefined;
  redo: (() => void) | undefined;
}

export function useLessonEdit(lesson: Lesson): LessonEdit {
  const save = useSaveLesson(lesson.dayId);
  const say = useSay();
  const [past, setPast] = useState<Settings[]>([]);
  const [future, setFuture] = useState<Settings[]>([]);
  const store = (settings: Settings, then: () => void) =>
    save.mutate({ version: lesson.version, settings }, { onSuccess: then, onError: say.failed });
  const change = (some: Partial<Settings>) =>
    store({ ...lesson.settings, ...some }, () => {
      setPast([...past, lesson.settings]);
      setFuture([]);
    });
  const before = past.at(-1);
  const after = future.at(-1);
  return {
    lesson,
    busy: save.isPending,
    change,
    setWishes: (wishes) => change({ wishes }),
    undo:
      before &&
      (() =>
        store(before, () => {
          setPast(past.slice(0, -1));
          setFuture([...future, lesson.settings]);
        })),
    redo:
      after &&
      (() =>
        store(after, () => {
          setFuture(future.slice(0, -1));
          setPast([...past, lesson.settings]);
        })),
  };
}
