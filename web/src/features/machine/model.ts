import type { Length } from '../length';
import { METRES_PER_INCH, readNumber, typedNumber, type LengthSystem } from '../../shared/units';
import type { Machine, MachineClass, MachineRequest } from './api';

export type Quantity = MachineClass['figures'][number]['quantity'];
export type Dimension = MachineClass['figures'][number]['dimension'];
export type Side = MachineRequest['circles'][number]['side'];
export type Posture = MachineRequest['circles'][number]['posture'];

interface Scale {
  per: number;
  unit: string;
  places: number;
}

const METRES: Record<LengthSystem, Scale> = {
  METRIC: { per: 1, unit: 'm', places: 3 },
  IMPERIAL: { per: METRES_PER_INCH, unit: 'in', places: 2 },
};

/** How a figure is said and typed: degrees for angles, rpm for idle, the rest as they are. */
const SCALES: Record<Exclude<Quantity, 'METRES'>, Scale> = {
  RADIANS: { per: Math.PI / 180, unit: '°', places: 1 },
  KILOGRAMS: { per: 1, unit: 'kg', places: 0 },
  REVOLUTIONS_PER_SECOND: { per: 1 / 60, unit: 'rpm', places: 0 },
  RATIO: { per: 1, unit: '', places: 1 },
};

function scaleOf(quantity: Quantity, system: LengthSystem): Scale {
  return quantity === 'METRES' ? METRES[system] : SCALES[quantity];
}

/** The unit a figure is typed in. */
export function unitOf(quantity: Quantity, system: LengthSystem): string {
  return scaleOf(quantity, system).unit;
}

/** A figure as typed. */
export function figureText(value: number, quantity: Quantity, system: LengthSystem): string {
  const { per, places } = scaleOf(quantity, system);
  return typedNumber(value / per, places);
}

/** A typed figure back in SI; undefined where it is no number. */
export function figureValue(text: string, quantity: Quantity, system: LengthSystem): number | undefined {
  const typed = readNumber(text);
  return typed === undefined ? undefined : typed * scaleOf(quantity, system).per;
}

/** A machine while it is being described. */
export interface Draft {
  name: string;
  classId: string;
  transmission: MachineRequest['transmission'];
  /** In which the figures are typed, from when the draft was begun. */
  system: LengthSystem;
  /** Typed texts of what is measured; what is missing here is typical. */
  measured: Partial<Record<Dimension, string>>;
  circles: Partial<Record<`${Posture}/${Side}`, Length>>;
}

/** A new machine of a class. */
export function fresh(kind: MachineClass, system: LengthSystem): Draft {
  const { label, id, transmission } = kind;
  return { name: label, classId: id, transmission, system, measured: {}, circles: {} };
}

/** A machine of which only its class is known, and whose it is. */
export function newMachine(kind: MachineClass, owner: string): MachineRequest {
  return requestOf({ ...fresh(kind, 'METRIC'), name: `${kind.label}, ${owner.trim()}`.slice(0, 80) }, kind);
}

/** A draft of a stored machine. */
export function draftOf(machine: Machine, kind: MachineClass, system: LengthSystem): Draft {
  const measured: Draft['measured'] = {};
  for (const f of machine.figures) {
    const typical = kind.figures.find((t) => t.dimension === f.dimension);
    if (f.provenance === 'MEASURED' && typical)
      measured[f.dimension] = figureText(f.value, typical.quantity, system);
  }
  const circles: Draft['circles'] = {};
  for (const c of machine.circles) circles[`${c.posture}/${c.side}`] = c.diameter;
  return {
    name: machine.name,
    classId: machine.classId,
    transmission: machine.transmission,
    system,
    measured,
    circles,
  };
}

/** What to send. A text that is no number is left out, and stays in its field. */
export function requestOf(draft: Draft, kind: MachineClass): MachineRequest {
  const figures = kind.figures.flatMap((t) => {
    const text = draft.measured[t.dimension];
    const value = text === undefined ? undefined : figureValue(text, t.quantity, draft.system);
    return value === undefined ? [] : [{ dimension: t.dimension, value, provenance: 'MEASURED' as const }];
  });
  const circles = Object.entries(draft.circles).map(([key, diameter]) => {
    const [posture, side] = key.split('/') as [Posture, Side];
    return { posture, side, diameter };
  });
  const { name, classId, transmission } = draft;
  return { name: name.trim() === '' ? kind.label : name, classId, transmission, figures, circles };
}

/** A draft of a new machine with all that is known of another. */
export function copyOf(machine: Machine, kind: MachineClass, system: LengthSystem): Draft {
  return { ...draftOf(machine, kind, system), name: `${machine.name.slice(0, 74)}, copy` };
}

/** A stored machine as it would be sent again. */
export function asRequest(machine: Machine): MachineRequest {
  const { name, classId, transmission, figures, circles } = machine;
  return { name, classId, transmission, figures, circles };
}

/** How the drive is let in, as it is chosen from. */
export const TRANSMISSIONS: { value: Draft['transmission']; label: string }[] = [
  { value: 'HAND_CLUTCH', label: 'Hand clutch' },
  { value: 'AUTOMATIC_CLUTCH', label: 'Automatic clutch' },
  { value: 'TWIST_AND_GO', label: 'Twist-and-go' },
];
