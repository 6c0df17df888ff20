import { lengthText, usePreferences } from '../../shared/units';
import { letterOf } from './model';

/** Settings in a row, each with its letter where there are several: “a 8.20 m · b 7.00 m”. */
export function StandsAt({ settings }: { settings: number[] }) {
  const { system } = usePreferences();
  return (
    <span className="figures">
      {settings.map((metres, i) => (
        <span key={metres} className="whitespace-nowrap">
          {i > 0 && ' · '}
          {settings.length > 1 && <b>{letterOf(i)} </b>}
          {lengthText(metres, system)}
        </span>
      ))}
    </span>
  );
}
