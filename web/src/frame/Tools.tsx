import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { overNetwork, useAbout, useReach, useSignedOut } from '../shared/http';
import { Popup, Toggle } from '../shared/ui';
import { clockTime, usePreferences } from '../shared/units';
import { openNewerVersion, useNewerVersion, useOpensAlone } from '../worker';

const TOOL =
  'rounded-sm border border-rule bg-panel px-2.5 py-1 text-sm whitespace-nowrap hover:border-ink max-sm:px-1.5';

/** Of what the header says beside its buttons. */
export const LABEL = 'border px-2 py-1 text-sm whitespace-nowrap max-sm:px-1';

/** What matters more than that riders are simulated, where a phone has room for one of the two. */
const URGENT = 'urgent';

/** Says that riders and runs are simulated, where they are. */
export function DemoLabel() {
  const about = useAbout();
  return about.data?.demo ? (
    <span className={`${LABEL} border-dashed border-ochre text-ochre max-sm:[.urgent~&]:hidden`}>
      Demo<span className="max-sm:sr-only">: simulated riders</span>
    </span>
  ) : null;
}

/** Says that the server is out of reach, and since when nothing newer is shown. */
export function ReachLabel() {
  const { gone, since } = useReach();
  if (!gone) return null;
  const at = since === undefined ? undefined : new Date(since);
  return (
    <span role="status" className={`${URGENT} ${LABEL} border-brick text-brick`}>
      Out of reach
      {at !== undefined && !Number.isNaN(at.getTime()) && (
        <span className="max-sm:sr-only">: as read {clockTime(at.getTime())}</span>
      )}
    </span>
  );
}

/** Says on a device of the network that it cannot open the app out of reach, with the way to what helps. */
export function KeepOpenLabel() {
  const opens = useOpensAlone();
  const signedOut = useSignedOut();
  const { gone } = useReach();
  // While it is out of reach that is said instead.
  if (!overNetwork() || opens !== false || signedOut || gone) return null;
  return (
    <Link to="/phone" className={`${URGENT} ${LABEL} border-dashed border-ochre text-ochre`}>
      Keep open
    </Link>
  );
}

/** Says that a newer version of the app is there; it is opened when somebody presses, what is typed is kept. */
export function NewerLabel() {
  const isNewer = useNewerVersion();
  return isNewer ? (
    <button
      type="button"
      className={`${URGENT} ${LABEL} rounded-sm border-steel text-steel`}
      onClick={openNewerVersion}
    >
      New version<span className="max-sm:sr-only">: open it</span>
    </button>
  ) : null;
}

/** How lengths and speeds are read, and which thumb taps. */
export function Units() {
  const { system, speed, hand, change } = usePreferences();
  const client = useQueryClient();
  return (
    <Popup
      button={{
        className: TOOL,
        children: (
          <>
            <span className="sr-only">Units: </span>
            {system === 'METRIC' ? 'm' : 'ft'} · {speed}
          </>
        ),
      }}
      label="Units"
      align="end"
      className="grid gap-3 p-4"
    >
      <Toggle
        label="Lengths"
        value={system}
        options={[
          { value: 'METRIC', label: 'm' },
          { value: 'IMPERIAL', label: 'ft, in' },
        ]}
        onChoose={(v) => {
          change({ system: v });
          // Whatever sentence came in the other units comes again.
          void client.invalidateQueries();
        }}
      />
      <Toggle
        label="Speeds"
        value={speed}
        options={[
          { value: 'km/h', label: 'km/h' },
          { value: 'mph', label: 'mph' },
        ]}
        onChoose={(v) => change({ speed: v })}
      />
      <Toggle
        label="Thumb on Range"
        value={hand}
        options={[
          { value: 'left', label: 'left' },
          { value: 'right', label: 'right' },
        ]}
        onChoose={(v) => change({ hand: v })}
      />
    </Popup>
  );
}

/** Paper, or sun: black on white with thick strokes. */
export function Light() {
  const { light, change } = usePreferences();
  return (
    <button
      type="button"
      className={TOOL}
      aria-label={`Light: ${light}`}
      onClick={() => change({ light: light === 'paper' ? 'sun' : 'paper' })}
    >
      {light === 'paper' ? 'Paper' : 'Sun'}
    </button>
  );
}

const KEYS: [string, string][] = [
  ['1 … 8', 'go to a step'],
  ['0', 'Range: clean run'],
  ['C L G F S T D', 'Range: cone, line, gate, foot, stall, stopped, drop'],
  ['Enter', 'Range: log the faults tapped'],
  ['← →', 'Range: side'],
  ['[ ]', 'Range: wider, smaller'],
  ['N', 'Range: next rider'],
  ['U', 'Range: undo'],
  ['K', 'Range: timer'],
  ['?', 'this list'],
];

/** The list of keys. */
export function Shortcuts(props: { open: boolean; onOpenChange: (open: boolean) => void }) {
  const { keys, change } = usePreferences();
  return (
    <Popup
      held={props}
      // A phone has no keys.
      button={{ className: `${TOOL} max-sm:hidden`, 'aria-label': 'Keys', children: '?' }}
      label="Keys"
      align="end"
      className="p-4"
    >
      <h2 className="mb-2">Keys</h2>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {KEYS.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="figures">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <label className="mt-3 flex items-center gap-2 border-t border-rule pt-3">
        <input type="checkbox" checked={keys} onChange={(e) => change({ keys: e.target.checked })} />
        Single keys do this
      </label>
    </Popup>
  );
}
