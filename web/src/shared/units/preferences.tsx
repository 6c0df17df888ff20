import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { LengthSystem, SpeedUnit } from './format';

/** What this browser keeps of how a person reads. */
export interface Preferences {
  system: LengthSystem;
  speed: SpeedUnit;
  light: 'paper' | 'sun';
  /** Whether single keys do something by themselves. */
  keys: boolean;
  /** The hand a phone is held and tapped with. */
  hand: 'right' | 'left';
}

const KEY = 'wren-lane.preferences';
const DEFAULTS: Preferences = { system: 'METRIC', speed: 'km/h', light: 'paper', keys: true, hand: 'right' };

/** Reads what is kept; anything not understood falls back to its default. */
export function readPreferences(kept: string | null): Preferences {
  try {
    const read = JSON.parse(kept ?? '{}') as Partial<Preferences>;
    return {
      system: read.system === 'IMPERIAL' ? 'IMPERIAL' : DEFAULTS.system,
      speed: read.speed === 'mph' ? 'mph' : DEFAULTS.speed,
      light: read.light === 'sun' ? 'sun' : DEFAULTS.light,
      keys: read.keys !== false,
      hand: read.hand === 'left' ? 'left' : DEFAULTS.hand,
    };
  } catch {
    return DEFAULTS;
  }
}

/** Whether whoever uses this browser reads lengths in feet. */
export function readsFeet(): boolean {
  return readPreferences(localStorage.getItem(KEY)).system === 'IMPERIAL';
}

interface Held extends Preferences {
  change: (some: Partial<Preferences>) => void;
}

const Context = createContext<Held>({ ...DEFAULTS, change: () => undefined });

/** Keeps the preferences for everything inside. */
export function PreferencesProvider({ children }: { children: ReactNode }) {
  const [held, setHeld] = useState(() => readPreferences(localStorage.getItem(KEY)));
  useEffect(() => {
    document.documentElement.dataset.light = held.light;
  }, [held.light]);
  const change = (some: Partial<Preferences>) => {
    const next = { ...held, ...some };
    // Before anything is drawn anew: what is asked for then is asked for in these units.
    localStorage.setItem(KEY, JSON.stringify(next));
    setHeld(next);
  };
  return <Context value={{ ...held, change }}>{children}</Context>;
}

/** How this person reads. */
export function usePreferences(): Held {
  return useContext(Context);
}
