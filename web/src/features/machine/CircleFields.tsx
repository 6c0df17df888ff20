import { LengthField } from '../length';
import { Button, Chevron, sideWord } from '../../shared/ui';
import type { TurnReport } from './api';
import type { Draft, Posture, Side } from './model';

const EACH: { posture: Posture; side: Side; name: string }[] = [
  { posture: 'UPRIGHT', side: 'LEFT', name: 'upright' },
  { posture: 'UPRIGHT', side: 'RIGHT', name: 'upright' },
  { posture: 'LEANED', side: 'LEFT', name: 'leaned' },
  { posture: 'LEANED', side: 'RIGHT', name: 'leaned' },
];

/** Full-lock circles measured on the ground: they override the figures. */
export function CircleFields(props: {
  circles: Draft['circles'];
  /** About circles that can hardly be. */
  questions: TurnReport['questions'];
  onChange: (circles: Draft['circles']) => void;
}) {
  const { circles, onChange } = props;
  return (
    <fieldset className="border-t border-rule pt-3">
      <legend className="float-left mb-1 w-full font-semibold">Measured circles</legend>
      <p className="mb-2 text-sm text-soft">
        Walk or ride the machine round at full lock on the level, chalk the outer edge of the front tyre, and
        tape the circle from edge to edge. Measured beats computed.
      </p>
      <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
        {EACH.map(({ posture, side, name }) => {
          const key = `${posture}/${side}` as const;
          return (
            <div key={key} className="grid justify-items-start">
              <div className="w-full">
                <LengthField
                  label={`Circle ${name}, ${sideWord(side)}`}
                  value={circles[key]}
                  placeholder="not measured"
                  onRead={(diameter) => onChange({ ...circles, [key]: diameter })}
                />
              </div>
              {circles[key] && (
                <Button
                  kind="quiet"
                  className="px-0!"
                  aria-label={`Remove the circle ${name}, ${sideWord(side)}`}
                  onClick={() => {
                    const { [key]: _dropped, ...others } = circles;
                    onChange(others);
                  }}
                >
                  Remove <Chevron side={side} size={10} />
                </Button>
              )}
            </div>
          );
        })}
      </div>
      <div aria-live="polite">
        {props.questions.map((q) => (
          <p key={q.where + q.code} className="mt-2 text-ochre">
            {q.message}
          </p>
        ))}
      </div>
    </fieldset>
  );
}
