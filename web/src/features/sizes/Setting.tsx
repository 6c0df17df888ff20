import { isSame, lengthText, usePreferences } from '../../shared/units';
import { letterOf } from './model';

/** One of the settings that stand, with its letter where there are several. */
export function Setting({ metres, of }: { metres: number; of: number[] }) {
  const { system } = usePreferences();
  const place = of.findIndex((s) => isSame(s, metres));
  return (
    <span className="figures whitespace-nowrap">
      {of.length > 1 && place >= 0 && <b>{letterOf(place)} </b>}
      {lengthText(metres, system)}
    </span>
  );
}
