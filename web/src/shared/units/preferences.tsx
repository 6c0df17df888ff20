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

interface Held extends Preferences {
  change: (some: Partial<Preferences>) => void;
}

const Context = createContext<Held>({ ...DEFAULTS, change: () => undefined });

/** Keeps the preferences for everything inside. */
export function PreferencesProvider({ children }: { children: ReactNode }) {
  const [held, setHeld] = useState(() => readPreferences(localStorage.getItem(KEY)));
  useEffect(() => {
    localStorage.setItem(KEY, JSON.stringify(held));
    document.documentElement.dataset.light = held.light;
  }, [held]);
  const change = (some: Partial<Preferences>) => setHeld((before) => ({ ...before, ...some }));
  return <Context value={{ ...held, change }}>{children}</Context>;
}

/** How this person reads. */
export function usePreferences(): Held {
  return useContext(Context);
}
