import { useNavigate } from 'react-router';
import { useDayLink } from '../day';
import { Button, useSay } from '../../shared/ui';
import { useHideDrill, useRestoreDrill, type StoredDrill } from './api';

/** What can be done with a drill: changed, copied, left out, restored or taken away, downloaded. */
export function DrillActions(props: { stored: StoredDrill; onChange: () => void; onCopy: () => void }) {
  const { stored } = props;
  const hide = useHideDrill();
  const restore = useRestoreDrill();
  const say = useSay();
  const navigate = useNavigate();
  const link = useDayLink();
  return (
    <div className="no-print flex flex-wrap items-center gap-2">
      <Button onClick={props.onChange}>Change</Button>
      <Button onClick={props.onCopy}>Duplicate</Button>
      <Button
        onClick={() => hide.mutate({ stored, hidden: !stored.hidden }, { onError: say.failed })}
        disabled={hide.isPending}
      >
        {stored.hidden ? 'Show in lists' : 'Hide'}
      </Button>
      {stored.origin !== 'SHIPPED' && (
        <Button
          disabled={restore.isPending}
          onClick={() => {
            // The drill may be gone from the page by the time it is gone from the server.
            restore.mutateAsync(stored).then(
              () => {
                if (stored.origin === 'OWN') void navigate(link('/lesson/drills'));
                say.done(stored.origin === 'OWN' ? 'Drill deleted.' : 'Restored as it came with the app.');
              },
              (error: unknown) => say.failed(error),
            );
          }}
        >
          {stored.origin === 'OWN' ? 'Delete' : 'Restore'}
        </Button>
      )}
      <a href={`/api/drills/${stored.drill.id}/export.json`} download>
        Download
      </a>
    </div>
  );
}
