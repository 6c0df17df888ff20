import { useRef, useState } from 'react';
import { moved, readLength, useKnown, type Length } from '../../length';
import { said } from '../../../shared/http';
import { lengthText, usePreferences } from '../../../shared/units';
import type { CourseKind, CourseRequest } from '../api';
import { fresh } from '../model';

/** The course as it is being worked on, and whether one of its dimensions is being dragged right now. */
export function useCourseDraft(start: CourseRequest, kinds: CourseKind[]) {
  const [course, setCourse] = useState(start);
  const [dragging, setDragging] = useState(false);
  // How often a length was moved or read: an answer counts while nothing came after its question.
  const calls = useRef(0);
  const { system } = usePreferences();
  const known = useKnown();
  const kind = kinds.find((k) => k.kind === course.kind);
  if (kind === undefined) throw new Error(`There is no kind ${course.kind}`);

  const change = (some: Partial<CourseRequest>) => setCourse((before) => ({ ...before, ...some }));
  const setLength = (name: string, length: Length) => {
    setDragging(false);
    setCourse((before) => ({ ...before, lengths: { ...before.lengths, [name]: length } }));
  };

  return {
    course,
    kind,
    dragging,
    change,
    setLength,
    /** Another kind, at its standards; a name of one's own is kept. */
    choose: (other: CourseKind) =>
      setCourse((before) => {
        const next = fresh(other, system);
        return before.name === fresh(kind, system).name ? next : { ...next, name: before.name };
      }),
    drag: (name: string, metres: number) => {
      setDragging(true);
      calls.current++;
      setCourse((before) => {
        const length = before.lengths[name];
        return length === undefined
          ? before
          : { ...before, lengths: { ...before.lengths, [name]: moved(length, metres, system) } };
      });
    },
    /** Takes a typed or dragged length; what is wrong with it comes back as a sentence. */
    settle: async (name: string, text: string): Promise<string | undefined> => {
      setDragging(false);
      const call = ++calls.current;
      try {
        const limits = kind.dimensions.find((d) => d.name === name);
        const usual = limits && { leastMetres: limits.min, mostMetres: limits.max };
        const { readings, question } = await readLength(text, system, known, usual);
        const length = readings[0]?.length;
        if (length === undefined || question !== undefined) return question;
        // What was moved meanwhile is newer than what was read.
        if (call !== calls.current) return undefined;
        if (limits && (length.metres < limits.min || length.metres > limits.max)) {
          return `${limits.label} must be between ${lengthText(limits.min, system)} and ${lengthText(limits.max, system)}.`;
        }
        setLength(name, length);
        return undefined;
      } catch (e) {
        return said(e);
      }
    },
  };
}
