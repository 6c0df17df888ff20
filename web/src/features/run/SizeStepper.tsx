import { share, type ChanceOf } from '../sizes';
import { sayLength, usePreferences } from '../../shared/units';

/** The size ridden, which the sizes of the course are stepped from. */
export function SizeStepper(props: {
  /** Missing while several sizes are set up and none is chosen. */
  setting: number | undefined;
  /** Of a clean run at that size to this side; missing while it is not known. */
  chance: ChanceOf | undefined;
  /** Goes to another size, 1 is tighter; missing while the sizes are not known. */
  onSize: ((by: 1 | -1) => void) | undefined;
}) {
  const { setting, onSize } = props;
  const { system } = usePreferences();
  const { figure, unit } = setting === undefined ? { figure: '–', unit: '' } : sayLength(setting, system);
  const step = (by: 1 | -1, name: string, sign: string) => (
    <button
      type="button"
      aria-label={name}
      disabled={onSize === undefined || setting === undefined}
      className="min-h-15 min-w-15 rounded-sm border border-rule bg-panel text-xl hover:border-ink disabled:text-soft"
      onClick={() => onSize?.(by)}
    >
      {sign}
    </button>
  );
  return (
    <div className="flex flex-wrap items-center justify-end gap-2" role="group" aria-label="Size">
      {step(-1, 'Wider', '+')}
      <div className="flex flex-col items-center justify-center">
        <span className="figures text-xl leading-none whitespace-nowrap">
          {figure}
          <span className="text-base text-soft"> {unit}</span>
        </span>
        <span className="figures mt-1 text-xs whitespace-nowrap text-soft">
          {props.chance === undefined ? '' : `chance ${share(props.chance.chance)} %`}
        </span>
      </div>
      {step(1, 'Smaller', '−')}
    </div>
  );
}
