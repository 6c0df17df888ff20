// @vitest-environment jsdom
import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { DrawOn } from './DrawOn';
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
          onHold={told.hold}
          onDrop={told.drop}
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
