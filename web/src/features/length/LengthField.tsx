import { useId } from 'react';
import { Button } from '../../shared/ui';
import { inFigures, lengthText, clearanceText, usePreferences, type LengthSystem } from '../../shared/units';
import type { Length } from './api';
import { useTypedLength, type TypedLengthProps } from './useTypedLength';

/** What a length may look like. */
const EXAMPLES: Record<LengthSystem, string> = { METRIC: '7.2 m', IMPERIAL: '23\' 6"' };

/**
 * The one way to enter a length: tape, paces, bays or wheel. It says back what it understood; what it did not
 * understand stays in the field with a sentence about what would do.
 */
export function LengthField(props: TypedLengthProps & { label: string; placeholder?: string }) {
  const { system } = usePreferences();
  const id = useId();
  const { text, reading, open, type, readNow, choose } = useTypedLength(props, system);
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm text-soft">
        {props.label}
      </label>
      <input
        id={id}
        className={`thumb figures w-full rounded-sm border bg-panel px-2 py-1.5 hover:border-ink ${open ? 'border-brick' : 'border-edge'}`}
        value={text}
        placeholder={inFigures(props.placeholder ?? EXAMPLES[system])}
        autoComplete="off"
        aria-invalid={open}
        aria-describedby={`${id}-said`}
        onChange={(e) => type(e.target.value)}
        onBlur={readNow}
      />
      <div
        id={`${id}-said`}
        aria-live="polite"
        className={`mt-1 text-sm ${open ? 'text-brick' : 'text-soft'}`}
      >
        {reading.state === 'refused' ? (
          reading.message
        ) : reading.state === 'asked' ? (
          reading.question
        ) : (
          <ReadBack length={props.value} />
        )}
      </div>
      {reading.state === 'asked' && (
        <div role="group" aria-label={`Meanings of ${props.label}`} className="mt-1 flex flex-wrap gap-2">
          {reading.meanings.map((meaning) => (
            <Button key={meaning.text} className="figures thumb" onClick={() => choose(meaning)}>
              {meaning.text}
            </Button>
          ))}
        </div>
      )}
    </div>
  );
}

function ReadBack({ length }: { length: Length | undefined }) {
  const { system } = usePreferences();
  if (length === undefined) return <>Tape, paces, bays or wheel.</>;
  const other = system === 'METRIC' ? 'IMPERIAL' : 'METRIC';
  return (
    <span className="figures text-xs tracking-tight">
      {clearanceText(length.metres, length.uncertaintyMetres, system)} · {lengthText(length.metres, other)}
    </span>
  );
}
