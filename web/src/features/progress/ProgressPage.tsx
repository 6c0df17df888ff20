import { Link, useNavigate, useParams } from 'react-router';
import { useDay, useDayLink } from '../day';
import { LEVELS, useRiders, type Rider } from '../rider';
import { chosen, usePart } from '../../shared/address';
import { together, useReading } from '../../shared/http';
import { Downloads, Loading, NotHere, Select, Toggle } from '../../shared/ui';
import { useProgress, type Progress } from './api';
import type { Scale } from './chart';
import { CompareDays } from './CompareDays';
import { filtered } from './filter';
import { LaneChart } from './LaneChart';
import { ProgressTabs } from './ProgressTabs';
import { Ridden } from './Ridden';
import { RunTable } from './RunTable';
import { Filters, Legend } from './Shown';
import { Summary } from './Summary';

/** One rider over all days: the lane narrows. */
export default function ProgressPage() {
  const all = together(useReading(useRiders()), useDay());
  return (
    <Loading of={all}>
      {([riders, { day }]) => <Chosen riders={riders} first={day?.riders[0]?.riderId} />}
    </Loading>
  );
}

function Chosen({ riders, first }: { riders: Rider[]; first: number | undefined }) {
  const { riderId } = useParams();
  const link = useDayLink();
  const { one: rider, missing } = chosen(riders, riderId, riders.find((r) => r.id === first) ?? riders[0]);
  if (missing) {
    return (
      <NotHere what="rider">
        <Link to={link('/progress')}>Progress of the day’s first.</Link>
      </NotHere>
    );
  }
  if (rider === undefined) {
    return (
      <div className="m-6 max-w-xl">
        <h1 className="mb-3">Progress</h1>
        <p>
          Each rider’s lane narrows here as they improve.{' '}
          <Link to={link('/riders/new')}>Describe the first rider.</Link>
        </p>
      </div>
    );
  }
  return <OfRider key={rider.id} rider={rider} riders={riders} />;
}

function OfRider({ rider, riders }: { rider: Rider; riders: Rider[] }) {
  const [chosen, setKind] = usePart('kind');
  return (
    <Loading of={useReading(useProgress(rider.id, chosen ?? undefined))}>
      {(p) => <Shown rider={rider} riders={riders} progress={p} onKind={setKind} />}
    </Loading>
  );
}

function Shown(props: { rider: Rider; riders: Rider[]; progress: Progress; onKind: (kind: string) => void }) {
  const { rider, riders, progress } = props;
  const setting = progress.settingLabel.toLowerCase();
  const [said, setScale] = usePart('scale');
  const scale: Scale = said === 'difficulty' ? 'difficulty' : 'metres';
  const [machine, setMachine] = usePart('machine');
  const [course, setCourse] = usePart('course');
  const filter = { machine: machine ?? '', course: course ?? '' };
  const shown = filtered(progress, filter);
  const navigate = useNavigate();
  const link = useDayLink();
  return (
    <div className="flex flex-1 flex-col">
      <ProgressTabs here="rider" />
      <div className="grid flex-1 grid-cols-1 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <section className="flex min-w-0 flex-col gap-3 px-6 py-4">
          <div className="flex flex-wrap items-end justify-between gap-3">
            <div>
              <h2 className="text-2xl">{rider.name}</h2>
              <p className="text-soft">
                {[progress.machineName, LEVELS[rider.level], !progress.straight && `${setting} ridden`]
                  .filter(Boolean)
                  .join(' · ')}
              </p>
            </div>
            <div className="flex flex-wrap items-end gap-3">
              {progress.kinds.length > 1 && (
                <Select
                  label="Kind"
                  value={progress.kind}
                  options={progress.kinds.map((k) => ({ value: k.kind, label: k.label }))}
                  onChoose={props.onKind}
                />
              )}
              <Filters progress={progress} filter={filter} onMachine={setMachine} onCourse={setCourse} />
              {!progress.straight && (
                <Toggle
                  label="Show as"
                  value={scale}
                  options={[
                    { value: 'metres', label: setting },
                    { value: 'difficulty', label: 'difficulty' },
                  ]}
                  onChoose={setScale}
                />
              )}
              <Select
                label="Rider"
                value={String(rider.id)}
                options={riders
                  .filter((r) => !r.archived || r.id === rider.id)
                  .map((r) => ({ value: String(r.id), label: r.name }))}
                onChoose={(id) => void navigate(link(`/progress/${id}`))}
              />
            </div>
          </div>
          {progress.days.length === 0 ? (
            <p>
              No runs yet. <Link to={link(`/range/${rider.id}`)}>Log the first on Range.</Link>
            </p>
          ) : progress.straight ? (
            <>
              <RunTable progress={shown} />
              <Downloads pdf={`/api/riders/${rider.id}/report.pdf?kind=${progress.kind}`} />
            </>
          ) : (
            <>
              {shown.days.some((d) => d.runs.length > 0) ? (
                <LaneChart progress={shown} scale={scale} />
              ) : (
                <p>No run on this machine and course together.</p>
              )}
              <Legend />
              <CompareDays progress={progress} />
              <RunTable progress={shown} />
              <Downloads pdf={`/api/riders/${rider.id}/report.pdf?kind=${progress.kind}`} />
            </>
          )}
          <Ridden rider={rider} />
        </section>
        <Summary progress={progress} />
      </div>
    </div>
  );
}
