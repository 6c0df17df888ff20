import { useState } from 'react';
import { LengthField, type Length } from '../../length';
import { Button, TextField, Toggle, useSay } from '../../../shared/ui';
import { MarkerChoice } from '../../kit';
import { drawCalls, type CourseKind, type CourseRequest, type Plan } from '../api';

/** The dimensions as fields, and what else there is to choose. */
export function CourseFields(props: {
  kind: CourseKind;
  course: CourseRequest;
  plan: Plan | undefined;
  onLength: (name: string, length: Length) => void;
  onChange: (some: Partial<CourseRequest>) => void;
}) {
  const { kind, course, onChange } = props;
  return (
    <div className="grid gap-4">
      <div className="grid grid-cols-2 gap-4 md:grid-cols-4">
        {kind.dimensions.map((d) =>
          d.quantity === 'METRES' ? (
            <LengthField
              key={d.name}
              label={d.label}
              value={course.lengths[d.name]}
              usual={{ leastMetres: d.min, mostMetres: d.max }}
              onRead={(l: Length) => props.onLength(d.name, l)}
            />
          ) : (
            <CountField
              key={d.name}
              label={`${d.label}, ${d.min} to ${d.max}`}
              value={course.counts[d.name] ?? d.standard}
              min={d.min}
              max={d.max}
              onCount={(n) => onChange({ counts: { ...course.counts, [d.name]: n } })}
            />
          ),
        )}
      </div>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        {kind.turning !== 'STRAIGHT' && (
          <Toggle
            label={kind.turning === 'ONE_SIDE' ? 'Turned to' : 'First turn'}
            value={course.firstTurn}
            options={[
              { value: 'LEFT', label: 'left' },
              { value: 'RIGHT', label: 'right' },
            ]}
            onChoose={(firstTurn) => onChange({ firstTurn })}
          />
        )}
        {kind.options.map((o) =>
          o.choices.length === 0 ? (
            <Calls
              key={o.name}
              label={o.label}
              value={course.options[o.name] ?? o.standard}
              onCalls={(calls) => onChange({ options: { ...course.options, [o.name]: calls } })}
            />
          ) : (
            <Toggle
              key={o.name}
              label={o.label}
              value={course.options[o.name] ?? o.standard}
              options={o.choices}
              onChoose={(choice) => onChange({ options: { ...course.options, [o.name]: choice } })}
            />
          ),
        )}
        <MarkerChoice
          sorts={props.plan?.markers.map((m) => m.marker.sort) ?? []}
          markers={course.markers ?? []}
          onChoose={(markers) => onChange({ markers })}
        />
      </div>
    </div>
  );
}

/** A whole number; what is out of range stays in the field, and only what is in it is passed on. */
function CountField(props: {
  label: string;
  value: number;
  min: number;
  max: number;
  onCount: (count: number) => void;
}) {
  const [text, setText] = useState(String(props.value));
  const [seen, setSeen] = useState(props.value);
  if (seen !== props.value) {
    setSeen(props.value);
    setText(String(props.value));
  }
  const count = Number(text);
  const wrong = !Number.isInteger(count) || text.trim() === '' || count < props.min || count > props.max;
  return (
    <div>
      <TextField
        label={props.label}
        inputMode="numeric"
        value={text}
        aria-invalid={wrong}
        onChange={(e) => {
          setText(e.target.value);
          const typed = Number(e.target.value);
          const good = Number.isInteger(typed) && typed >= props.min && typed <= props.max;
          if (good && e.target.value.trim() !== '') props.onCount(typed);
        }}
      />
      {wrong && (
        <p role="alert" className="text-xs text-brick">
          A whole number from {props.min} to {props.max}.
        </p>
      )}
    </div>
  );
}

function Calls(props: { label: string; value: string; onCalls: (calls: string) => void }) {
  const say = useSay();
  const draw = () =>
    drawCalls(Math.max(2, props.value.length), Math.floor(Math.random() * 1e9))
      .then((drawn) => props.onCalls(drawn.calls))
      .catch(say.failed);
  return (
    <div className="flex items-end gap-2">
      <div className="w-40">
        <TextField
          label={`${props.label}: R L S U`}
          value={props.value}
          maxLength={6}
          onChange={(e) => props.onCalls(e.target.value.toUpperCase())}
        />
      </div>
      <Button onClick={() => void draw()}>Draw at random</Button>
    </div>
  );
}
