import { Chevron, Figure, sideWord } from '../../shared/ui';
import { degreesText, lengthText, sayLength, speedText, usePreferences } from '../../shared/units';
import { LEVELS } from '../rider';
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
        <Figure name="U-turn at full lock, left" figure={left.figure} unit={left.unit} />
        <Figure name="U-turn at full lock, right" figure={right.figure} unit={right.unit} />
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
      <LeanTable leans={report.leans} />
      <p className="text-sm text-soft">
        Circle: between walls, front tyre edge to edge. U-turn: between two lines, entered along one of them.
        Both with the bars turned at once: rolling them in takes more, as Course shows. Leaned figures are
        estimates: they take 15° of lean, or what is left before scraping, unless a leaned circle is measured.
      </p>
    </section>
  );
}

/** What leaning at full lock saves, upright first, then as far as each level leans. */
function LeanTable({ leans }: { leans: TurnReport['leans'] }) {
  const { system } = usePreferences();
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="What lean saves">
      <table className="table-plain">
        <caption className="pb-1 text-left text-sm text-soft">
          What lean saves at full lock, to the wider side: estimates
        </caption>
        <thead>
          <tr>
            <th>Lean</th>
            <th className="text-right!">Circle</th>
            <th className="text-right!">U-turn</th>
            <th className="text-right!">narrower by</th>
          </tr>
        </thead>
        <tbody>
          {leans.map((l) => (
            <tr key={l.level ?? 'upright'}>
              <td className="whitespace-nowrap">
                {l.level === undefined
                  ? 'upright'
                  : `${degreesText(l.leanRadians, 0)}, ${LEVELS[l.level]} rider`}
              </td>
              <td className="figures text-right whitespace-nowrap">{lengthText(l.circleMetres, system)}</td>
              <td className="figures text-right whitespace-nowrap">{lengthText(l.uTurnMetres, system)}</td>
              <td className="figures text-right whitespace-nowrap">
                {l.level === undefined ? '–' : lengthText(l.savedMetres, system)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
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
