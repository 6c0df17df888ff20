import { useState } from 'react';
import { keep, readKept } from './kept';

const NAME = 'wren-lane.device';

/** Longest name, in characters. */
export const LONGEST_NAME = 40;

/** The name this device goes by in the log; made up at first: what it looks like, and two letters to tell it from others. */
export function deviceName(): string {
  const kept = readKept(NAME);
  if (typeof kept === 'string' && kept.trim() !== '') return kept;
  const sort = /Mobi|Android|iPhone/.test(navigator.userAgent) ? 'Phone' : 'Laptop';
  const name = `${sort} ${tail()}`;
  keep(NAME, name);
  return name;
}

function tail(): string {
  const letters = 'ABCDEFGHKLMNPRSTUVWXYZ';
  return [...crypto.getRandomValues(new Uint8Array(2))].map((n) => letters[n % letters.length]).join('');
}

/** The name, and a way to change it; an empty one is made up anew. */
export function useDeviceName(): [string, (name: string) => void] {
  const [name, setName] = useState(deviceName);
  return [
    name,
    (typed) => {
      keep(NAME, typed);
      setName(typed);
    },
  ];
}
