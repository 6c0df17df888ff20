import { Chevron, Figure, sideWord } from '../../shared/ui';
import { degreesText, lengthText, sayLength, speedText, usePreferences } from '../../shared/units';
import type { SideTurn, TurnReport } from './api';

/** What the machine can do: both sides, upright and leaned, computed beside measured. */
export function TurnTable({ report }: { report: TurnReport | undefined }) {
  const { system, speed } = usePreferences();
  if (report === undefined) return <p className="text-soft">One moment…</p>;
  const left = sayLength(report.limitLeftMetres, system);
  const right = sayLength(report.limitRightMetres, system);
  const idle = report.idleWalkingSpeedMetresPerSecond;
  return (
    <section aria-label="What it can do" className="grid gap-4">
      <div className="flex flex-wrap gap-x-10 gap-y-3">
        <Figure name="Smallest U-turn, left" figure={left.figure} unit={left.unit} />
        <Figure name="Smallest U-turn, right" figure={right.figure} unit={right.unit} />
        <Figure
          name="Walks at idle"
          figure={idle === undefined ? '–' : (speedText(idle, speed).split('\u2009')[0] ?? '')}
          unit={idle === undefined ? 'lets go at idle' : speed}
        />
      </div>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Turns, to both sides">
        <table className="table-plain">
          <caption className="sr-only">Full-lock turns</caption>
          <thead>
            <tr>
              <th>Full lock</th>
              <th className="text-right!">Rear radius</th>
              <th className="text-right!">Front radius</th>
              <th className="text-right!">U-turn</th>
              <th className="text-right!">Circle, computed</th>
              <th className="text-right!">measured</th>
              <th className="text-right!">difference</th>
            </tr>
          </thead>
          <tbody>
            {report.turns.map((t) => (
              <TurnRow key={t.posture + t.side} turn={t} />
            ))}
          </tbody>
        </table>
      </div>
      <p className="text-sm text-soft">
        Circle: between walls, front tyre edge to edge. U-turn: between two lines, entered along one of them.
        Leaned figures are estimates: they take 15° of lean, or what is left before scraping, unless a leaned
        circle is measured.
      </p>
    </section>
  );
}

function TurnRow({ turn }: { turn: SideTurn }) {
  const { system } = usePreferences();
  const cell = (metres: number | undefined) => (
    <td className="figures text-right whitespace-nowrap">
      {metres === undefined ? '–' : lengthText(metres, system)}
    </td>
  );
  const measured = turn.measured?.circleWidthMetres;
  return (
    <tr>
      <td className="whitespace-nowrap">
        <Chevron side={turn.side} /> {sideWord(turn.side)},{' '}
        {turn.posture === 'UPRIGHT' ? 'upright' : `leaned ${degreesText(turn.leanRadians)}`}
      </td>
      {cell(turn.best.rearRadiusMetres)}
      {cell(turn.best.frontRadiusMetres)}
      {cell(turn.best.uTurnWidthMetres)}
      {cell(turn.computed.circleWidthMetres)}
      {cell(measured)}
      {cell(measured === undefined ? undefined : measured - turn.computed.circleWidthMetres)}
    </tr>
  );
}
