import { Select } from '../../shared/ui';
import { METRES_PER_FOOT, readNumber, typedNumber, usePreferences } from '../../shared/units';
import { useState } from 'react';
import type { Measured, Score } from './api';
import { MEASURED } from './marks';
import type { UpNext } from './running';

/** What was measured of the next run, where its drill is marked by a length. */
export function ScorePanel(props: {
  /** What the drill that is ridden is mastered by, where that is no count of clean runs. */
  mark: UpNext['mark'] | undefined;
  score: Score | undefined;
  onScore: (score: Score | undefined) => void;
}) {
  const { mark, score } = props;
  const { system } = usePreferences();
  const feet = system === 'IMPERIAL';
  const unit = feet ? METRES_PER_FOOT : 1;
  const [what, setWhat] = useState<Measured>(score?.measured ?? mark?.measured ?? 'PLANK');
  const [text, setText] = useState(score === undefined ? '' : typedNumber(score.metres / unit, 3));
  const say = (measured: Measured, typed: string) => {
    setWhat(measured);
    setText(typed);
    const n = readNumber(typed);
    props.onScore(n === undefined || n < 0 ? undefined : { measured, metres: n * unit });
  };
  const aim = mark?.measured === what ? mark : undefined;
  return (
    <div className="grid gap-2 border-l-4 border-steel bg-panel px-3 py-2">
      <div className="grid grid-cols-2 gap-3">
        <Select
          label="Measured"
          value={what}
          options={MEASURED.map((m) => ({ value: m.measured, label: m.word }))}
          onChoose={(m) => say(m, text)}
        />
        <label className="block">
          <span className="mb-1 block text-sm text-soft">{feet ? 'Feet' : 'Metres'}</span>
          <input
            className="figures w-full rounded-sm border border-edge bg-page px-2 py-3 text-xl"
            inputMode="decimal"
            value={text}
            onChange={(e) => say(what, e.target.value)}
          />
        </label>
      </div>
      <p className="text-sm text-soft">
        Goes with the next run.
        {aim &&
          ` The drill is mastered at ${typedNumber(aim.target / unit, 2)}${feet ? ' ft' : ' m'} or ${aim.lessIsBetter ? 'less' : 'more'}.`}
      </p>
    </div>
  );
}
