import type { ReactNode } from 'react';
import { TRANSMISSIONS } from '../machine';
import { outcomeText } from '../run';
import {
  difficultyText,
  lengthText,
  speedBand,
  typedNumber,
  usePreferences,
  type LengthSystem,
} from '../../shared/units';
import type { Catalogue, Drill, StoredDrill } from './api';

/** Speed, engine, pass mark, longest timed rides and stop signs. */
export function DrillFigures({ stored, catalogue }: { stored: StoredDrill; catalogue: Catalogue }) {
  const { drill } = stored;
  const { speed, system } = usePreferences();
  const band = drill.riding.speed;
  const { pass, timedRide } = drill.scoring;
  const measures = catalogue.measures.find((m) => m.measure === pass.measure)?.label;
  const each = drill.riding.sides === 'EACH' ? ' on each side' : '';
  const signs = timedRide.stopSigns
    .map((s) => catalogue.stopSigns.find((t) => t.sign === s)?.label)
    .filter((s) => s !== undefined);
  return (
    <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1">
      {band && (
        <Row name="Speed">
          <span className="figures">
            {speedBand(band.lowMetresPerSecond, band.highMetresPerSecond, speed)}
          </span>
        </Row>
      )}
      <Row name="Engine">{drill.words.engine}</Row>
      <Row name="Mastered">
        {pass.target === undefined
          ? `${pass.clean} clean of the last ${pass.of}${each}${pass.difficulty === undefined ? '' : `, at difficulty ${difficultyText(pass.difficulty)} or more`}`
          : `${targetText(pass.measure, pass.target, system)} ${measures}, ${pass.clean} of ${pass.of}`}
      </Row>
      <Row name="At most">{minutesText(timedRide.longestMinutes)}, yours to change</Row>
      <Row name="Stop at">{signs.join(', ')}</Row>
      {drill.faults.length > 0 && <Row name="Usual faults">{outcomeText(drill.faults)}</Row>}
    </dl>
  );
}

/** What is to be reached, in the unit that its measure is named by. */
function targetText(
  measure: Drill['scoring']['pass']['measure'],
  target: number,
  system: LengthSystem,
): string {
  if (measure.endsWith('METRES')) return lengthText(target, system);
  return `${typedNumber(target, 2)}\u2009${measure.endsWith('SECONDS') ? 's' : 'min'}`;
}

/** Minutes said once where they are the same on every machine. */
function minutesText(longest: Drill['scoring']['timedRide']['longestMinutes']): string {
  const minutes = TRANSMISSIONS.flatMap((t) => {
    const most = longest[t.value];
    return most === undefined ? [] : [{ most, machine: t.label.toLowerCase() }];
  });
  const first = minutes[0]?.most;
  return minutes.every(({ most }) => most === first)
    ? `${first} min without a break`
    : minutes.map(({ most, machine }) => `${most} min ${machine}`).join(', ');
}

function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <dt className="text-sm text-soft">{name}</dt>
      <dd>{children}</dd>
    </>
  );
}
