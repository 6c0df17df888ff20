import { useNavigate } from 'react-router';
import { useDayLink } from '../day';
import { useSay } from '../../shared/ui';
import { useImportDrills } from './api';

/** Drills as files: all of them to take away, others to bring in. */
export function BringDrills() {
  const bring = useImportDrills();
  const say = useSay();
  const navigate = useNavigate();
  const link = useDayLink();
  const read = async (file: File) => {
    bring.mutate(await file.text(), {
      onSuccess: (drills) => {
        say.done(drills.length === 1 ? 'One drill came in.' : `${drills.length} drills came in.`);
        const first = drills[0];
        if (drills.length === 1 && first) void navigate(link(`/lesson/drills/${first.drill.id}`));
      },
      onError: say.failed,
    });
  };
  return (
    <div className="no-print flex flex-wrap items-baseline gap-x-6 gap-y-2 border-t border-rule pt-2">
      <a href="/api/drills/export.json" download>
        Download all drills
      </a>
      <label className="flex flex-wrap items-baseline gap-2">
        <span className="text-soft">Import drills from a file. A drill with the same id is replaced:</span>
        <input
          type="file"
          accept="application/json,.json"
          disabled={bring.isPending}
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = '';
            if (file !== undefined) void read(file);
          }}
        />
      </label>
    </div>
  );
}
