import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { gathered } from './gathered';

beforeEach(() => vi.useFakeTimers());
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

it('does in one go what is given meanwhile, in its order', () => {
  const done: string[] = [];
  const later = gathered(16);
  later(() => done.push('first'));
  vi.advanceTimersByTime(15);
  later(() => done.push('second'));
  expect(done).toEqual([]);
  vi.advanceTimersByTime(1);
  expect(done).toEqual(['first', 'second']);
});

it('does what is given by a task in the next go', () => {
  const done: string[] = [];
  const later = gathered(16);
  later(() => {
    done.push('first');
    later(() => done.push('next'));
  });
  vi.advanceTimersByTime(16);
  expect(done).toEqual(['first']);
  vi.advanceTimersByTime(16);
  expect(done).toEqual(['first', 'next']);
});

it('does the rest where one fails, and reports that', () => {
  const reported = vi.fn();
  vi.stubGlobal('reportError', reported);
  const done: string[] = [];
  const later = gathered(16);
  later(() => {
    throw new Error('gone');
  });
  later(() => done.push('second'));
  vi.advanceTimersByTime(16);
  expect(done).toEqual(['second']);
  expect(reported).toHaveBeenCalledExactlyOnceWith(new Error('gone'));
});
