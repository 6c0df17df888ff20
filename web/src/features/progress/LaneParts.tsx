import { dateText, difficultyText, sayLength, shortDate, usePreferences } from '../../shared/units';
import { letterOf } from '../run';
import type { Progress } from './api';
import type { Chart, Mark, Scale } from './chart';

/** Widths at top, sizes as ticks at both ends, a line between days. */
export function Axis({ chart }: { chart: Chart }) {
  const unit = `, ${chart.unit}`;
  return (
    <g>
      {chart.ticks.map((t) => (
        <g key={t.side + t.text}>
          <line x1={t.x} x2={t.x} y1={chart.top} y2={chart.bottom} stroke="var(--rule)" />
          <text
            x={t.x}
            y={chart.top - 7}
            textAnchor="middle"
            fontSize={12.5}
            fill="var(--soft)"
            className="figures"
          >
            {t.text}
          </text>
        </g>
      ))}
      {chart.sizes.map((r) => (
        <path
          key={r.side + r.x}
          d={`M${r.x} ${chart.top - 4}V${chart.top + 4}M${r.x} ${chart.bottom - 4}V${chart.bottom + 4}`}
          stroke="var(--ink)"
          strokeWidth={2}
        />
      ))}
      {chart.days.slice(1).map((d) => (
        <line key={d.id} x1={0} x2={chart.width} y1={d.from - 8} y2={d.from - 8} stroke="var(--rule)" />
      ))}
      <text x={2} y={12} fontSize={13} fontWeight={650} fill="var(--ink)">
        ◀ left turns{unit}
      </text>
      <text x={chart.width - 2} y={12} textAnchor="end" fontSize={13} fontWeight={650} fill="var(--ink)">
        right turns{unit} ▷
      </text>
    </g>
  );
}

/** The width ridden clean four times in five, with its band. */
export function Estimates({ chart }: { chart: Chart }) {
  return (
    <g>
      {chart.estimates.map((e) => (
        <g key={e.side}>
          <path d={e.band} fill="var(--steel)" opacity={0.14} />
          <path d={e.line} stroke="var(--steel)" strokeWidth={2.5} fill="none" />
        </g>
      ))}
    </g>
  );
}

/** Difficulty 100 % to each side, all that machine and practised hands can do, with the dates between. */
export function Kerb(props: { chart: Chart; limits: Progress['riderSizes']; scale: Scale }) {
  const { chart, limits } = props;
  const { system } = usePreferences();
  const { left, right } = chart.kerb;
  const say = (metres: number | undefined) =>
    props.scale === 'difficulty' || metres === undefined
      ? difficultyText(1)
      : sayLength(metres, system).figure;
  return (
    <g>
      <rect
        x={left}
        y={chart.top}
        width={right - left}
        height={chart.bottom - chart.top}
        fill="var(--kerb)"
      />
      <path
        d={`M${left} ${chart.top}V${chart.bottom}M${right} ${chart.top}V${chart.bottom}`}
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      <text x={chart.middle} y={chart.top + 15} textAnchor="middle" fontSize={12} fill="var(--ink)">
        difficulty {difficultyText(1)}
      </text>
      <text x={left + 6} y={chart.bottom - 8} fontSize={12.5} className="figures" fill="var(--ink)">
        {say(limits?.limitLeftMetres)}
      </text>
      <text
        x={right - 6}
        y={chart.bottom - 8}
        textAnchor="end"
        fontSize={12.5}
        className="figures"
        fill="var(--ink)"
      >
        {say(limits?.limitRightMetres)}
      </text>
      {chart.days.map((d) => (
        <text
          key={d.id}
          x={chart.middle}
          y={d.y + 5}
          textAnchor="middle"
          fontSize={13.5}
          fontWeight={600}
          fill="var(--ink)"
        >
          {chart.narrow ? shortDate(d.date) : dateText(d.date)}
        </text>
      ))}
    </g>
  );
}

/** A clean run is a stroke, each fault a letter in a ring. */
export function RunMark({ mark }: { mark: Mark }) {
  if (mark.faults.length === 0) {
    return <path d={`M${mark.x} ${mark.y - 6}V${mark.y + 6}`} stroke="var(--ink)" strokeWidth={3} />;
  }
  const out = mark.side === 'LEFT' ? -1 : 1;
  return (
    <g>
      {mark.faults.map((f, i) => (
        <g key={f} transform={`translate(${mark.x + out * i * 15} ${mark.y})`}>
          <circle r={7.5} fill="var(--panel)" stroke="var(--brick)" strokeWidth={1.8} />
          <text y={3.8} textAnchor="middle" fontSize={10.5} fontWeight={700} fill="var(--brick)">
            {letterOf(f)}
          </text>
        </g>
      ))}
    </g>
  );
}
