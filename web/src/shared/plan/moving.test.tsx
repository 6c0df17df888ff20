// @vitest-environment jsdom
import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { DrawOn } from './DrawOn';
import { DragHandle } from './DragHandle';
import { Grip } from './Grip';
import { fitView } from './view';

const view = fitView({ minX: 0, maxX: 60, minY: 0, maxY: 40 }, 600, 400);
const key = (name: string, shiftKey = false) => {
  const on = screen.getByRole('button');
  fireEvent.keyDown(on, { key: name, shiftKey });
  fireEvent.keyUp(on, { key: name, shiftKey });
};

describe('something that is moved', () => {
  function grip() {
    const told = { hold: vi.fn(), drop: vi.fn(), remove: vi.fn() };
    render(
      <svg>
        <Grip
          view={view}
          at={{ x: 5, y: 5 }}
          name="Post"
          step={0.5}
          onChange={told.hold}
          onCommit={told.drop}
          onDelete={told.remove}
        >
          <circle r={3} />
        </Grip>
      </svg>,
    );
    return told;
  }

  it('goes where the arrow keys say and is let go with them', () => {
    const { hold, drop } = grip();
    const on = screen.getByRole('button');
    fireEvent.keyDown(on, { key: 'ArrowRight' });
    fireEvent.keyDown(on, { key: 'ArrowRight' });
    expect(hold).toHaveBeenLastCalledWith({ x: 6, y: 5 });
    expect(drop).not.toHaveBeenCalled();
    fireEvent.keyUp(on, { key: 'ArrowRight' });
    expect(drop).toHaveBeenCalledExactlyOnceWith({ x: 6, y: 5 });
  });

  it('is taken away with Delete, and stays where it is for other keys', () => {
    const { hold, remove } = grip();
    key('x');
    expect(hold).not.toHaveBeenCalled();
    key('Delete');
    expect(remove).toHaveBeenCalledTimes(1);
  });
});

describe('ground that is drawn on', () => {
  function ground(ends: boolean) {
    const told = { put: vi.fn(), leave: vi.fn() };
    render(
      <svg>
        <DrawOn view={view} name="The ground" step={1} ends={ends} onPut={told.put} onLeave={told.leave} />
      </svg>,
    );
    return told;
  }

  it('takes a place with Enter, from the middle on', () => {
    const { put } = ground(false);
    key('ArrowRight', true);
    key('Enter');
    expect(put).toHaveBeenCalledExactlyOnceWith({ x: 40, y: 20 }, { x: 40, y: 20 });
  });

  it('takes both ends with Enter, one after the other, and begins again with Escape', () => {
    const { put, leave } = ground(true);
    key('Enter');
    key('Escape');
    expect(leave).not.toHaveBeenCalled();
    key('ArrowDown');
    key('Enter');
    key('ArrowUp', true);
    key('Enter');
    expect(put).toHaveBeenCalledExactlyOnceWith({ x: 30, y: 19 }, { x: 30, y: 29 });
    key('Escape');
    expect(leave).toHaveBeenCalledTimes(1);
  });
});

describe('a handle on a dimension', () => {
  function handle(metres = 5) {
    const told = { change: vi.fn(), commit: vi.fn() };
    render(
      <svg>
        <DragHandle
          at={{ x: 0, y: 0 }}
          name="Drag the width"
          metres={metres}
          range={{ min: 3, max: 9 }}
          along="x"
          perPixel={{ x: 0.01, y: 0 }}
          onChange={told.change}
          onCommit={told.commit}
        />
      </svg>,
    );
    return { ...told, on: screen.getByRole('slider') };
  }

  it('counts every press, also while nothing is drawn in between', () => {
    const { on, change, commit } = handle();
    for (let press = 0; press < 6; press++) fireEvent.keyDown(on, { key: 'ArrowRight' });
    fireEvent.keyUp(on, { key: 'ArrowRight' });
    expect(change.mock.calls.map(([metres]) => metres as number)).toEqual([
      5.01, 5.02, 5.03, 5.04, 5.05, 5.06,
    ]);
    expect(commit).toHaveBeenCalledExactlyOnceWith(5.06, true);
  });

  it.each([
    ['ArrowDown', false, 4.99],
    ['ArrowLeft', true, 4.9],
    ['PageUp', false, 5.5],
    ['PageDown', false, 4.5],
    ['Home', false, 3],
    ['End', false, 9],
  ])('goes with %s (Shift: %s) to %s m', (name, shiftKey, metres) => {
    const { on, commit } = handle();
    fireEvent.keyDown(on, { key: name, shiftKey });
    fireEvent.keyUp(on, { key: name, shiftKey });
    expect(commit).toHaveBeenCalledExactlyOnceWith(metres, true);
  });

  it('settles what was keyed when the focus goes elsewhere, and stays within its range', () => {
    const { on, commit } = handle(8.8);
    fireEvent.keyDown(on, { key: 'PageUp' });
    fireEvent.blur(on);
    expect(commit).toHaveBeenCalledExactlyOnceWith(9, true);
    fireEvent.keyDown(on, { key: 'x' });
    fireEvent.keyUp(on, { key: 'x' });
    expect(commit).toHaveBeenCalledTimes(1);
  });
});
