import { share } from '../sizes';
import { isSame, lengthText, usePreferences } from '../../shared/units';
import type { RangeView } from './api';

/** The size to work on, where it is another than what is ridden and runs speak for it. */
export function WorkOn(props: { riderSizes: RangeView['riderSizes']; setting: number | undefined }) {
  const { system } = usePreferences();
  const { working, left, right } = props.riderSizes;
  if (working === undefined || left === undefined || right === undefined || props.setting === undefined)
    return null;
  if (isSame(working.size.settingMetres, props.setting)) return null;
  return (
    <span className="block text-soft">
      To work on: <span className="figures">{lengthText(working.size.settingMetres, system)}</span>, chance
      about <span className="figures">{share(working.chance)}</span> %.
    </span>
  );
}
