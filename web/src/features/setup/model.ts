import { lengthText, type LengthSystem } from '../../shared/units';
import type { Setup } from './api';

export type Method = 'ALONG_AND_ACROSS' | 'TWO_TAPES' | 'RINGS' | 'BAYS' | 'PACES';

/** The methods that can be used here: rings where there are any, bays and paces where they are known. */
export function methodsOf(setup: Setup): { value: Method; label: string }[] {
  return [
    { value: 'ALONG_AND_ACROSS', label: 'Along and across' },
    { value: 'TWO_TAPES', label: 'Two tapes' },
    ...(setup.rings ? [{ value: 'RINGS' as const, label: 'Centre and radius' }] : []),
    ...(setup.bays ? [{ value: 'BAYS' as const, label: 'Bays' }] : []),
    ...(setup.paces ? [{ value: 'PACES' as const, label: 'Paces' }] : []),
  ];
}

/** What is measured for one cone: two figures, each with its name, and how far off it may stand. */
export interface Figures {
  label: string;
  /** What is set down, in a word. */
  what: string;
  role: string;
  first: { name: string; text: string };
  second: { name: string; text: string };
  errorMetres: number;
  warning?: string;
}

const QUARTERS = ['', '¼', '½', '¾'];

/** Paces to a quarter, as 12¼. */
export function pacesText(units: number): string {
  const quarters = Math.round(Math.abs(units) * 4);
  const whole = Math.floor(quarters / 4);
  const rest = QUARTERS[quarters % 4] ?? '';
  const figure = whole === 0 && rest !== '' ? rest : `${whole}${rest}`;
  return units < 0 && quarters > 0 ? `−${figure}` : figure;
}

/** Whole bays and the rest by tape. */
function baysText(units: number, restMetres: number, system: LengthSystem): string {
  const rest = lengthText(restMetres, system);
  return units === 0 ? rest : `${units < 0 ? '−' : ''}${Math.abs(units)} bays + ${rest}`;
}

/** The figures of every cone by one method, in the sheet's order. */
export function figuresOf(setup: Setup, method: Method, system: LengthSystem): Figures[] {
  const text = (metres: number) => lengthText(metres, system);
  return setup.sheet.steps.map((s, i) => {
    const common = {
      label: s.cone.label,
      what: s.cone.marker.name,
      role: s.cone.role === 'EDGE' ? '' : s.cone.role.toLowerCase(),
    };
    const plain = {
      ...common,
      first: { name: 'Along', text: text(s.alongMetres) },
      second: { name: 'Across', text: text(s.acrossMetres) },
      errorMetres: s.errorMetres,
    };
    const crossing = setup.tapes.steps[i];
    if (method === 'TWO_TAPES' && crossing) {
      return {
        ...common,
        first: { name: 'From P', text: text(crossing.firstMetres) },
        second: { name: 'From Q', text: text(crossing.secondMetres) },
        errorMetres: crossing.errorMetres,
        ...(crossing.flat && {
          warning: `tapes cross at only ${Math.round((crossing.crossingRadians * 180) / Math.PI)}°`,
        }),
      };
    }
    const ringed = method === 'RINGS' ? onRing(setup, s.cone.label) : undefined;
    if (ringed) {
      return {
        ...common,
        first: { name: `From centre ${ringed.number}`, text: text(ringed.step.radiusMetres) },
        second: { name: `From ${ringed.step.before}`, text: text(ringed.step.chordMetres) },
        errorMetres: ringed.step.errorMetres,
      };
    }
    const counted = method === 'BAYS' ? setup.bays : method === 'PACES' ? setup.paces : undefined;
    const c = counted?.steps[i];
    if (c === undefined) return plain;
    return {
      ...common,
      first: {
        name: 'Along',
        text:
          method === 'PACES'
            ? `${pacesText(c.alongUnits)} paces`
            : baysText(c.alongUnits, c.alongRestMetres, system),
      },
      second: {
        name: 'Across',
        text: method === 'PACES' ? `${pacesText(c.acrossUnits)} paces` : text(c.acrossRestMetres),
      },
      errorMetres: c.errorMetres,
    };
  });
}

function onRing(setup: Setup, label: string) {
  for (const [i, ring] of (setup.rings?.rings ?? []).entries()) {
    const step = ring.steps.find((s) => s.label === label);
    if (step) return { number: i + 1, step };
  }
  return undefined;
}

/** The largest error that rounding alone makes by a method, in metres. */
export function roundingOf(setup: Setup, method: Method): number {
  switch (method) {
    case 'ALONG_AND_ACROSS':
      return setup.sheet.roundingMetres;
    case 'TWO_TAPES':
      return setup.tapes.roundingMetres;
    case 'RINGS':
      return setup.rings?.roundingMetres ?? 0;
    case 'BAYS':
      return setup.bays?.roundingMetres ?? 0;
    case 'PACES':
      return setup.paces?.roundingMetres ?? 0;
  }
}

/** Numbers of the steps in the order they are walked, or as lettered. */
export function orderOf(setup: Setup, order: 'LISTED' | 'WALKED'): number[] {
  return order === 'WALKED' ? setup.walk.order : setup.sheet.steps.map((_, i) => i);
}
