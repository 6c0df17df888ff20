import { Chevron } from '../../shared/ui';
import { sayLength, usePreferences } from '../../shared/units';
import type { Fit } from './api';
import { ANSWERS, worse } from './model';
import type { Pair } from './pairs';
import type { Answered } from './useEvaluation';

/** Everyone of the day in one table, so that one box can be judged for the whole group. */
export function DayTable(props: {
  answered: Answered;
  pairs: Pair[];
  inOrder: Pair[];
  onChoose: (key: string) => void;
}) {
  const { system } = usePreferences();
  const { pairs: fits } = props.answered.evaluation;
  const unit = system === 'METRIC' ? ', m' : '';
  return (
    <table className="table-plain text-[0.9rem]">
      <caption className="sr-only">Everyone of the day</caption>
      <thead>
        <tr>
          <th>Machine, rider</th>
          <th className="text-right!">Tight</th>
          <th className="text-right! whitespace-nowrap">
            <Chevron side="LEFT" size={10} /> Room{unit}
          </th>
          <th className="text-right! whitespace-nowrap">
            Room{unit} <Chevron side="RIGHT" size={10} />
          </th>
          <th>Verdict</th>
        </tr>
      </thead>
      <tbody>
        {props.inOrder.map((p) => {
          const at = props.pairs.indexOf(p);
          const fit = fits[at];
          return fit && <Row key={p.key} pair={p} fit={fit} chosen={at === 0} onChoose={props.onChoose} />;
        })}
      </tbody>
    </table>
  );
}

function Row(props: {
  pair: Pair;
  fit: Answered['evaluation']['pairs'][number];
  chosen: boolean;
  onChoose: (key: string) => void;
}) {
  const { pair, fit, chosen } = props;
  const left = fit.asSet.side === 'LEFT' ? fit.asSet : fit.mirrored;
  const right = fit.asSet.side === 'LEFT' ? fit.mirrored : fit.asSet;
  const answer = ANSWERS[worse(fit).answer];
  return (
    <tr className={chosen ? 'bg-page' : ''}>
      <td>
        <button
          type="button"
          aria-pressed={chosen}
          className="text-left hover:underline"
          onClick={() => props.onChoose(pair.key)}
        >
          <span className={chosen ? 'font-semibold' : ''}>{pair.machine.name}</span>
          {pair.rider && <span className="block text-[0.87rem] text-soft">{pair.rider.name}</span>}
        </button>
      </td>
      <td className="figures text-right">{Math.min(left.tightness, right.tightness).toFixed(2)}</td>
      <RoomCell fit={left} />
      <RoomCell fit={right} />
      <td className={`font-semibold whitespace-nowrap ${answer.tone}`}>{answer.word}</td>
    </tr>
  );
}

function RoomCell({ fit }: { fit: Fit }) {
  const { system } = usePreferences();
  return (
    <td className="figures text-right whitespace-nowrap">
      {sayLength(fit.room.metres, system).figure}
      <span className="block text-[0.8rem] text-soft">
        ± {sayLength(fit.room.uncertaintyMetres, system).figure}
      </span>
    </td>
  );
}
