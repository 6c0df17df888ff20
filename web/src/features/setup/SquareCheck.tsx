import { useState } from 'react';
import { LengthField, type Length } from '../length';
import { degreesText, lengthText, usePreferences } from '../../shared/units';
import { useSquareCheck, type LaidCourse, type Setup } from './api';

/** Two diagonals as taped, and how far out of square they mean the box is. */
export function SquareCheck(props: { laid: LaidCourse; checks: Setup['sheet']['checks'] }) {
  const { system } = usePreferences();
  const [first, setFirst] = useState<Length>();
  const [second, setSecond] = useState<Length>();
  const check = useSquareCheck(props.laid, first, second);
  // Of the widest setting, which comes first.
  const name = (i: number) => {
    const ends = props.checks[i];
    return ends ? `${ends.from} to ${ends.to} as taped` : '';
  };
  return (
    <div className="no-print mt-3">
      <div className="grid grid-cols-2 gap-4">
        <LengthField
          label={name(0)}
          value={first}
          placeholder="not taped"
          onRead={setFirst}
          onRefused={() => setFirst(undefined)}
        />
        <LengthField
          label={name(1)}
          value={second}
          placeholder="not taped"
          onRead={setSecond}
          onRefused={() => setSecond(undefined)}
        />
      </div>
      <p aria-live="polite" className="mt-2">
        {check.isError && <span className="text-brick">{check.error.message}</span>}
        {check.data && (
          <>
            A corner is <span className="figures">{degreesText(Math.abs(check.data.skewRadians))}</span> off
            square: push the far line{' '}
            <span className="figures">{lengthText(Math.abs(check.data.shiftMetres), system)}</span>{' '}
            {check.data.shiftMetres > 0 ? 'towards B' : 'towards C'} to shorten the longer diagonal.
          </>
        )}
      </p>
    </div>
  );
}
