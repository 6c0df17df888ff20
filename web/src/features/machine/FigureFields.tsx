import type { MachineClass } from './api';
import { figureText, figureValue, unitOf, type Dimension, type Draft } from './model';

/** The figures of a machine: typical until something else is typed. */
export function FigureFields(props: {
  kind: MachineClass;
  measured: Draft['measured'];
  system: Draft['system'];
  onChange: (measured: Draft['measured']) => void;
}) {
  const { kind, measured, system, onChange } = props;
  const type = (dimension: Dimension, text: string) => {
    const { [dimension]: _before, ...others } = measured;
    onChange(text.trim() === '' ? others : { ...others, [dimension]: text });
  };
  return (
    <table className="table-plain mt-2">
      <caption className="sr-only">Figures</caption>
      <thead>
        <tr>
          <th>Figure</th>
          <th>Typical</th>
          <th>Measured</th>
        </tr>
      </thead>
      <tbody>
        {kind.figures.map((f) => {
          const text = measured[f.dimension];
          const bad = text !== undefined && figureValue(text, f.quantity, system) === undefined;
          return (
            <tr key={f.dimension}>
              <td className="align-middle">{f.label}</td>
              <td
                className={`figures align-middle whitespace-nowrap ${text === undefined ? '' : 'text-soft line-through'}`}
              >
                {figureText(f.value, f.quantity, system)}
                {'\u2009'}
                {unitOf(f.quantity, system)}
              </td>
              <td className="w-32">
                <span className="flex items-baseline gap-1">
                  <input
                    aria-label={`${f.label}, measured`}
                    aria-invalid={bad}
                    inputMode="decimal"
                    autoComplete="off"
                    className={`figures w-20 rounded-sm border bg-panel px-1.5 py-0.5 ${bad ? 'border-brick' : 'border-edge'}`}
                    value={text ?? ''}
                    onChange={(e) => type(f.dimension, e.target.value)}
                  />
                  <span className="text-soft">{unitOf(f.quantity, system)}</span>
                </span>
                {bad && <span className="text-sm text-brick">Type a number.</span>}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
