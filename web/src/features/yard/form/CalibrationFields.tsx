import { useState } from 'react';
import { LengthField } from '../../length';
import { TextField } from '../../../shared/ui';
import { lengthText, readNumber, typedNumber, usePreferences } from '../../../shared/units';
import { whole, type Draft } from '../model';

/** A counted number of paces or bays along a taped stretch. */
export function CalibrationFields(props: {
  title: string;
  unit: string;
  how: string;
  value: Draft['bay'];
  onChange: (value: Draft['bay']) => void;
}) {
  const { system } = usePreferences();
  const { value, onChange } = props;
  const [typed, setTyped] = useState(value.count === undefined ? '' : typedNumber(value.count, 3));
  const done = whole(value);
  return (
    <fieldset className="border-t border-rule pt-3">
      <legend className="sr-only">{props.title}</legend>
      <label className="thumb flex items-center gap-2">
        <input
          type="checkbox"
          checked={value.on}
          onChange={(e) => onChange({ ...value, on: e.target.checked })}
        />
        <span className="font-semibold">{props.title}</span>
        {done && (
          <span className="figures ml-auto">1 = {lengthText(done.taped.metres / done.count, system)}</span>
        )}
      </label>
      {value.on && (
        <div className="mt-2">
          <p className="mb-2 text-sm text-soft">{props.how}</p>
          <div className="grid grid-cols-2 gap-4">
            <TextField
              label={`Number of ${props.unit}`}
              inputMode="decimal"
              value={typed}
              onChange={(e) => {
                setTyped(e.target.value);
                const { count: _dropped, ...rest } = value;
                const count = readNumber(e.target.value);
                onChange(count === undefined ? rest : { ...value, count });
              }}
            />
            <LengthField
              label="Taped length of them"
              value={value.taped}
              onRead={(taped) => onChange({ ...value, taped })}
            />
          </div>
        </div>
      )}
    </fieldset>
  );
}
