import { DimensionLine, Tarmac, ticks } from '../../shared/plan';
import { lengthText, usePreferences } from '../../shared/units';

/** The usable rectangle to scale, with its painted bays along one side. */
export function YardPlan(props: {
  lengthMetres: number | undefined;
  widthMetres: number | undefined;
  bayMetres: number | undefined;
}) {
  const { system } = usePreferences();
  const { lengthMetres: length, widthMetres: width, bayMetres: bay } = props;
  if (length === undefined || width === undefined) {
    return (
      <div className="flex h-96 items-center justify-center rounded-sm bg-tarmac text-chalk">
        Type the usable length and width to see the yard.
      </div>
    );
  }
  const pad = 0.1 * Math.max(length, width);
  return (
    <Tarmac
      label="The yard"
      className="min-h-88 flex-1"
      bounds={{ minX: -pad * 1.7, maxX: length + pad * 0.6, minY: -pad, maxY: width + pad * 0.6 }}
    >
      {(view) => (
        <>
          <rect
            x={view.x(0)}
            y={view.y(width)}
            width={length * view.pixelsPerMetre}
            height={width * view.pixelsPerMetre}
            fill="none"
            stroke="var(--chalk)"
            strokeWidth={2.5}
          />
          {bay !== undefined &&
            ticks(0, length, bay).map((x) => (
              <line
                key={x}
                x1={view.x(x)}
                x2={view.x(x)}
                y1={view.y(width)}
                y2={view.y(width - Math.min(4.8, width / 3))}
                stroke="var(--chalk)"
                strokeWidth={1}
                opacity={0.7}
              />
            ))}
          <DimensionLine x1={view.x(0)} y1={view.y(0) + 18} x2={view.x(length)} y2={view.y(0) + 18} />
          <text
            x={view.x(length / 2)}
            y={view.y(0) + 36}
            fill="var(--chalk)"
            textAnchor="middle"
            className="figures"
            fontSize={14}
          >
            {lengthText(length, system)}
          </text>
          <DimensionLine x1={view.x(0) - 18} y1={view.y(0)} x2={view.x(0) - 18} y2={view.y(width)} />
          <text
            x={view.x(0) - 26}
            y={view.y(width / 2)}
            fill="var(--chalk)"
            textAnchor="end"
            className="figures"
            fontSize={14}
          >
            {lengthText(width, system)}
          </text>
        </>
      )}
    </Tarmac>
  );
}
