import { useState } from 'react';
import { DrawOn, pathOf, type Ground, type View } from '../../../shared/plan';
import { useUsualGround, type Survey, type YardGround } from '../api';
import { rowHere, whole, type Draft, type Entrance, type Obstacle } from '../model';
import { CornerGrips } from './CornerGrips';
import { Dimensions } from './Dimensions';
import { bayRowDrawn, entranceAt, obstacleDrawn, rectangleOf, STEP } from './drawn';
import { useKinds } from './kinds';
import { ThingGrips, type Thing } from './ThingGrips';
import { howTo, Tools, type Tool } from './Tools';
import type { Drawing } from './useDrawing';
import { IN_VIEW, YardDrawing } from './YardDrawing';

/** A yard as it is being described: its lengths are typed on it, what stands on it is put down and moved. */
export function MeasuredYard(props: {
  draft: Draft;
  ground: YardGround;
  survey: Survey;
  /** What is worked on, here or in the form. */
  chosen: Thing | undefined;
  onChoose: (thing: Thing | undefined) => void;
  drawing: Drawing;
}) {
  const { draft, ground, survey, drawing, chosen, onChoose } = props;
  const { all: kinds } = useKinds();
  const usual = useUsualGround().data;
  const [tool, setTool] = useState<Tool>();
  const [kind, setKind] = useState<Obstacle['kind']>('POST');
  const [held, setHeld] = useState<Partial<Draft>>();
  const [side, setSide] = useState<{ side: number; metres: number }>();
  const { corners } = survey.outline;
  const obstacles = held?.obstacles ?? draft.obstacles;
  const rows = held?.bayRows ?? draft.bayRows;
  const entrance = held?.entrance ? onSide(held.entrance, corners) : survey.entrance;
  const rectangle = draft.shape === 'RECTANGLE';
  const moved = (some: Partial<Draft>, dropped: boolean) => {
    setHeld(dropped ? undefined : some);
    if (dropped) drawing.draw(some);
  };
  const put = (from: Ground, to: Ground) => {
    const one = kinds.find((k) => k.kind === kind);
    if (tool === 'OBSTACLE' && one) {
      drawing.draw({ obstacles: [...draft.obstacles, obstacleDrawn(one, from, to)] });
      onChoose({ obstacle: draft.obstacles.length });
    } else if (tool === 'BAYS' && usual) {
      const row = rowHere(usual.bayRow, whole(draft.bay));
      drawing.draw({ bayRows: [...draft.bayRows, bayRowDrawn(row, from, to)] });
      onChoose({ row: draft.bayRows.length });
    } else if (tool === 'ENTRANCE') {
      drawing.draw({ entrance: entranceAt(to, corners) });
    }
    setTool(undefined);
  };
  return (
    <>
      <Tools tool={tool} onTool={setTool} kind={kind} onKind={setKind} undo={drawing.undo} chosen={chosen} />
      {drawing.refused !== undefined && (
        <p role="alert" className="text-brick">
          {drawing.refused}
        </p>
      )}
      <YardDrawing
        corners={corners}
        ground={{ ...ground, obstacles, bayRows: rows }}
        entrance={entrance}
        lengths
        className={IN_VIEW}
      >
        {{
          over: (view) => (
            <>
              {tool === undefined && (
                <ThingGrips
                  yard={{ obstacles, rows, entrance, corners }}
                  view={view}
                  chosen={chosen}
                  onChoose={onChoose}
                  onObstacle={(i, to, dropped) => moved({ obstacles: obstacles.with(i, to) }, dropped)}
                  onRow={(i, to, dropped) => moved({ bayRows: rows.with(i, to) }, dropped)}
                  onEntrance={(to, dropped) => moved({ entrance: to }, dropped)}
                  onRemove={(thing) => {
                    onChoose(undefined);
                    drawing.draw(without(draft, thing));
                  }}
                />
              )}
              {(tool === undefined || tool === 'CORNERS') && (
                <Dimensions
                  outline={shownOutline(ground.outline, side)}
                  rectangle={rectangle}
                  corners={corners}
                  view={view}
                  onType={drawing.type}
                  onDrag={(i, metres) => setSide({ side: i, metres })}
                  onDrop={(i, metres) => {
                    setSide(undefined);
                    drawing.resize(i, metres);
                  }}
                />
              )}
              {side && <Stretched corners={corners} view={view} {...side} />}
              {tool === 'CORNERS' && (
                <CornerGrips
                  corners={corners}
                  view={view}
                  onMove={drawing.move}
                  onAdd={drawing.add}
                  onRemove={drawing.remove}
                />
              )}
              {tool !== undefined && tool !== 'CORNERS' && (
                <DrawOn
                  view={view}
                  step={STEP}
                  ends={tool !== 'ENTRANCE'}
                  name={`${howTo(tool)} With the keyboard: the arrow keys move the cross, Enter puts it down.`}
                  onPut={put}
                  onLeave={() => setTool(undefined)}
                >
                  {(cross, from) =>
                    from && (
                      <path
                        d={pathOf([from, cross], view)}
                        stroke="var(--cone)"
                        strokeWidth={3}
                        strokeDasharray="6 4"
                      />
                    )
                  }
                </DrawOn>
              )}
            </>
          ),
        }}
      </YardDrawing>
    </>
  );
}

function without(draft: Draft, thing: Thing): Partial<Draft> {
  return 'row' in thing
    ? { bayRows: draft.bayRows.toSpliced(thing.row, 1) }
    : { obstacles: draft.obstacles.toSpliced(thing.obstacle, 1) };
}

/** Where a way in lies. */
function onSide({ side, alongMetres }: Entrance, corners: Ground[]): Ground | undefined {
  const a = corners[side];
  const b = corners[(side + 1) % corners.length];
  if (a === undefined || b === undefined) return undefined;
  const share = alongMetres / (Math.hypot(b.x - a.x, b.y - a.y) || 1);
  return { x: a.x + share * (b.x - a.x), y: a.y + share * (b.y - a.y) };
}

/** An outline with a length as it is dragged. */
function shownOutline(outline: YardGround['outline'], dragged: { side: number; metres: number } | undefined) {
  return dragged === undefined
    ? outline
    : {
        ...outline,
        sides: outline.sides.map((s, i) =>
          i === dragged.side ? { ...s, metres: dragged.metres, method: 'DRAWN' as const } : s,
        ),
      };
}

/** A rectangle as it would be with one side so long. */
function Stretched(props: { corners: Ground[]; view: View; side: number; metres: number }) {
  const [, , c] = props.corners;
  if (c === undefined) return null;
  const shape = props.side === 0 ? rectangleOf(props.metres, c.y) : rectangleOf(c.x, props.metres);
  return (
    <path
      d={`${pathOf(shape, props.view)}Z`}
      fill="none"
      stroke="var(--cone)"
      strokeWidth={2}
      strokeDasharray="6 4"
      pointerEvents="none"
    />
  );
}
