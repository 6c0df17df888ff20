import { Button } from '../../shared/ui';
import type { BackTo, RangeView } from './api';
import { GoBack } from './GoBack';
import { WorkOn } from './WorkOn';

/** What comes next for a rider on a side, and why; or what has to be said first. */
export function AdviceBox(props: {
  riderId: number;
  /** Which of the settings that stand is ridden, in metres; missing while that is not known. */
  setting: number | undefined;
  /** Whether it is known which of them suits the rider. */
  placed: boolean;
  advice: RangeView['nextLeft'] | undefined;
  riderSizes: RangeView['riderSizes'] | undefined;
  back: BackTo | undefined;
  /** Whether there are other sizes. */
  laddered: boolean;
  /** Shows what another size takes: 1 is tighter. Missing while it is shown. */
  onMove: ((by: 1 | -1) => void) | undefined;
}) {
  const { setting, advice, riderSizes, back, onMove } = props;
  return (
    <p aria-live="polite" className="min-h-15 border-l-4 border-steel bg-panel px-3 py-1.5">
      {setting === undefined ? (
        <span role="alert" className="text-ochre">
          {props.placed
            ? 'None of these sizes suits this rider. Choose the one ridden.'
            : 'Choose the size ridden.'}
        </span>
      ) : advice ? (
        <>
          <b>{MOVES[advice.move]}</b> {advice.reason}
          {riderSizes && <WorkOn riderSizes={riderSizes} setting={setting} />}
          {back && <GoBack back={back} riderId={props.riderId} />}
          {(advice.move === 'TIGHTEN' || advice.move === 'WIDEN') && onMove && (
            <Button
              className="mt-1.5 block min-h-12"
              disabled={!props.laddered}
              onClick={() => onMove(advice.move === 'TIGHTEN' ? 1 : -1)}
            >
              What moving the cones takes
            </Button>
          )}
        </>
      ) : (
        <span className="text-soft">Advice follows the first run.</span>
      )}
    </p>
  );
}

const MOVES = {
  TIGHTEN: 'Go smaller.',
  HOLD: 'Hold.',
  CUE: 'Say',
  WIDEN: 'Go wider.',
  CHANGE_SIDE: 'Change side.',
  SLOWER: 'Ride it slower.',
} as const;
