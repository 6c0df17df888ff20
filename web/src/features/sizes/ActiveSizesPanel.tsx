import { useState, type ReactNode } from 'react';
import type { Day } from '../day';
import { LengthField } from '../length';
import { Button } from '../../shared/ui';
import { isSame, lengthText, typedLength, usePreferences } from '../../shared/units';
import { useDaySizes, type RiderOnIt, type SettingsChoice, type DaySizes } from './api';
import { letterOf } from './model';
import { Chance } from './Chance';
import { Setting } from './Setting';
import { ActiveSizesList } from './ActiveSizesList';
import { Untold } from './Untold';
import type { ActiveSizes } from './useActiveSizes';

/** Most settings at once. */
const MOST = 3;

/** What a course stands at, who rides which, and how to change it. */
export function ActiveSizesPanel(props: {
  day: Day;
  courseId: number;
  stands: ActiveSizes;
  /** What else there is to say of what stands. */
  children?: ReactNode;
}) {
  const { day, courseId, stands } = props;
  const [changing, setChanging] = useState<number[]>();
  const shown = changing ?? stands.settings;
  const of = useDaySizes(day.id, courseId, shown);
  return (
    <section
      aria-label="Sizes on the ground"
      className="no-print mb-4 border-l-4 border-steel bg-panel px-4 py-3"
    >
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h2 className="text-lg">Sizes on the ground</h2>
        {changing === undefined ? (
          <>
            <ActiveSizesList settings={stands.settings} />
            <Button onClick={() => setChanging(stands.settings)}>Change sizes</Button>
          </>
        ) : (
          <Change
            of={of.data}
            settings={changing}
            onChange={setChanging}
            onStand={() => {
              stands.stand(changing);
              setChanging(undefined);
            }}
            onLeave={() => setChanging(undefined)}
          />
        )}
      </div>
      {changing === undefined && props.children}
      <Untold stands={stands} />
      {of.data?.findings.map((f) => (
        <p key={f.code} role="alert" className="mt-1 text-brick">
          {f.message}
        </p>
      ))}
      {of.isLoading && day.riders.length > 0 && (
        <p className="mt-2 text-soft">Calculating who rides which…</p>
      )}
      {of.data && day.riders.length > 0 && <WhoRides of={of.data} choice={of.data.stands} />}
    </section>
  );
}

function Change(props: {
  of: DaySizes | undefined;
  settings: number[];
  onChange: (settings: number[]) => void;
  onStand: () => void;
  onLeave: () => void;
}) {
  const { of, settings } = props;
  const { system } = usePreferences();
  const put = (i: number, metres: number) =>
    props.onChange(settings.map((s, at) => (at === i ? metres : s)).toSorted((a, b) => b - a));
  return (
    <div className="grid w-full gap-3">
      {of?.proposal && <Proposal proposal={of.proposal} settings={settings} onTake={props.onChange} />}
      <div className="flex flex-wrap items-start gap-3">
        {settings.map((metres, i) => (
          <div key={i} className="w-60">
            <LengthField
              label={settings.length > 1 ? `Setting ${letterOf(i)}` : (of?.settingLabel ?? 'Setting')}
              value={{ metres, uncertaintyMetres: 0.01, method: 'TAPE', text: typedLength(metres, system) }}
              onRead={(l) => put(i, l.metres)}
            />
            {settings.length > 1 && (
              <Button
                kind="quiet"
                aria-label={`Remove size ${letterOf(i)}`}
                onClick={() => props.onChange(settings.filter((_, at) => at !== i))}
              >
                Remove
              </Button>
            )}
          </div>
        ))}
        {of?.nests === true && settings.length < MOST && (
          <Button
            className="mt-6"
            onClick={() => props.onChange([...settings, (settings.at(-1) ?? 0) - 0.6])}
          >
            One more within
          </Button>
        )}
      </div>
      {of?.nests === false && (
        <p className="text-soft">
          This kind is set up at one size at a time: markers of another size would lie between its own.
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button kind="primary" disabled={(of?.findings.length ?? 1) > 0} onClick={props.onStand}>
          Save sizes
        </Button>
        <Button onClick={props.onLeave}>Cancel</Button>
      </div>
    </div>
  );
}

/** What would serve most of the day's riders. */
function Proposal(props: {
  proposal: SettingsChoice;
  settings: number[];
  onTake: (settings: number[]) => void;
}) {
  const metres = props.proposal.settings.map((s) => s.metres);
  const served = props.proposal.riders.filter((r) => r.settingMetres !== undefined).length;
  const taken =
    metres.length === props.settings.length && metres.every((m, i) => isSame(m, props.settings[i] ?? 0));
  return (
    <p>
      Serves most today: <ActiveSizesList settings={metres} />, {served} of {props.proposal.riders.length}{' '}
      riders.{' '}
      {!taken && (
        <Button kind="quiet" onClick={() => props.onTake(metres)}>
          Take this
        </Button>
      )}
    </p>
  );
}

function WhoRides({ of, choice }: { of: DaySizes; choice: SettingsChoice }) {
  const { system } = usePreferences();
  const say = (metres: number) => lengthText(metres, system);
  return (
    <ul
      aria-label="Who rides which"
      className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(min(17rem,100%),1fr))] gap-x-6"
    >
      {choice.riders.map((r) => (
        <li key={r.riderId} className="flex justify-between gap-3 border-t border-rule py-1">
          <span className="min-w-0">
            <span className="block">{r.riderName}</span>
            <span className="block text-sm text-soft">{r.machineName}</span>
          </span>
          <span className="text-right">
            {r.settingMetres === undefined ? (
              <span className="text-brick">{leftOut(r, of, say)}</span>
            ) : (
              <Setting metres={r.settingMetres} of={choice.settings.map((s) => s.metres)} />
            )}
            {r.chance && (
              <span className="block text-sm">
                <Chance of={r.chance} />
              </span>
            )}
            {r.beginMetres !== undefined && (
              <span className="figures block text-sm whitespace-nowrap text-soft">
                begins at {say(r.beginMetres)}
              </span>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}

/** Why nobody's setting suits a rider, and by how much. */
function leftOut(r: RiderOnIt, of: DaySizes, say: (metres: number) => string): string {
  if (r.offMetres === undefined) return of.unfinished ? 'calculating…' : 'no size on this machine';
  const by = say(Math.abs(r.offMetres));
  return r.offMetres > 0
    ? `too easy: ${by} too wide`
    : `left out: ${by} too tight${of.stands.settings.length > 1 ? ', even the widest' : ''}`;
}
