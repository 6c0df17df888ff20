import { useRef, useState } from 'react';
import { readLength, type Calibrations } from '../../length';
import { said } from '../../../shared/http';
import type { Ground } from '../../../shared/plan';
import { usePreferences } from '../../../shared/units';
import { sketch, type Sketch, type Survey, type YardGround } from '../api';
import type { Part } from './Dimensions';
import { entranceAt, lyingFrom, rectangleOf, seenFrom } from './drawn';
import { eighth, namesFor, outlined, toEighth, type Change, type Draft } from '../model';

/** How many steps can be taken back. */
const MOST_BACK = 30;

type Corner = Sketch['places'][number];

/** What is put in on the drawing rather than typed, and can be taken back. */
export function useDrawing(props: {
  draft: Draft;
  ground: YardGround | undefined;
  survey: Survey | undefined;
  known: Calibrations;
  change: (some: Change) => void;
}) {
  const { draft, ground, survey, change } = props;
  const { system } = usePreferences();
  const [back, setBack] = useState<Partial<Draft>[]>([]);
  const [refused, setRefused] = useState<string>();
  const draw = (some: Change) => {
    const { drawing, shape, sides, corners, diagonals, sideNames } = draft;
    const { towards, obstacles, bayRows, entrance } = draft;
    const outline = { drawing, shape, sides, corners, diagonals, sideNames };
    const before = { ...outline, towards, obstacles, bayRows, entrance };
    setRefused(undefined);
    setBack((all) => [...all.slice(1 - MOST_BACK), before]);
    change(some);
  };
  const asking = (drawn: Promise<Change>) =>
    drawn.then(draw).catch((e: unknown) => {
      setRefused(said(e));
    });
  const resized = useRef(0);
  const corners = survey?.outline.corners ?? [];
  const redraw = (places: Corner[], sideNames = namesFor(draft)) => {
    if (ground === undefined) return;
    const drawn = sketch({ places, before: ground.outline }, system);
    void asking(
      drawn.then(({ outline, axes }) => (d) => ({
        ...outlined(outline),
        sideNames,
        towards: toEighth(eighth(d.towards) - axes.turnRadians),
        obstacles: d.obstacles.map((o) => lyingFrom(axes, o)),
        bayRows: d.bayRows.map((row) => lyingFrom(axes, row)),
        entrance:
          survey?.entrance &&
          entranceAt(
            seenFrom(axes, survey.entrance),
            places.map((p) => seenFrom(axes, p)),
          ),
      })),
    );
  };
  const as = (c: Ground, was: number): Corner => ({ x: c.x, y: c.y, was });
  return {
    refused,
    draw,
    /** Nothing to take back where it was typed over. */
    forget: () => setBack([]),
    undo:
      back.length === 0
        ? undefined
        : () => {
            change(back.at(-1) ?? {});
            setRefused(undefined);
            setBack(back.slice(0, -1));
          },
    close: () =>
      void asking(
        sketch({ places: draft.drawing }, system).then(
          ({ outline }) =>
            () =>
              outlined(outline),
        ),
      ),
    move: (index: number, to: Ground) => redraw(corners.map((c, i) => (i === index ? to : as(c, i)))),
    add: (index: number, at: Ground) => {
      const names = namesFor(draft);
      redraw(corners.map(as).toSpliced(index, 0, at), names.toSpliced(index, 0, names[index - 1] ?? ''));
    },
    remove: (index: number) =>
      redraw(corners.map(as).toSpliced(index, 1), namesFor(draft).toSpliced(index, 1)),
    /** A side of a rectangle, dragged. */
    resize: (side: number, metres: number) => {
      const length = side === 0 ? metres : (draft.sides[0]?.metres ?? 0);
      const width = side === 1 ? metres : (draft.sides[1]?.metres ?? 0);
      const call = ++resized.current;
      void asking(
        sketch({ places: rectangleOf(length, width) }, system).then(
          ({ outline }) =>
            (d) =>
              // An answer that was overtaken by a newer one changes nothing.
              call === resized.current ? { sides: d.sides.with(side, outline.sides[side]) } : {},
        ),
      );
    },
    /** A length typed on the drawing; what is wrong with it comes back as a sentence. */
    type: async (part: Part, text: string): Promise<string | undefined> => {
      try {
        const { readings, question } = await readLength(text, system, props.known, undefined);
        const length = readings[0]?.length;
        if (length === undefined || question !== undefined) return question;
        draw((d) =>
          'side' in part
            ? { sides: d.sides.with(part.side, length) }
            : { diagonals: d.diagonals.map((old, i) => (i === part.diagonal ? { ...old, length } : old)) },
        );
        return undefined;
      } catch (e) {
        return said(e);
      }
    },
  };
}

export type Drawing = ReturnType<typeof useDrawing>;
