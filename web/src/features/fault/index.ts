import type { Api } from '../../shared/http';

type Cause = Api<'CauseJson'>;
export type Fault = Cause['faults'][number];
export type Technique = Cause['technique'][number];
export type BeforeDrop = Cause['before'][number];

/** Every fault with the letter it is logged and shown by. */
export const FAULTS: { fault: Fault; letter: string; word: string }[] = [
  { fault: 'CONE', letter: 'C', word: 'Cone' },
  { fault: 'LINE', letter: 'L', word: 'Line' },
  { fault: 'GATE', letter: 'G', word: 'Gate' },
  { fault: 'FOOT', letter: 'F', word: 'Foot' },
  { fault: 'STALL', letter: 'S', word: 'Stall' },
  { fault: 'STOPPED', letter: 'T', word: 'Stopped' },
  { fault: 'DROP', letter: 'D', word: 'Drop' },
];

/** What may be seen in how a run was ridden. */
export const TECHNIQUES: { technique: Technique; word: string }[] = [
  { technique: 'HEAD_LATE', word: 'Head late' },
  { technique: 'LOOKED_DOWN', word: 'Looked down' },
  { technique: 'NOT_BACK', word: 'Not back midway' },
  { technique: 'CLUTCH_IN', word: 'Clutch in' },
  { technique: 'BRAKE_HEAVY', word: 'Brake heavy' },
  { technique: 'BARS_SHORT', word: 'Bars short of the stop' },
  { technique: 'UPRIGHT', word: 'Upright between turns' },
  { technique: 'OFF_THE_EDGE', word: 'Entered off the edge' },
  { technique: 'TOO_FAST', word: 'Too fast' },
  { technique: 'TOO_SLOW', word: 'Too slow' },
  { technique: 'SURGING', word: 'Surging' },
];

/** What may have come last before a drop. */
export const BEFORE_DROP: { before: BeforeDrop; word: string }[] = [
  { before: 'CLUTCH_IN', word: 'Clutch pulled in' },
  { before: 'FRONT_BRAKE', word: 'Front brake' },
  { before: 'LOOKED_DOWN', word: 'Looked down' },
  { before: 'TOO_SLOW', word: 'Too slow' },
  { before: 'FOOT', word: 'Foot put out' },
];
