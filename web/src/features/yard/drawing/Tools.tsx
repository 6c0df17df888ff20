import { Button, Select } from '../../../shared/ui';
import type { Obstacle } from '../model';
import { useKinds } from './kinds';
import { fieldsOf, type Thing } from './ThingGrips';

/** What a press on the drawing does. */
export type Tool = 'CORNERS' | 'OBSTACLE' | 'BAYS' | 'ENTRANCE';

const TOOLS: { value: Tool; label: string; how: string }[] = [
  {
    value: 'CORNERS',
    label: 'Corners',
    how: 'Drag a corner, or drag a new one out of a side; Delete takes one away. Lengths that end there are drawn then, and want taping.',
  },
  {
    value: 'OBSTACLE',
    label: 'Draw an obstacle',
    how: 'Click where it stands, or drag from one end of it to the other.',
  },
  {
    value: 'BAYS',
    label: 'Draw bays',
    how: 'Drag from the first painted line to the last; the bays lie at the left of the way.',
  },
  { value: 'ENTRANCE', label: 'Entrance', how: 'Click where machines come in.' },
];

/** What to do with one. */
export const howTo = (tool: Tool) => TOOLS.find((t) => t.value === tool)?.how ?? '';

/** What a yard is drawn with, and what to do next. */
export function Tools(props: {
  tool: Tool | undefined;
  onTool: (tool: Tool | undefined) => void;
  /** What stands or lies where an obstacle is drawn. */
  kind: Obstacle['kind'];
  onKind: (kind: Obstacle['kind']) => void;
  undo: (() => void) | undefined;
  chosen: Thing | undefined;
}) {
  const { tool, chosen } = props;
  const { all } = useKinds();
  return (
    <>
      <div className="flex flex-wrap items-end gap-2" role="toolbar" aria-label="On the drawing">
        {TOOLS.map((t) => (
          <button
            key={t.value}
            type="button"
            aria-pressed={tool === t.value}
            className="thumb rounded-sm border border-rule bg-panel px-3 py-1.5 hover:border-ink aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-page"
            onClick={() => props.onTool(tool === t.value ? undefined : t.value)}
          >
            {t.label}
          </button>
        ))}
        <Button disabled={props.undo === undefined} onClick={props.undo}>
          Undo drawing
        </Button>
      </div>
      {tool === 'OBSTACLE' && (
        <div className="w-56">
          <Select
            label="Kind of obstacle"
            value={props.kind}
            options={all.map((k) => ({ value: k.kind, label: k.label }))}
            onChoose={props.onKind}
          />
        </div>
      )}
      <p className="text-sm text-soft" aria-live="polite">
        {(tool && howTo(tool)) ??
          (chosen
            ? 'Drag it, or its ends. '
            : 'Click a length to type what the tape says. What stands on the yard can be dragged.')}
        {tool === undefined && chosen && (
          <button type="button" className="underline" onClick={() => goTo(chosen)}>
            Name it and type its figures
          </button>
        )}
      </p>
    </>
  );
}

/** To the first field of something. */
function goTo(thing: Thing) {
  document.getElementById(fieldsOf(thing))?.querySelector<HTMLElement>('input, select')?.focus();
}
