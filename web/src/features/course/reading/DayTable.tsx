import { Chevron } from '../../../shared/ui';
import { sayLength, difficultyText, usePreferences } from '../../../shared/units';
import { restsOn, share } from '../../sizes';
import type { PairFit, SideFit } from '../api';
import { ANSWERS } from '../model';
import type { Pair } from '../pairs';
import { useChances, type Chance } from './useChances';

/** Everyone of the day in one table, so that one course can be judged for the whole group. */
export function DayTable(props: {
  kind: string;
  /** Missing while nothing of the table is known. */
  fits: PairFit[] | undefined;
  /** Whether a turn to either side is another course. */
  sided: boolean;
  inOrder: Pair[];
  chosen: string | undefined;
  stale: boolean;
  onChoose: (key: string) => void;
}) {
  const { system } = usePreferences();
  const unit = system === 'METRIC' ? ', m' : '';
  const clearance = system === 'METRIC' ? 'w-20' : 'w-21';
  const fits = props.fits ?? [];
  const sides = fits.length === 0 ? props.sided : fits.some((f) => f.mirrored !== undefined);
  const chances = useChances(props.kind, fits, props.inOrder);
  return (
    // Columns keep their width while figures come in, so that no name wraps anew.
    <table
      className={`table-plain table-fixed text-sm ${props.stale ? 'opacity-50' : ''}`}
      aria-busy={props.stale}
    >
      <caption className="sr-only">Everyone of the day</caption>
      <thead>
        <tr>
          <th>Machine, rider</th>
          <th className="w-18 text-right!">Difficulty</th>
          <th className={`${clearance} text-right!`}>
            {sides && <Chevron side="LEFT" size={10} />} Clearance{unit}
          </th>
          {sides && (
            <th className={`${clearance} text-right!`}>
              <Chevron side="RIGHT" size={10} /> Clearance{unit}
            </th>
          )}
          <th className="w-19">Verdict</th>
        </tr>
      </thead>
      <tbody>
        {props.inOrder.map((p, at) => (
          <Row
            key={p.key}
            pair={p}
            fit={fits[at]}
            chance={chances.get(p.key)}
            clearances={sides ? 2 : 1}
            chosen={p.key === props.chosen}
            onChoose={props.onChoose}
          />
        ))}
      </tbody>
    </table>
  );
}

function Row(props: {
  pair: Pair;
  /** Missing while nothing is known. */
  fit: PairFit | undefined;
  /** Of a clean run; missing while it is not known. */
  chance: Chance | undefined;
  clearances: number;
  chosen: boolean;
  onChoose: (key: string) => void;
}) {
  const { pair, fit, chosen } = props;
  const sides = [fit?.asSet, fit?.mirrored].filter((s) => s !== undefined);
  const ordered = sides.length === 1 ? sides : sides.toSorted((a) => (a.side === 'LEFT' ? -1 : 1));
  const answer = fit?.answer && ANSWERS[fit.answer];
  return (
    // As tall as it becomes, so that nothing below moves when a chance is known.
    <tr className={`${pair.rider ? 'h-[5.15rem]' : ''} ${chosen ? 'bg-page' : ''}`}>
      <td>
        <button
          type="button"
          aria-pressed={chosen}
          className="text-left wrap-anywhere hover:underline"
          onClick={() => props.onChoose(pair.key)}
        >
          <span className={chosen ? 'font-semibold' : ''}>{pair.machine.name}</span>
          {pair.rider && <span className="block text-sm text-soft">{pair.rider.name}</span>}
        </button>
      </td>
      <td className="figures text-right">
        {fit?.difficulty === undefined && !(fit?.finished && fit.ladder)
          ? '…'
          : difficultyText(fit.difficulty)}
      </td>
      {ordered.map((s) => (
        <ClearanceCell key={s.side} fit={s} />
      ))}
      {Array.from({ length: props.clearances - ordered.length }, (_, i) => (
        <td key={i} className="figures text-right">
          …
        </td>
      ))}
      <td className={`font-semibold ${answer?.tone ?? 'text-soft'}`}>
        <span className="whitespace-nowrap">{answer?.word ?? '…'}</span>
        {props.chance && <OwnChance of={props.chance} />}
      </td>
    </tr>
  );
}

/** The rider's own chance of a clean run in percent, with its band: an estimate; without runs it says what it rests on. */
function OwnChance({ of }: { of: Chance }) {
  return (
    <span className="block text-xs font-normal text-soft">
      <span className="whitespace-nowrap">
        chance <span className="figures">{share(of.chance)}</span> %
      </span>
      <span className="block">
        {of.runs === 0 ? (
          restsOn(of)
        ) : (
          <span className="figures whitespace-nowrap">
            {share(of.low)} to {share(of.high)} %
          </span>
        )}
      </span>
    </span>
  );
}

function ClearanceCell({ fit }: { fit: SideFit }) {
  const { system } = usePreferences();
  return (
    <td className="figures text-right whitespace-nowrap">
      {fit.spareCapped ? '> ' : ''}
      {sayLength(fit.spareMetres, system).figure}
    </td>
  );
}
