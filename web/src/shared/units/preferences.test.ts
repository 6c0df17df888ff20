import { describe, expect, it } from 'vitest';
import { readPreferences } from './preferences';

describe('preferences', () => {
  it('come back as kept', () => {
    const kept = { system: 'IMPERIAL', speed: 'mph', light: 'sun', keys: false, hand: 'left' };
    expect(readPreferences(JSON.stringify(kept))).toEqual(kept);
  });

  it('fall back to metres and paper for anything else', () => {
    const defaults = { system: 'METRIC', speed: 'km/h', light: 'paper', keys: true, hand: 'right' };
    for (const kept of [null, '', '{', '{"system":"CUBITS"}', '[]', '42']) {
      expect(readPreferences(kept)).toEqual(defaults);
    }
  });
});
