import { Button } from '../../shared/ui';
import { usePocket } from '../setup';
import type { Outbox } from './outbox';

/** Says plainly what is saved on this device and what on the server. */
export function Saved(props: { box: Outbox; keeping: boolean; reached: boolean; dismiss: () => void }) {
  const { waiting, refused } = props.box;
  const pocket = usePocket();
  if (refused.length > 0) {
    return (
      <div role="alert" className="border-l-4 border-brick bg-panel px-3 py-1">
        Not taken by the server: {refused[0]?.message}{' '}
        <Button kind="quiet" onClick={props.dismiss}>
          Dismiss
        </Button>
      </div>
    );
  }
  if (props.keeping) return <span className="text-soft">Saving …</span>;
  if (waiting.length === 0) {
    return props.reached ? (
      <span className="text-moss">
        <span>All saved on the server</span>
        {pocket === 'ready' && <span>, ready for offline</span>}
      </span>
    ) : (
      <span className="text-ochre">The server is out of reach; what you log is kept on this device</span>
    );
  }
  return (
    <span className="text-ochre">
      {waiting.length} saved on this device
      {props.reached ? ', on the way to the server' : '; the server is out of reach'}
    </span>
  );
}
