/** What holds on any yard, whoever rides there. */
export const GROUND_RULES =
  'Gear on. Swept, dry ground, closed to traffic, onlookers back. One machine moving at a time; agree a stop word ' +
  'and a hand signal. Warm tyres, water, rests. A licensed instructor and local rules come first.';
