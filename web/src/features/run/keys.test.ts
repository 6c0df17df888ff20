import { describe, expect, it } from 'vitest';
import { commandOf, stepped, toggled } from './keys';

describe('keys on the range', () => {
  it('log, in either case', () => {
    expect(commandOf('0')).toEqual({ do: 'clean' });
    expect(commandOf('l')).toEqual({ do: 'fault', fault: 'LINE' });
    expect(commandOf('T')).toEqual({ do: 'fault', fault: 'STOPPED' });
    expect(commandOf('Enter')).toEqual({ do: 'log' });
  });

  it('change side, size and rider, and undo', () => {
    expect(commandOf('ArrowRight')).toEqual({ do: 'side', side: 'RIGHT' });
    expect(commandOf(']')).toEqual({ do: 'size', by: 1 });
    expect(commandOf('N')).toEqual({ do: 'next' });
    expect(commandOf('u')).toEqual({ do: 'undo' });
  });

  it('mean nothing otherwise', () => {
    for (const key of ['x', '1', '?', 'Tab', 'Escape', 'F5']) expect(commandOf(key)).toBeUndefined();
  });
});

it('turns a fault on and off', () => {
  expect(toggled(toggled([], 'LINE'), 'FOOT')).toEqual(['LINE', 'FOOT']);
  expect(toggled(['LINE', 'FOOT'], 'LINE')).toEqual(['FOOT']);
});

it('steps along the sizes and stays at their ends', () => {
  const sizes = [9.1, 8.2, 7.2];
  expect(stepped(sizes, 8.2, 1)).toBe(7.2);
  expect(stepped(sizes, 8.2, -1)).toBe(9.1);
  expect(stepped(sizes, 7.2, 1)).toBe(7.2);
  expect(stepped(sizes, 8.0, 1)).toBe(7.2);
  expect(stepped(sizes, 8.0, -1)).toBe(8.2);
});
