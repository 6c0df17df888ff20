import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useDay, useDayLink, type Day } from '../day';
import { useAddress } from '../../shared/address';
import { together, useReading } from '../../shared/http';
import { Loading, NotHere, Select } from '../../shared/ui';
import { useDrills, useDrillMastery, type Catalogue, type RiderDrills } from './api';
import { BringDrills } from './BringDrills';
import { DrillEditor } from './DrillEditor';
import { DrillSheet } from './DrillSheet';
import { Legend, Stages } from './Stages';

/** All drills as stages, with where the day's riders stand on them. */
export function DrillsTab() {
  const all = together(useReading(useDrills()), useDay());
  return <Loading of={all}>{([catalogue, { day }]) => <OfDay catalogue={catalogue} day={day} />}</Loading>;
}

function OfDay({ catalogue, day }: { catalogue: Catalogue; day: Day | undefined }) {
  const standings = useReading(useDrillMastery(day?.riders ?? []));
  return <Loading of={standings}>{(riders) => <Shown catalogue={catalogue} riders={riders} />}</Loading>;
}

function Shown({ catalogue, riders }: { catalogue: Catalogue; riders: RiderDrills[] }) {
  const { drillId } = useParams();
  const link = useDayLink();
  const [address, setAddress] = useAddress();
  const who = address.get('rider');
  const [editing, setEditing] = useState<'change' | 'copy'>();
  const one = riders.find((r) => String(r.riderId) === who);
  const shown = one ? [one] : riders;
  const stored = catalogue.drills.find((d) => d.drill.id === drillId);
  if (drillId !== undefined && stored === undefined) {
    return (
      <NotHere what="drill">
        <Link to={link('/lesson/drills')}>All drills.</Link>
      </NotHere>
    );
  }
  if (stored && editing) {
    return (
      <DrillEditor
        key={`${stored.drill.id}/${editing}`}
        stored={stored}
        as={editing}
        catalogue={catalogue}
        onDone={() => setEditing(undefined)}
      />
    );
  }
  return (
    <div className="flex flex-col gap-3 px-6 py-3 max-sm:px-3">
      <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <Legend group={shown.length > 1} />
        {riders.length > 0 && (
          <Select
            label="Standing of"
            value={one ? String(one.riderId) : ''}
            options={[
              { value: '', label: 'Everyone of the day' },
              ...riders.map((r) => ({ value: String(r.riderId), label: `${r.riderName}, ${r.machineName}` })),
            ]}
            onChoose={(v) => setAddress('rider', v)}
          />
        )}
      </div>
      {stored && (
        <DrillSheet
          key={stored.drill.id}
          stored={stored}
          catalogue={catalogue}
          riders={shown}
          onChange={() => setEditing('change')}
          onCopy={() => setEditing('copy')}
        />
      )}
      <Stages catalogue={catalogue} riders={shown} chosen={drillId} />
      <BringDrills />
    </div>
  );
}
