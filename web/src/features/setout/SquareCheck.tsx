import { useState } from 'react';
import type { CourseRequest } from '../course';
import { LengthField, type Length } from '../length';
import { degreesText, lengthText, usePreferences } from '../../shared/units';
import { useSquareCheck } from './api';

/** Two diagonals as taped, and how far out of square they mean the box is. */
export function SquareCheck({ course }: { course: CourseRequest }) {
  const { system } = usePreferences();
  const [first, setFirst] = useState<Length>();
  const [second, setSecond] = useState<Length>();
  const check = useSquareCheck(course, first, second);
  return (
    <div className="no-print mt-3">
      <div className="grid grid-cols-2 gap-4">
        <LengthField
          label="A to C as taped"
          value={first}
          placeholder="not taped"
          onRead={setFirst}
          onRefused={() => setFirst(undefined)}
        />
        <LengthField
          label="B to D as taped"
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
