import { colourOf, Grip, pathOf, type Ground, type View } from '../../../shared/plan';
import type { GroundPlan, Stand, Standing } from '../api';
import { middleOf } from '../model';
import { TurnHandle } from './TurnHandle';
import { WORDS_FROM } from '../drawing/YardParts';

/** Courses where they stand; each can be dragged, or moved with the arrow keys. */
export function StandingCourses(props: {
  plan: GroundPlan;
  view: View;
  chosen: number | undefined;
  onChoose: (courseId: number) => void;
  onMove: (courseId: number, stand: Stand) => void;
}) {
  const { plan, view } = props;
  return (
    <>
      {plan.courses.map((c) => (
        <OnYard
          key={c.courseId}
          course={c}
          view={view}
          shared={sharedOf(plan, c.courseId)}
          chosen={c.courseId === props.chosen}
          onChoose={() => props.onChoose(c.courseId)}
          onMove={(stand) => props.onMove(c.courseId, stand)}
        />
      ))}
      {plan.courses
        .filter((c) => c.courseId === props.chosen)
        .map((c) => (
          <TurnHandle
            key={c.courseId}
            course={c}
            view={view}
            onMove={(stand) => props.onMove(c.courseId, stand)}
          />
        ))}
      {plan.waiting && <Waiting at={plan.waiting} view={view} />}
    </>
  );
}

function sharedOf(plan: GroundPlan, courseId: number): Set<string> {
  return new Set(
    plan.shared.flatMap(({ firstId, secondId, cones }) =>
      cones.flatMap((c) => (firstId === courseId ? [c.first] : secondId === courseId ? [c.second] : [])),
    ),
  );
}

/** Courses are moved by this, in metres, so that what is read off is what was meant. */
const STEP = 0.1;

function OnYard(props: {
  course: Standing;
  view: View;
  /** Labels of the cones that are another course's, too. */
  shared: Set<string>;
  chosen: boolean;
  onChoose: () => void;
  onMove: (stand: Stand) => void;
}) {
  const { course, view } = props;
  const first = course.way[0];
  const middle = middleOf(course.area);
  return (
    <Grip
      view={view}
      at={{ x: course.stand.xMetres, y: course.stand.yMetres }}
      name={`${course.name}: drag, or move with the arrow keys`}
      step={STEP}
      press={{ pressed: props.chosen, onPress: props.onChoose }}
      onChange={(to) => props.onMove({ ...course.stand, xMetres: to.x, yMetres: to.y })}
    >
      <path
        d={`${pathOf(course.runOut, view)}Z`}
        fill="var(--chalk)"
        fillOpacity={0.05}
        stroke="var(--chalk)"
        strokeDasharray="2 5"
        opacity={0.8}
      />
      <path
        d={`${pathOf(course.area, view)}Z`}
        fill="var(--chalk)"
        fillOpacity={props.chosen ? 0.22 : 0.1}
        stroke="var(--chalk)"
        strokeWidth={props.chosen ? 2.2 : 1.2}
      />
      <path d={pathOf(course.way, view)} stroke="var(--plan-rear)" strokeWidth={2} fill="none" />
      {first && <circle cx={view.x(first.x)} cy={view.y(first.y)} r={4.5} fill="var(--plan-rear)" />}
      {course.cones
        .filter((c) => props.shared.has(c.label))
        .map((c) => (
          <circle
            key={c.label}
            cx={view.x(c.at.x)}
            cy={view.y(c.at.y)}
            r={7}
            fill="none"
            stroke="var(--chalk)"
            strokeWidth={1.6}
          />
        ))}
      {course.cones.map((c) => (
        <circle
          key={c.label}
          cx={view.x(c.at.x)}
          cy={view.y(c.at.y)}
          r={c.marker.sort === 'TALL' ? 3.6 : 2.2}
          fill={c.marker.sort === 'TALL' ? 'none' : colourOf(c.marker)}
          stroke={colourOf(c.marker)}
          strokeWidth={1.8}
        />
      ))}
      <text
        x={view.x(middle.x)}
        y={view.y(middle.y) + 5}
        fill="var(--chalk)"
        fontSize={view.pixelsPerMetre < WORDS_FROM ? 10 : 14}
        fontWeight={600}
        textAnchor="middle"
        paintOrder="stroke"
        stroke="var(--tarmac)"
        strokeWidth={4}
      >
        {course.name}
      </text>
    </Grip>
  );
}

function Waiting({ at, view }: { at: Ground; view: View }) {
  const half = 2 * view.pixelsPerMetre;
  return (
    <g aria-hidden="true">
      <rect
        x={view.x(at.x) - half}
        y={view.y(at.y) - half}
        width={2 * half}
        height={2 * half}
        fill="none"
        stroke="var(--chalk)"
        strokeWidth={1.5}
        strokeDasharray="7 4"
      />
      <text
        x={view.x(at.x)}
        y={view.y(at.y) + 5}
        fill="var(--chalk)"
        fontSize={view.pixelsPerMetre < WORDS_FROM ? 10 : 13}
        textAnchor="middle"
      >
        {view.pixelsPerMetre < WORDS_FROM ? 'wait' : 'wait here'}
      </text>
    </g>
  );
}
