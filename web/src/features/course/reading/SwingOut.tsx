import { lengthText, usePreferences } from '../../../shared/units';
import { useSwingOut, type CalculationRequest } from '../api';

/** What swinging out buys on a U-turn, from the model. */
export function SwingOut({ of }: { of: CalculationRequest }) {
  const { system } = usePreferences();
  const { data, stale } = useSwingOut(of);
  const value = data?.value;
  if (value === undefined) return null;
  const text = (metres: number) => lengthText(metres, system);
  return (
    <p className={stale ? 'opacity-50' : ''}>
      Swinging out: narrowest without <span className="figures">{text(value.noneMetres)}</span>, with one
      before <span className="figures">{text(value.beforeMetres)}</span>, before and after{' '}
      <span className="figures">{text(value.bothMetres)}</span>.
      {!data?.gainsWidth && ' This model sees no width in it, only an earlier lean.'}
    </p>
  );
}
