import { useRef, useState, type PointerEvent } from 'react';
import type { Block } from './api';
import { findingsOf, lasting, moved, without } from './model';
import type { LessonEdit } from './useLessonEdit';

const LOOKS: Record<Block['sort'], string> = {
  BRIEFING: 'bg-panel border-rule',
  WARM_UP: 'bg-kerb border-soft',
  DRILLS: 'bg-panel border-ink',
  CHANGE_OVER: 'bg-page border-soft border-dashed',
  REST: 'bg-page border-rule',
  CLOSING: 'bg-kerb border-moss',
  DEBRIEF: 'bg-panel border-rule',
};

interface Drag {
  kind: 'move' | 'length';
  fromX: number;
  byMinutes: number;
}

/**
 * A block on the strip. One with drills is dragged to another place, or by its right edge to another length; with the keys
 * Alt and the arrows move it, plus and minus change its length, Delete takes it out.
 */
export function StripBlock(props: {
  edit: LessonEdit;
  block: Block;
  index: number;
  end: number;
  chosen: boolean;
  onChoose: () => void;
}) {
  const { edit, block, index, end } = props;
  const [drag, setDrag] = useState<Drag>();
  const box = useRef<HTMLDivElement>(null);
  const wish = block.place;
  const wrong = findingsOf(edit.lesson.findings, index);
  const wishes = edit.lesson.order;
  const name = block.stationName ?? block.label;
  const moveTo = (startMinute: number) => {
    if (wish === undefined) return;
    const others = edit.lesson.blocks.filter((b) => b.place !== undefined && b !== block);
    const before = others.filter((b) => b.startMinute + b.minutes / 2 < startMinute + block.minutes / 2);
    const to = new Set(before.map((b) => b.place)).size;
    if (to !== wish) edit.setWishes(moved(wishes, wish, to));
  };
  const onUp = () => {
    if (drag && wish !== undefined && Math.abs(drag.byMinutes) >= 2) {
      if (drag.kind === 'length') edit.setWishes(lasting(wishes, wish, block.minutes + drag.byMinutes));
      else moveTo(block.startMinute + drag.byMinutes);
    }
    setDrag(undefined);
  };
  const begin = (kind: Drag['kind']) => (e: PointerEvent<HTMLElement>) => {
    if (wish === undefined || edit.busy) return;
    e.stopPropagation();
    e.currentTarget.setPointerCapture(e.pointerId);
    setDrag({ kind, fromX: e.clientX, byMinutes: 0 });
  };
  const onMove = (e: PointerEvent<HTMLElement>) => {
    const width = box.current?.parentElement?.clientWidth ?? 1;
    if (drag) setDrag({ ...drag, byMinutes: ((e.clientX - drag.fromX) / width) * end });
  };
  const onKey = (e: React.KeyboardEvent) => {
    if (wish === undefined || edit.busy) return;
    if (e.altKey && e.key === 'ArrowLeft') edit.setWishes(moved(wishes, wish, wish - 1));
    else if (e.altKey && e.key === 'ArrowRight') edit.setWishes(moved(wishes, wish, wish + 1));
    else if (e.key === '+') edit.setWishes(lasting(wishes, wish, block.minutes + 5));
    else if (e.key === '-') edit.setWishes(lasting(wishes, wish, block.minutes - 5));
    else if (e.key === 'Delete' && wishes.length > 1) edit.setWishes(without(wishes, wish));
    else return;
    e.preventDefault();
  };
  const shift = drag?.kind === 'move' ? drag.byMinutes : 0;
  const longer = drag?.kind === 'length' ? drag.byMinutes : 0;
  return (
    <div
      ref={box}
      className={`absolute top-0.5 bottom-0.5 border-2 ${LOOKS[block.sort]} ${wrong.length > 0 ? 'border-brick!' : ''} ${props.chosen ? 'outline-3 outline-cone' : ''}`}
      style={{
        left: `${(100 * (block.startMinute + shift)) / end}%`,
        width: `${(100 * Math.max(2, block.minutes + longer)) / end}%`,
        zIndex: drag ? 2 : undefined,
      }}
    >
      <button
        type="button"
        aria-pressed={props.chosen}
        className={`h-full w-full overflow-hidden px-1 text-left text-xs leading-tight ${wish === undefined ? '' : 'touch-none'}`}
        onClick={props.onChoose}
        onKeyDown={onKey}
        onPointerDown={begin('move')}
        onPointerMove={onMove}
        onPointerUp={onUp}
      >
        <span className="block truncate font-semibold">{name}</span>
        <span className="figures block truncate text-soft">
          {Math.round(block.minutes + longer)} min{block.fixed && ' fixed'}
        </span>
        {wrong.length > 0 && <span className="block truncate text-brick">breaks a rule</span>}
        {name !== block.label && <span className="sr-only">{block.label}</span>}
      </button>
      {wish !== undefined && (
        <span
          aria-hidden="true"
          className="absolute top-0 -right-1 bottom-0 w-2.5 cursor-ew-resize touch-none"
          onPointerDown={begin('length')}
          onPointerMove={onMove}
          onPointerUp={onUp}
        />
      )}
    </div>
  );
}
